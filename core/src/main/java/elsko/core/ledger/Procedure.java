package elsko.core.ledger;

/** What a card is for. */
public enum Procedure {
  INTAKE("intake", "decide"),
  FLUSH("fresh-water flush", "after-flush"),
  DESCALE("descale", "sea-trial"),
  LAY_UP_SERVICE("lay-up service", "service-done"),
  WINTERIZE("winterizing", "close"),
  COMMISSION("spring commissioning", "ready");

  private final String words;
  private final String lastStep;

  Procedure(String words, String lastStep) {
    this.words = words;
    this.lastStep = lastStep;
  }

  public String words() {
    return words;
  }

  /** Whether with its card a boat's lay-up has begun. */
  boolean beginsALayUp() {
    return this == LAY_UP_SERVICE || this == WINTERIZE;
  }

  /** Key of the step that ends its card. */
  public String lastStep() {
    return lastStep;
  }
}
