package elsko.core.ledger;

/** A school of winterizing a raw-water circuit. */
public enum Method {
  DRY("drain and leave dry"),
  POUR("drain, then pour in from the top"),
  DRAW("drain, then draw through");

  private final String words;

  Method(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
