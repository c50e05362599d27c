package elsko.core.ledger;

import elsko.core.fluid.Need;

/** Follows the coolant of a closed engine through the log: what was read, and what ended that. */
final class CoolantSide {
  private Fact.CoolantRead read;

  /** What went in lies at the filler until a warm run has carried it round. */
  private boolean unmixed;

  private boolean readUnmixed;

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

  void read(Fact.CoolantRead now) {
    read = now;
    readUnmixed = unmixed;
  }

  Fact.CoolantRead last() {
    return read;
  }

  /** Null while nothing that was read holds. */
  CoolantVerdict verdict(Need need) {
    if (read == null) {
      return null;
    }
    return readUnmixed ? CoolantVerdict.unmixed() : CoolantVerdict.of(need, read);
  }
}
