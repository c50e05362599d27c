package elsko.core.ledger.fact;

/** What a card is for. */
public enum Procedure {
  INTAKE("intake", "decide"),
  FLUSH("fresh-water flush", "after-flush"),
  DESCALE("descale", "sea-trial"),
  PUMP("raw-water pump", "accepted"),
  WATER_OUT("water out of the cylinders", "oil-clean"),
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

  /** Whether its card takes up only the engines that were chosen for it. */
  public boolean isOfChosenCircuits() {
    return switch (this) {
      case FLUSH, DESCALE, PUMP, WATER_OUT -> true;
      case INTAKE, LAY_UP_SERVICE, WINTERIZE, COMMISSION -> false;
    };
  }

  /** Whether with its card a boat's lay-up has begun. */
  public boolean beginsALayUp() {
    return this == LAY_UP_SERVICE || this == WINTERIZE;
  }

  /** Key of the step that ends its card. */
  public String lastStep() {
    return lastStep;
  }
}
