package elsko.core.ledger;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * How far a card has come.
 *
 * @param heldBy who works on it now
 * @param steps by step key, only those something was said about
 */
public record CardProgress(
    UUID card,
    Method method,
    String openedBy,
    Instant openedAt,
    String heldBy,
    Map<String, StepProgress> steps) {

  /** Key of the step that ends every winterizing card. */
  public static final String LAST_STEP = "close";

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
    return isSettled(LAST_STEP);
  }
}
