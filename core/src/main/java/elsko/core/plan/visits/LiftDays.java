package elsko.core.plan.visits;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;

/**
 * The order in which the lift puts boats in: of those that are ready, whoever was promised first
 * goes first, so many a day. That order keeps the latest of them as little late as can be.
 */
public final class LiftDays {
  private LiftDays() {}

  /**
   * A boat that waits for the lift.
   *
   * @param promisedOn null when nothing was promised
   * @param ready only what is seen to at the lift stands between it and the water
   */
  public record Waiting(UUID boat, String name, LocalDate promisedOn, boolean ready) {}

  /**
   * When the lift puts a boat in.
   *
   * @param lifted the day; null while it is not ready
   * @param place its place in that day's order, from 1; 0 while it is not ready
   * @param daysLate after what was promised; 0 when in time, or nothing was promised
   */
  public record Slot(UUID boat, LocalDate lifted, int place, int daysLate) {}

  /**
   * The slots, in the order boats go in; those that are not ready come last, by promise.
   *
   * @param lifts most in a day, at least 1
   */
  public static List<Slot> of(List<Waiting> waiting, LocalDate today, int lifts) {
    List<Waiting> order = new ArrayList<>(waiting);
    order.sort(
        Comparator.comparing(Waiting::ready)
            .reversed()
            .thenComparing(Waiting::promisedOn, Comparator.nullsLast(Comparator.naturalOrder()))
            .thenComparing(Waiting::name));
    List<Slot> slots = new ArrayList<>();
    int taken = 0;
    for (Waiting boat : order) {
      LocalDate day = boat.ready() ? today.plusDays(taken / lifts) : null;
      int place = boat.ready() ? taken % lifts + 1 : 0;
      slots.add(new Slot(boat.boat(), day, place, late(boat, day == null ? today : day)));
      if (boat.ready()) {
        taken++;
      }
    }
    return List.copyOf(slots);
  }

  private static int late(Waiting boat, LocalDate day) {
    return boat.promisedOn() == null
        ? 0
        : (int) Math.max(0, day.toEpochDay() - boat.promisedOn().toEpochDay());
  }
}
