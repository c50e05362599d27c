package elsko.core.frost;

/**
 * Air by the hour from daily extremes: half-cosines from a day's minimum at 06:00 to its maximum at
 * 15:00 to the next day's minimum. An hour's value is that of its middle.
 */
final class HourlyAir {
  static final int COLDEST_HOUR = 6;
  static final int WARMEST_HOUR = 15;

  /** A day of this range or more had a clear night, K. */
  private static final double CLEAR_FROM_K = 8;

  private HourlyAir() {}

  /** The minima as something lives through them that on clear nights falls below the screen. */
  static double[] belowScreen(double[] minC, double[] maxC, double byK) {
    double[] lower = minC.clone();
    for (int day = 0; day < lower.length; day++) {
      if (maxC[day] - minC[day] >= CLEAR_FROM_K) {
        lower[day] -= byK;
      }
    }
    return lower;
  }

  /**
   * Hours of the days from {@code first} on, until the last day given. Before the first minimum and
   * after the last maximum the neighboring day is taken to be like the edge day itself.
   */
  static double[] of(double[] minC, double[] maxC, int first) {
    int days = minC.length - first;
    double[] hours = new double[days * 24];
    for (int day = 0; day < days; day++) {
      int at = first + day;
      double before = maxC[Math.max(0, at - 1)];
      double after = minC[Math.min(minC.length - 1, at + 1)];
      for (int hour = 0; hour < 24; hour++) {
        double middle = hour + 0.5;
        double value;
        if (middle < COLDEST_HOUR) {
          value = between(before, minC[at], (middle + 24 - WARMEST_HOUR) / 15);
        } else if (middle < WARMEST_HOUR) {
          value = between(minC[at], maxC[at], (middle - COLDEST_HOUR) / 9);
        } else {
          value = between(maxC[at], after, (middle - WARMEST_HOUR) / 15);
        }
        hours[day * 24 + hour] = value;
      }
    }
    return hours;
  }

  private static double between(double from, double to, double part) {
    return from + (to - from) * (1 - Math.cos(Math.PI * part)) / 2;
  }
}
