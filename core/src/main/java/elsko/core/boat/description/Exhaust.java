package elsko.core.boat.description;

/** How the exhaust leaves the boat. */
public enum Exhaust {
  /** A muffler that only exhaust pressure empties. */
  WATER_LIFT("water lift"),
  THROUGH_TRANSOM("through the transom"),
  THROUGH_DRIVE("through the drive"),
  /** No water in it. */
  DRY("dry");

  private final String words;

  Exhaust(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
