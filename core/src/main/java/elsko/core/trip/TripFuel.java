package elsko.core.trip;

import elsko.core.Judged;
import elsko.core.Quantity;
import elsko.core.Refused;
import elsko.core.Text;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Whether there is enough fuel for a trip, each tank judged for what draws from it.
 *
 * @param go every tank has enough
 */
public record TripFuel(boolean go, List<OfTank> tanks) {

  /**
   * One tank.
   *
   * @param burntLiters on the whole trip, L
   * @param neededLiters what has to be usable by the school, L
   * @param usableLiters what is, L
   * @param leftLiters usable at the end; below 0 when it does not last, L
   * @param addLiters to be filled in first; 0 when there is enough, L
   * @param refuelOnTheWay what is needed is more than the tank can hold
   * @param turnBackHours how long it may go out and still come back with the reserve, h
   * @param turnBackNm the same as a distance; null without a speed
   */
  public record OfTank(
      String name,
      double burntLiters,
      double neededLiters,
      double usableLiters,
      double leftLiters,
      double addLiters,
      boolean refuelOnTheWay,
      double turnBackHours,
      @Nullable Double turnBackNm,
      Text words) {
    public boolean go() {
      return addLiters == 0;
    }
  }

  /** Judges each tank. Source: the handbook's limits, fuel for a trip. */
  public static TripFuel of(Trip trip, List<Tank> tanks) {
    if (tanks == null || tanks.isEmpty() || tanks.size() > 4) {
      throw Refused.value("tanks", "Give 1 to 4 tanks.");
    }
    List<OfTank> judged = tanks.stream().map(tank -> of(trip, tank)).toList();
    return new TripFuel(judged.stream().allMatch(OfTank::go), judged);
  }

  private static OfTank of(Trip trip, Tank tank) {
    double burnt = tank.litersPerHour() * trip.hours();
    double needed = trip.school().needed(burnt, trip.roundTrip());
    double usable = tank.usable();
    double add = Math.max(0, needed - usable);
    boolean refuel = needed > tank.usableFull();
    double turnBack = usable / trip.school().perOutbound() / tank.litersPerHour();
    return new OfTank(
        tank.name(),
        burnt,
        needed,
        usable,
        usable - burnt,
        add,
        refuel,
        turnBack,
        trip.speedKn() == null ? null : (Double) (turnBack * trip.speedKn()),
        words(add, refuel, usable - burnt));
  }

  private static Text words(double add, boolean refuel, double left) {
    if (add == 0) {
      return Text.of("Enough: %s are left at the end.", Quantity.liters(left));
    }
    return refuel
        ? Text.of(
            "Not enough: it takes more than the tank can hold. Fill up, and refuel on the way.")
        : Text.of("Not enough: add %s.", Judged.litersAtLeast(add));
  }
}
