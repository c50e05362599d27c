package elsko.core.fluid.mix;

import elsko.core.Refused;
import elsko.core.Words;
import elsko.core.limits.Call;
import elsko.core.limits.Judgement;

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
  public static final double WARN_ABOVE_MG_PER_LITER = 100;

  private static final double MOST_MG_PER_LITER = 500;

  /** How long it stands at least, h. */
  public static final int CONTACT_HOURS = 4;

  /** A measuring cup is not read closer. */
  private static final double SHORT_BY_MEASURING = 0.95;

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

  /**
   * What was poured in.
   *
   * @param mgPerLiter free chlorine it gives, mg/L
   */
  public record Poured(double mgPerLiter, Judgement judgement) {}

  /**
   * What a product that was poured in comes to; a dose nobody can mean is refused.
   *
   * @param tankLiters tank and lines, L
   * @param chlorinePercent available chlorine of the product, %
   * @param milliliters of the product, mL
   */
  public static Poured poured(double tankLiters, double chlorinePercent, double milliliters) {
    Refused.within("tankLiters", tankLiters, 1, 5_000, " L");
    Refused.within("chlorinePercent", chlorinePercent, 0.5, 20, " %");
    Refused.within("milliliters", milliliters, 0.1, 1_000_000, " mL");
    double mgPerLiter = milliliters * MG_PER_ML_AND_PERCENT * chlorinePercent / tankLiters;
    if (mgPerLiter > MOST_MG_PER_LITER) {
      throw Refused.value(
          "milliliters",
          "That would be %s mg/L: nobody doses so. Read the percent off the product again."
              .formatted(Words.number(mgPerLiter, 0)));
    }
    return new Poured(mgPerLiter, judged(mgPerLiter));
  }

  private static Judgement judged(double mgPerLiter) {
    String dose = "%s mg/L. ".formatted(Words.number(mgPerLiter, 0));
    if (mgPerLiter > WARN_ABOVE_MG_PER_LITER) {
      return new Judgement(
          Call.STOP, "Stop: " + dose + "Drain it and dose anew. " + warning(mgPerLiter));
    }
    boolean weak = mgPerLiter < USUAL_MG_PER_LITER * SHORT_BY_MEASURING;
    return weak
        ? new Judgement(Call.MEND, dose + warning(mgPerLiter))
        : new Judgement(Call.GOOD, dose + "Let it stand 4 h, in the lines too.");
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
