package elsko.core.ledger.circuit;

import java.time.Instant;

/** When the entry that is being folded in happened. */
public final class LogTime {
  private Instant at = Instant.EPOCH;

  public void set(Instant now) {
    at = now;
  }

  public Instant at() {
    return at;
  }

  /** The moment a log is judged at: its last entry's, where the rules do not say. */
  Instant judgedAt(ProofRules rules) {
    return rules.asOf() == null ? at : rules.asOf();
  }
}
