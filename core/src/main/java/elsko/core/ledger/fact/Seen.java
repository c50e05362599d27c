package elsko.core.ledger.fact;

/** What was seen at a low point when it was opened. */
public enum Seen {
  RAN_CLEAR("ran clear"),
  RAN_AFTER_RODDING("ran after rodding"),
  /** Nothing came, and nothing can: a rod and air get to the cavity, or one looks into it. */
  ROD_AND_AIR("dry: rod and air pass"),
  /** Nothing came. That tells an empty segment only where it was empty before. */
  DRY("looked at and dry"),
  DID_NOT_RUN("did not run"),
  /** A hose that would not come off: nobody could look. */
  WOULD_NOT_COME_OFF("would not come off");

  private final String words;

  Seen(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** Whether what was behind it is out, or was. */
  public boolean isEmpty() {
    return this != DID_NOT_RUN && this != WOULD_NOT_COME_OFF;
  }
}
