package elsko.core.plan.model;

/** What a task occupies; a yard has so many of each. */
public enum Equipment {
  TANK_KIT("tank kit"),
  ADAPTER_SET("strainer-adapter set"),
  REFRACTOMETER("refractometer"),
  LIFT("lift"),
  BENCH("bench");

  private final String words;

  Equipment(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
