package elsko.core.fluid;

import elsko.core.Refused;

/**
 * How much of a chlorine product disinfects a tank of domestic water. Local health rules first.
 *
 * @param milliliters of the product, mL
 * @param contactHours it stands in tank and lines before it is drained and rinsed, h
 * @param warning what is wrong with such a dose; empty when nothing is
 */
public record Disinfection(double milliliters, int contactHours, String warning) {
  /** What nobody has chosen otherwise, mg of free chlorine per liter. */
  public static final double USUAL_MG_PER_LITER = 50;

  /** Above this it attacks skin, eyes and seals, mg/L. */
  private static final double WARN_ABOVE_MG_PER_LITER = 100;

  private static final double MOST_MG_PER_LITER = 500;
  private static final int CONTACT_HOURS = 4;

  /** 1 % available chlorine is 10 mg in each mL. */
  private static final double MG_PER_ML_AND_PERCENT = 10;

  /**
   * The dose.
   *
   * @param tankLiters tank and lines, L
   * @param mgPerLiter free chlorine wanted, mg/L
   * @param chlorinePercent available chlorine of the product, %
   */
  public static Disinfection of(double tankLiters, double mgPerLiter, double chlorinePercent) {
    Refused.within("tankLiters", tankLiters, 1, 5_000, " L");
    Refused.within("mgPerLiter", mgPerLiter, 1, MOST_MG_PER_LITER, " mg/L");
    Refused.within("chlorinePercent", chlorinePercent, 0.5, 20, " %");
    double milliliters = tankLiters * mgPerLiter / (MG_PER_ML_AND_PERCENT * chlorinePercent);
    return new Disinfection(milliliters, CONTACT_HOURS, warning(mgPerLiter));
  }

  private static String warning(double mgPerLiter) {
    if (mgPerLiter > WARN_ABOVE_MG_PER_LITER) {
      return "Above 100 mg/L it burns skin and eyes and attacks seals and steel. Weaker for longer"
          + " does the same.";
    }
    return mgPerLiter < USUAL_MG_PER_LITER
        ? "Below 50 mg/L four hours may not be enough: local health rules say how long."
        : "";
  }
}
