package elsko.core.ledger.fact;

/** What makes a start allowed. */
public enum StartBasis {
  /** Afloat, and every seacock on the path is open; a path without one counts as open. */
  AFLOAT("afloat"),
  /** A feed is connected and ready. */
  FED("on its feed"),
  /** Strainer brim-full and sealed, seacock shut, opened within 15 s of firing. */
  PRIMED("on its full strainer"),
  /** Only turned, seacock shut on purpose, opened within 15 s of firing. */
  CRANK_SHUT("turned with the seacock shut"),
  /** Every drain OUT, at most 3 s, once, to throw the rest of the water out. */
  KICK("kicked");

  private final String words;

  StartBasis(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** Whether the engine goes on running after it. */
  public boolean keepsRunning() {
    return this != KICK && this != CRANK_SHUT;
  }
}
