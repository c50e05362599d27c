package elsko.core.ledger.decision;

import elsko.core.boat.description.WaterUsedIn;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.circuit.CircuitState;
import elsko.core.ledger.circuit.Protection;
import elsko.core.ledger.fact.Procedure;
import java.time.Duration;
import java.time.Instant;

/** Whether salt is left to dry in the engines of a boat that came back. */
public final class FlushDue {
  /** Idle for longer, and it crusts. */
  public static final int MOST_IDLE_DAYS = 3;

  private FlushDue() {}

  /** Whether it was used in salt or brackish water and nobody flushed it since. */
  public static boolean is(BoatState state) {
    return state.backAt() != null
        && state.boat().description().waterUsedIn() != WaterUsedIn.FRESH
        && state.circuits().stream().anyMatch(FlushDue::holdsWaterOfAnEngine)
        && !wasFlushedSince(state);
  }

  private static boolean holdsWaterOfAnEngine(CircuitState circuit) {
    boolean water =
        circuit.protection() == Protection.IN_SERVICE || circuit.protection() == Protection.WET;
    return water && circuit.circuit().isRawWater() && circuit.circuit().engine() != null;
  }

  /** The same in a sentence; empty when it is not due. */
  public static String words(BoatState state, Instant now) {
    if (!is(state)) {
      return "";
    }
    long days = Duration.between(state.backAt(), now).toDays();
    return days < MOST_IDLE_DAYS
        ? "Back from %s: flush it before it stands %d days.".formatted(water(state), MOST_IDLE_DAYS)
        : "Back from %s %d days ago and not flushed since: flush it now."
            .formatted(water(state), days);
  }

  /** "Salt water". */
  static String water(BoatState state) {
    return state.boat().description().waterUsedIn() == WaterUsedIn.SALT
        ? "salt water"
        : "brackish water";
  }

  private static boolean wasFlushedSince(BoatState state) {
    return state.cards().stream()
        .filter(card -> card.procedure() == Procedure.FLUSH && card.isClosed())
        .map(card -> card.step(Procedure.FLUSH.lastStep()).at())
        .anyMatch(at -> at.isAfter(state.backAt()));
  }
}
