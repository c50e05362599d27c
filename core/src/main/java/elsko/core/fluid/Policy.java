package elsko.core.fluid;

/** What a yard asks of a mixture before it calls a low point proven. */
public enum Policy {
  /** No ice at all: the freeze point is at or below the need. */
  FREEZE("no ice: freeze point"),
  /** Nothing breaks: the burst point is at or below the need. The default. */
  BURST("nothing breaks: burst point"),
  /** The maker's label rating meets the need and the strength was kept. */
  LABEL("the maker's label rating");

  /** No policy passes less glycol than that: weaker fluid spoils, and reads too near water. */
  public static final double LEAST_MASS_FRACTION = 0.20;

  private final String words;

  Policy(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
