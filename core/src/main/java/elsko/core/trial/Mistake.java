package elsko.core.trial;

/** What a hand gets wrong, by name. */
public enum Mistake {
  DOES_NOT_ROD("looks at a hole that does not run, and leaves it at that"),
  SKIPS_THE_WARM_UP("runs the engine too short for the thermostat to open"),
  WEAK_LOT("fills from a jug that was thinned"),
  WRONG_JUG("reads another product's jug"),
  DRAWS_TOO_LITTLE("stops drawing at half"),
  TAPS_BLIND("says that a step was done without doing it"),
  UNCHECKED_INSTRUMENT("reads before the zero check"),
  HOT_SAMPLES("reads samples that are still warm");

  private final String words;

  Mistake(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** Whether what is recorded is not what was seen; what is claimed from it is counted apart. */
  boolean isALie() {
    return this == TAPS_BLIND;
  }
}
