package elsko.core.ledger;

import java.time.Instant;

/** When the entry that is being folded in happened. */
final class LogTime {
  private Instant at = Instant.EPOCH;

  void set(Instant now) {
    at = now;
  }

  Instant at() {
    return at;
  }
}
