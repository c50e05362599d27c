package elsko.core.ledger;

/** What was seen at a low point when it was opened. */
public enum Seen {
  RAN_CLEAR("ran clear"),
  RAN_AFTER_RODDING("ran after rodding"),
  DRY("looked at and dry"),
  DID_NOT_RUN("did not run");

  private final String words;

  Seen(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  public boolean isEmpty() {
    return this != DID_NOT_RUN;
  }
}
