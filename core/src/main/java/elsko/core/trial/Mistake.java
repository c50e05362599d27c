package elsko.core.trial;

/** What a hand gets wrong, by name. */
public enum Mistake {
  /** Looks at a hole that does not run, and leaves it at that. */
  DOES_NOT_ROD,
  /** Runs the engine too short for the thermostat to open. */
  SKIPS_THE_WARM_UP,
  /** Fills from a jug that was thinned. */
  WEAK_LOT,
  /** Reads another product's jug. */
  WRONG_JUG,
  /** Stops drawing at half. */
  DRAWS_TOO_LITTLE,
  /** Says that a step was done without doing it. */
  TAPS_BLIND,
  /** Reads before the zero check. */
  UNCHECKED_INSTRUMENT,
  /** Reads samples that are still warm. */
  HOT_SAMPLES,
  /** Leaves the low hoses on and fills above them. */
  FEEDS_ABOVE_AN_UNDRAINED_HOSE,
  /** Has no time for a step now and then, and says so. */
  SKIPS_A_STEP,
  /** Some of what was done comes in only at the end. */
  ENTERS_LATE,
  /** Another works on the same card, at whatever step is next to hand. */
  TWO_AT_ONCE,
  /** Lets an engine run on when its water has run out. */
  IGNORES_THE_COUNTDOWN,
  /** A circuit is aboard that nobody described. */
  FORGETS_A_CIRCUIT,
  /** Taps the bar of a step as soon as it comes up, and says so when asked; nothing was done. */
  TAPS_THE_BAR_BLIND;

  /** Whether what is recorded is not what was seen; what is claimed from it is counted apart. */
  boolean isALie() {
    return this == TAPS_BLIND;
  }
}
