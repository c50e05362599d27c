package elsko.core.ledger;

import elsko.core.ledger.circuit.CircuitState;
import elsko.core.ledger.engine.ServiceRecords;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Procedure;
import java.time.Instant;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;

/**
 * How far a card has come.
 *
 * @param choices the method or variant chosen, by circuit key
 * @param heldBy who works on it now
 * @param handOver the last time somebody stopped and another went on; null when nobody did
 * @param before how the boat stood when it was opened
 * @param steps by step key, only those something was said about
 */
public record CardProgress(
    UUID card,
    Procedure procedure,
    Map<String, String> choices,
    String openedBy,
    Instant openedAt,
    String heldBy,
    HandOver handOver,
    Before before,
    Map<String, StepProgress> steps) {

  /**
   * Somebody stopped here, another goes on.
   *
   * @param note what they should know; may be empty
   */
  public record HandOver(String from, String to, String note, Instant at) {}

  /**
   * How the boat stood when the card was opened: what a card brings back is decided then, so that
   * nothing vanishes from it by being done.
   *
   * @param loose keys of the fittings that were loose ends
   * @param filled L that went into the circuits that held antifreeze, by circuit key
   * @param services what the log said of all that falls due
   * @param frosted keys of the circuits that frost may have broken
   */
  public record Before(
      Set<String> loose,
      Map<String, Double> filled,
      ServiceRecords services,
      List<String> frosted) {
    public Before(Set<String> loose, Map<String, Double> filled, ServiceRecords services) {
      this(loose, filled, services, List.of());
    }
  }

  /** A card that nobody has opened, as it would be written. */
  public static CardProgress notOpened(Procedure procedure, Map<String, String> choices) {
    return new CardProgress(
        new UUID(0, 0),
        procedure,
        choices,
        "",
        null,
        "",
        null,
        new Before(Set.of(), Map.of(), ServiceRecords.NONE),
        Map.of());
  }

  /** A card as it would stand if it were opened on a boat now. */
  public static CardProgress openedNow(
      BoatState state, Procedure procedure, Map<String, String> choices, Instant at) {
    Set<String> loose = new HashSet<>();
    state.looseEnds().forEach(end -> loose.add(end.fitting().key()));
    Map<String, Double> filled = new HashMap<>();
    for (CircuitState circuit : state.circuits()) {
      if (circuit.contents().containsValue(CircuitState.Content.ANTIFREEZE)) {
        filled.put(circuit.circuit().key(), circuit.litersUsed());
      }
    }
    return new CardProgress(
        new UUID(0, 0),
        procedure,
        choices,
        "",
        at,
        "",
        null,
        new Before(Set.copyOf(loose), Map.copyOf(filled), state.services()),
        Map.of());
  }

  /** Whether a step is open, done or skipped. */
  public enum Standing {
    OPEN,
    DONE,
    SKIPPED
  }

  /**
   * What was said about one step.
   *
   * @param by who did or skipped it; null while open
   * @param reason why it was skipped; empty otherwise
   * @param entries all that was entered at it, oldest first
   */
  public record StepProgress(
      Standing standing, String by, Instant at, String reason, List<Entry> entries) {
    static final StepProgress OPEN = new StepProgress(Standing.OPEN, null, null, "", List.of());
  }

  public StepProgress step(String key) {
    return steps.getOrDefault(key, StepProgress.OPEN);
  }

  public boolean isSettled(String key) {
    return step(key).standing() != Standing.OPEN;
  }

  /** Closed, or given up: nothing is left to do on it. */
  public boolean isClosed() {
    return isSettled(procedure.lastStep());
  }
}
