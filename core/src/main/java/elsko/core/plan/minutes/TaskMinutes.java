package elsko.core.plan.minutes;

/**
 * How long one task takes as often more as less, and how far it strays from that.
 *
 * @param median min
 * @param spread standard deviation of the logarithm of what it takes
 */
public record TaskMinutes(double median, double spread) {
  /** What nobody has seen done here strays by so much. Estimate. */
  public static final double UNSEEN = 0.2;

  /** One in five is beyond this many standard deviations. */
  private static final double FOUR_IN_FIVE = 0.8416;

  /**
   * Work of a day that is walked, min: what strays on one boat evens out over the others of the
   * day.
   */
  private static final double A_DAY = 400;

  /**
   * Minutes to plan with, so that a day of such tasks ends on time four times in five: more than
   * its mean, by its part of what a whole day wants in reserve.
   */
  public int toPlan() {
    double mean = Math.exp(spread * spread / 2);
    double reserve = FOUR_IN_FIVE * spread * Math.sqrt(Math.min(1, median / A_DAY));
    return (int) Math.max(1, Math.min(600, Math.ceil(median * (mean + reserve) - 1e-9)));
  }

  /** What it takes that time. */
  public double taken(double standardNormal) {
    return median * Math.exp(spread * standardNormal);
  }
}
