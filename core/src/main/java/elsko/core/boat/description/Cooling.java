package elsko.core.boat.description;

/** What cools an engine. */
public enum Cooling {
  /** Raw water runs through the block. */
  RAW_WATER("raw water through the block"),
  /** A coolant side and a heat exchanger; raw water only in exchanger, coolers and exhaust. */
  CLOSED("closed, with a heat exchanger"),
  AIR("air");

  private final String words;

  Cooling(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
