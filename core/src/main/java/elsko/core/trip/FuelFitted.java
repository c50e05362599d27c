package elsko.core.trip;

import elsko.core.Refused;
import elsko.core.boat.path.Position;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What a boat burns and out of which tanks.
 *
 * @param litersPerHour at the usual speed, by engine; a generator burns too, L/h
 * @param speedKn the usual one, kn; null when nobody has said
 */
public record FuelFitted(
    List<FittedTank> tanks, Map<Position, Double> litersPerHour, @Nullable Double speedKn) {
  private static final int MOST_TANKS = 4;

  /**
   * A tank.
   *
   * @param name "port tank"; may be empty when there is only one
   * @param capacityLiters full, L
   * @param unusableLiters what nothing can draw, L; null: a tenth of the capacity
   * @param feeds what draws from it
   */
  public record FittedTank(
      String name, double capacityLiters, @Nullable Double unusableLiters, Set<Position> feeds) {
    private static final int LONGEST_NAME = 40;

    public FittedTank {
      name = name == null ? "" : name.strip();
      if (name.length() > LONGEST_NAME) {
        throw Refused.value("name", "At most 40 characters.");
      }
      feeds = feeds == null ? Set.of() : Set.copyOf(feeds);
      new Tank(name, capacityLiters, 0, unusableLiters, 1);
    }
  }

  public FuelFitted {
    tanks = tanks == null ? List.of() : List.copyOf(tanks);
    if (tanks.isEmpty() || tanks.size() > MOST_TANKS) {
      throw Refused.value("tanks", "Give 1 to 4 tanks.");
    }
    litersPerHour = litersPerHour == null ? Map.of() : Map.copyOf(litersPerHour);
    if (litersPerHour.isEmpty()) {
      throw Refused.value("litersPerHour", "Say what each engine burns.");
    }
    if (speedKn != null) {
      Refused.within("speedKn", speedKn, 0.5, 60, " kn");
    }
    for (Map.Entry<Position, Double> burns : litersPerHour.entrySet()) {
      Refused.within(
          "litersPerHour.%s".formatted(burns.getKey()), burns.getValue(), 0.1, 2_000, " L/h");
      long fedBy = tanks.stream().filter(tank -> tank.feeds().contains(burns.getKey())).count();
      if (fedBy != 1) {
        throw Refused.value(
            "tanks", "Say which one tank the %s draws from.".formatted(burns.getKey().words()));
      }
    }
    for (int i = 0; i < tanks.size(); i++) {
      if (tanks.get(i).feeds().stream().noneMatch(litersPerHour::containsKey)) {
        throw Refused.value("tanks[%d].feeds".formatted(i), "Say what draws from it.");
      }
    }
  }

  /**
   * The tanks as their gauges stand.
   *
   * @param gaugePercent of each, in their order, % of its capacity
   */
  public List<Tank> at(List<Double> gaugePercent) {
    if (gaugePercent == null || gaugePercent.size() != tanks.size()) {
      throw Refused.value("gaugePercent", "Read the gauge of each tank.");
    }
    List<Tank> at = new ArrayList<>();
    for (int i = 0; i < tanks.size(); i++) {
      FittedTank tank = tanks.get(i);
      Double percent = gaugePercent.get(i);
      if (percent == null || !(percent >= 0) || percent > 100) {
        throw Refused.value("gaugePercent[%d]".formatted(i), "From 0 to 100 %.");
      }
      at.add(
          new Tank(tank.name(), tank.capacityLiters(), percent, tank.unusableLiters(), burn(tank)));
    }
    return at;
  }

  /** What all that draws from a tank burns together, L/h. */
  public double burn(FittedTank tank) {
    Map<Position, Double> all = new EnumMap<>(litersPerHour);
    return all.entrySet().stream()
        .filter(burns -> tank.feeds().contains(burns.getKey()))
        .mapToDouble(Map.Entry::getValue)
        .sum();
  }
}
