package elsko.core.boat.path;

/** A school of winterizing a circuit. */
public enum Method {
  DRY("drain and leave dry"),
  POUR("drain, then pour in from the top"),
  DRAW("drain, then draw through"),
  DRAW_UNDRAINED("draw through undrained");

  private final String words;

  Method(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** Whether antifreeze goes in, and so has to be measured. */
  public boolean fills() {
    return this != DRY;
  }

  /** Whether a pump pulls it through the path. */
  public boolean draws() {
    return this == DRAW || this == DRAW_UNDRAINED;
  }

  /** Whether the low points are opened before anything goes in. */
  public boolean drains() {
    return this != DRAW_UNDRAINED;
  }
}
