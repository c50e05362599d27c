package elsko.core.fluid;

/** How an instrument measures. */
public enum InstrumentKind {
  REFRACTOMETER("refractometer", false),
  HYDROMETER("hydrometer", true),
  FLOATING_BALLS("floating balls", true),
  SIMULATED_DIGITAL("simulated digital refractometer", false);

  private final String words;
  private final boolean byDensity;

  InstrumentKind(String words, boolean byDensity) {
    this.words = words;
    this.byDensity = byDensity;
  }

  public String words() {
    return words;
  }

  /** Works by density, which hardly changes with PG strength above half: cannot tell it. */
  public boolean byDensity() {
    return byDensity;
  }
}
