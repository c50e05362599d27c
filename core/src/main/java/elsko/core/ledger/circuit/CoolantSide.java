package elsko.core.ledger.circuit;

import elsko.core.ledger.fact.Fact;
import java.time.Instant;
import java.time.ZoneOffset;

/** Follows the coolant of a closed engine through the log: what was read, and what ended that. */
final class CoolantSide {
  /** A reading speaks for no longer than that. */
  private static final int HOLDS_MONTHS = 12;

  private final LogTime time;
  private Fact.CoolantRead read;
  private Instant readAt;

  /** What went in lies at the filler until a warm run has carried it round. */
  private boolean unmixed;

  private boolean readUnmixed;

  /** Commissioned, or never laid up: the next lay-up is another season's. */
  private boolean inSeason = true;

  private boolean readLastSeason;

  CoolantSide(LogTime time) {
    this.time = time;
  }

  /** Water stands in it on purpose, or somebody looked and says that it must go. */
  void forget() {
    read = null;
  }

  /** It was changed, or has to be topped up: what was read before is of another mix. */
  void renewed() {
    read = null;
    unmixed = true;
  }

  void ranWarm() {
    unmixed = false;
  }

  void commissioned() {
    inSeason = true;
  }

  /** The first card of a lay-up is opened. */
  void layUpBegins() {
    readLastSeason |= inSeason;
    inSeason = false;
  }

  void read(Fact.CoolantRead now) {
    read = now;
    readAt = time.at();
    readUnmixed = unmixed;
    readLastSeason = false;
  }

  Fact.CoolantRead last() {
    return read;
  }

  private Instant holdsUntil() {
    return readAt.atZone(ZoneOffset.UTC).plusMonths(HOLDS_MONTHS).toInstant();
  }

  /** Null while nothing that was read holds. */
  CoolantVerdict verdict(ProofRules rules) {
    if (read == null) {
      return null;
    }
    if (readUnmixed) {
      return CoolantVerdict.unmixed();
    }
    if (readLastSeason) {
      return CoolantVerdict.ofAnotherSeason();
    }
    if (!time.judgedAt(rules).isBefore(holdsUntil())) {
      return CoolantVerdict.tooOld();
    }
    return CoolantVerdict.of(rules.need(), read);
  }
}
