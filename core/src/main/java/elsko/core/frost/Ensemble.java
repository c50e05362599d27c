package elsko.core.frost;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Winters that may come, one for each winter on record: the forecast at first, with that winter's
 * anomaly growing into it, then the winter itself.
 */
public final class Ensemble {
  /** Days ahead a yard looks when the record allows it. */
  public static final int HORIZON_DAYS = 120;

  /** With fewer winters a share of them says nothing. */
  static final int FEWEST_MEMBERS = 5;

  private static final int SHORTEST_HORIZON_DAYS = 14;

  /** Days before today that are looked at for the warmth of the water. */
  static final int LEAD_IN_DAYS = 30;

  /** Days to either side over which the mean of all members is smoothed: 15 in all. */
  private static final int SMOOTHED_BY = 7;

  private static final double FULL_WEIGHT_AT_LEAD = 10;

  /** A forecast for the same day is wrong by about this, K. */
  private static final double WRONG_AT_ONCE_K = 1.5;

  private static final double LEAST_WEIGHT = 0.2;
  private static final double MOST_WEIGHT_AT_ONCE = 0.5;
  private static final int BLENDED_DAYS = 3;

  private final LocalDate first;
  private final int days;
  private final double[][] minC;
  private final double[][] maxC;
  private final double[][] hourlyC;
  private final double[][] dailyMeanC;

  private Ensemble(
      LocalDate first,
      int days,
      double[][] minC,
      double[][] maxC,
      double[][] hourlyC,
      double[][] dailyMeanC) {
    this.first = first;
    this.days = days;
    this.minC = minC;
    this.maxC = maxC;
    this.hourlyC = hourlyC;
    this.dailyMeanC = dailyMeanC;
  }

  /** Null when the record holds too few winters to say anything. */
  public static Ensemble of(Winters winters, Forecast forecast, LocalDate today) {
    return of(winters, forecast, null, today);
  }

  /**
   * @param tonight how cold it gets in a night to come, by somebody who is there; null when nobody
   *     said
   */
  public static Ensemble of(Winters winters, Forecast forecast, NightLow tonight, LocalDate today) {
    return of(winters, forecast, tonight, today, HORIZON_DAYS);
  }

  /** Over at most so many days from today; at least 14. */
  public static Ensemble of(
      Winters winters, Forecast forecast, NightLow tonight, LocalDate today, int horizonDays) {
    LocalDate begins = today.minusDays(LEAD_IN_DAYS);
    for (int days = horizonDays; days >= SHORTEST_HORIZON_DAYS; days -= 7) {
      List<LocalDate> starts = winters.stretchesLike(begins, LEAD_IN_DAYS + days, today);
      if (starts.size() >= FEWEST_MEMBERS) {
        return of(winters, starts, forecast, tonight, today, days);
      }
    }
    return null;
  }

  private static Ensemble of(
      Winters winters,
      List<LocalDate> starts,
      Forecast forecast,
      NightLow tonight,
      LocalDate today,
      int days) {
    int members = starts.size();
    int length = LEAD_IN_DAYS + days;
    double[][] minC = new double[members][length];
    double[][] maxC = new double[members][length];
    for (int member = 0; member < members; member++) {
      for (int day = 0; day < length; day++) {
        DailyAir air = winters.on(starts.get(member).plusDays(day));
        minC[member][day] = air.minC();
        maxC[member][day] = air.maxC();
      }
    }
    int known = 0;
    int skipped = 0;
    for (DailyAir day : forecast.days()) {
      if (day.date().isBefore(today)) {
        skipped++;
      } else if (known < days) {
        known++;
      }
    }
    List<DailyAir> ahead = forecast.days().subList(skipped, skipped + known);
    // Today's forecast must be today's: one that begins later says nothing of the days before it.
    if (known > 0 && ahead.get(0).date().equals(today)) {
      blend(minC, ahead.stream().mapToDouble(DailyAir::minC).toArray());
      blend(maxC, ahead.stream().mapToDouble(DailyAir::maxC).toArray());
    }
    if (tonight != null) {
      type(tonight, today, minC);
    }
    asItWas(winters, today, minC, maxC);
    double[][] hourly = new double[members][];
    double[][] mean = new double[members][length];
    for (int member = 0; member < members; member++) {
      for (int day = 0; day < length; day++) {
        if (minC[member][day] > maxC[member][day]) {
          // A forecast's extremes with another year's anomalies on them may cross.
          double middle = (minC[member][day] + maxC[member][day]) / 2;
          minC[member][day] = middle;
          maxC[member][day] = middle;
        }
        mean[member][day] = (minC[member][day] + maxC[member][day]) / 2;
      }
      hourly[member] = HourlyAir.of(minC[member], maxC[member], LEAD_IN_DAYS);
    }
    return new Ensemble(today, days, minC, maxC, hourly, mean);
  }

  private static void blend(double[][] air, double[] forecast) {
    double[] usual = smoothed(meanOf(air));
    int n = forecast.length;
    double[] atOnce = new double[n];
    for (int lead = 0; lead < n; lead++) {
      atOnce[lead] = weightAtOnce(air, LEAD_IN_DAYS + lead);
    }
    for (double[] member : air) {
      for (int lead = 0; lead < n; lead++) {
        int day = LEAD_IN_DAYS + lead;
        double weight = Math.min(1, atOnce[lead] + (1 - atOnce[lead]) * lead / FULL_WEIGHT_AT_LEAD);
        double expected = forecast[lead] + weight * (member[day] - usual[day]);
        int last = lead - (n - BLENDED_DAYS);
        double own = last < 0 ? 0 : (last + 1.0) / (BLENDED_DAYS + 1);
        member[day] = (1 - own) * expected + own * member[day];
      }
    }
  }

  /** What somebody on the spot says is a forecast for at once. */
  private static void type(NightLow tonight, LocalDate today, double[][] minC) {
    int day = LEAD_IN_DAYS + (int) (tonight.morning().toEpochDay() - today.toEpochDay());
    if (day < LEAD_IN_DAYS || day >= minC[0].length) {
      return;
    }
    double weight = weightAtOnce(minC, day);
    double usual = meanOf(minC)[day];
    for (double[] member : minC) {
      member[day] = tonight.lowC() + weight * (member[day] - usual);
    }
  }

  /** Of the winters' own anomalies on a day, as much as a forecast for the same day is wrong by. */
  private static double weightAtOnce(double[][] air, int day) {
    double mean = 0;
    for (double[] member : air) {
      mean += member[day] / air.length;
    }
    double square = 0;
    for (double[] member : air) {
      square += (member[day] - mean) * (member[day] - mean) / air.length;
    }
    double spread = Math.sqrt(square);
    return Math.max(LEAST_WEIGHT, Math.min(MOST_WEIGHT_AT_ONCE, WRONG_AT_ONCE_K / spread));
  }

  /** The days before today are the same in every winter that may come, where they are on record. */
  private static void asItWas(Winters winters, LocalDate today, double[][] minC, double[][] maxC) {
    for (int day = 0; day < LEAD_IN_DAYS; day++) {
      DailyAir was = winters.on(today.plusDays(day - LEAD_IN_DAYS));
      if (was != null) {
        for (int member = 0; member < minC.length; member++) {
          minC[member][day] = was.minC();
          maxC[member][day] = was.maxC();
        }
      }
    }
  }

  private static double[] meanOf(double[][] air) {
    double[] mean = new double[air[0].length];
    for (double[] member : air) {
      for (int day = 0; day < mean.length; day++) {
        mean[day] += member[day] / air.length;
      }
    }
    return mean;
  }

  private static double[] smoothed(double[] values) {
    double[] smooth = new double[values.length];
    for (int day = 0; day < values.length; day++) {
      int from = Math.max(0, day - SMOOTHED_BY);
      int to = Math.min(values.length - 1, day + SMOOTHED_BY);
      double sum = 0;
      for (int i = from; i <= to; i++) {
        sum += values[i];
      }
      smooth[day] = sum / (to - from + 1);
    }
    return smooth;
  }

  /** The day hour 0 belongs to. */
  public LocalDate first() {
    return first;
  }

  public int days() {
    return days;
  }

  public int members() {
    return hourlyC.length;
  }

  /**
   * Outside air of one member by the hour, °C, as a thing lives through it that falls so far below
   * the screen in clear nights; the caller's own.
   */
  double[] hourlyC(int member, double belowScreenK) {
    return belowScreenK == 0
        ? hourlyC[member].clone()
        : HourlyAir.of(
            HourlyAir.belowScreen(minC[member], maxC[member], belowScreenK),
            maxC[member],
            LEAD_IN_DAYS);
  }

  /** What everything in the yard is as warm as when the clock begins, °C: the first day's mean. */
  double startC(int member) {
    return dailyMeanC[member][LEAD_IN_DAYS];
  }

  /** Mean air of the 30 days that end with a day, °C. */
  double meanOf30DaysC(int member, int day) {
    double sum = 0;
    for (int i = day + 1; i <= day + LEAD_IN_DAYS; i++) {
      sum += dailyMeanC[member][i];
    }
    return sum / LEAD_IN_DAYS;
  }

  /** The lowest temperature of the night that begins on a day, in the member at this rank. */
  double[] nightLowsC(int day) {
    double[] lows = new double[members()];
    for (int member = 0; member < lows.length; member++) {
      double low = Double.POSITIVE_INFINITY;
      int from = day * 24 + 18;
      int to = Math.min(hourlyC[member].length, day * 24 + 33);
      for (int hour = from; hour < to; hour++) {
        low = Math.min(low, hourlyC[member][hour]);
      }
      lows[member] = low;
    }
    Arrays.sort(lows);
    return lows;
  }

  /** The nights to come. */
  public List<Night> nights(int count) {
    List<Night> nights = new ArrayList<>();
    for (int day = 0; day < Math.min(count, days - 1); day++) {
      nights.add(Night.of(first.plusDays(day), nightLowsC(day)));
    }
    return List.copyOf(nights);
  }
}
