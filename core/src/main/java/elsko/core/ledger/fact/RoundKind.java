package elsko.core.ledger.fact;

/** How much is looked at before casting off. */
public enum RoundKind {
  /** What changes from one day to the next. */
  SHORT("short round"),
  /** All of it: the first trip of a season, a long one, or after work on the engine. */
  FULL("full round");

  private final String words;

  RoundKind(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
