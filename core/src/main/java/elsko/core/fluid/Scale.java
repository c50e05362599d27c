package elsko.core.fluid;

/** What an instrument's numbers mean. */
public enum Scale {
  PG_FREEZE("PG freeze point", "°C", -60, 0),
  EG_FREEZE("EG freeze point", "°C", -60, 0),
  /** The maker's own rating scale for one product. */
  LABEL("label rating", "°C", -80, 0),
  BRIX("Brix", "°Bx", 0, 100);

  private final String words;
  private final String unit;
  private final double lowest;
  private final double highest;

  Scale(String words, String unit, double lowest, double highest) {
    this.words = words;
    this.unit = unit;
    this.lowest = lowest;
    this.highest = highest;
  }

  public String words() {
    return words;
  }

  public String unit() {
    return unit;
  }

  /** The lowest number that stands on it. */
  public double lowest() {
    return lowest;
  }

  public double highest() {
    return highest;
  }

  /** Whether a reading is the freeze point of {@code base}, and so says its strength directly. */
  public boolean suits(Base base) {
    return this == PG_FREEZE && base == Base.PG || this == EG_FREEZE && base == Base.EG;
  }

  /** Toward weak: warmer on a temperature scale, lower on Brix. */
  double weaker(double reading, double by) {
    return notBeyondWater(this == BRIX ? reading - by : reading + by);
  }

  /** Nothing is weaker than water, which reads 0 on every scale. */
  double notBeyondWater(double reading) {
    return this == BRIX ? Math.max(0, reading) : Math.min(0, reading);
  }
}
