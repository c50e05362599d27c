package elsko.core.frost;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/**
 * The weather of a made-up site: a seasonal curve with persistence from day to day. Simulated; the
 * same seed gives the same weather for ever.
 *
 * @param coldest the day of a year around which it is coldest
 */
public record SimulatedSite(long seed, LocalDate coldest) {
  private static final double YEAR_MEAN_C = 8.0;
  private static final double SEASON_K = 10.0;
  private static final double PERSISTENCE = 0.78;
  private static final double DAY_TO_DAY_K = 2.2;
  private static final double YEAR_TO_YEAR_K = 1.0;
  private static final double HALF_SPAN_K = 3.4;
  private static final double HALF_SPAN_VARIES_K = 1.1;
  private static final double ERROR_AT_ONCE_K = 0.4;
  private static final double ERROR_PER_DAY_K = 0.33;

  /** Complete past years before {@code today}, each from 183 days before its coldest day. */
  public List<DailyAir> pastYears(LocalDate today, int years) {
    LocalDate lastStart = yearOf(today);
    List<DailyAir> days = new ArrayList<>();
    for (int back = years; back >= 1; back--) {
      days.addAll(year(lastStart.minusYears(back)));
    }
    return days;
  }

  /** What will really happen from a day on; tests hold the forecast against it. */
  public List<DailyAir> truth(LocalDate first, int days) {
    List<DailyAir> found = new ArrayList<>();
    LocalDate start = yearOf(first);
    while (found.size() < days) {
      for (DailyAir day : year(start)) {
        if (!day.date().isBefore(first) && found.size() < days) {
          found.add(day);
        }
      }
      start = start.plusYears(1);
    }
    return found;
  }

  /** What is expected on a day for that day and those after it: worse with every day ahead. */
  public Forecast forecast(LocalDate issued, int days) {
    Random random = new Random(seed * 31 + issued.toEpochDay() - coldest.toEpochDay());
    List<DailyAir> expected = new ArrayList<>();
    double error = random.nextGaussian() * ERROR_AT_ONCE_K;
    for (DailyAir day : truth(issued, days)) {
      double off = error;
      expected.add(new DailyAir(day.date(), tenth(day.minC() + off), tenth(day.maxC() + off)));
      error += random.nextGaussian() * ERROR_PER_DAY_K * 2;
    }
    return new Forecast(expected);
  }

  /** The first day of the site's year a date is in. */
  private LocalDate yearOf(LocalDate date) {
    LocalDate start = coldest.minusDays(183).withYear(date.getYear());
    return start.isAfter(date) ? start.minusYears(1) : start;
  }

  private List<DailyAir> year(LocalDate start) {
    // Counted from its coldest day, so that the site has the same story whenever it begins.
    long year = start.getYear() - yearOf(coldest).getYear();
    Random random = new Random(seed ^ (year * 0x9E3779B97F4A7C15L));
    double wholeYear = random.nextGaussian() * YEAR_TO_YEAR_K;
    double anomaly = random.nextGaussian() * DAY_TO_DAY_K * 1.5;
    List<DailyAir> days = new ArrayList<>();
    LocalDate end = start.plusYears(1);
    for (LocalDate date = start; date.isBefore(end); date = date.plusDays(1)) {
      long fromStart = date.toEpochDay() - start.toEpochDay();
      double season = YEAR_MEAN_C - SEASON_K * Math.cos(2 * Math.PI * (fromStart - 183) / 365.25);
      anomaly = PERSISTENCE * anomaly + random.nextGaussian() * DAY_TO_DAY_K;
      double span = Math.max(1, HALF_SPAN_K + random.nextGaussian() * HALF_SPAN_VARIES_K);
      double mean = season + wholeYear + anomaly;
      days.add(new DailyAir(date, tenth(mean - span), tenth(mean + span)));
    }
    return days;
  }

  private static double tenth(double value) {
    return Math.round(value * 10) / 10.0;
  }
}
