package elsko.core.frost;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * What the weather on record did to what stood in boats, up to the midnight a day began with. Days
 * nobody kept are unknown: after them a pocket is as warm as the air, and nothing is claimed of it.
 * May be asked from several threads.
 */
public final class FrostMemory {
  /** A winter, and the autumn before it. */
  private static final int MOST_DAYS = 300;

  /** So many time constants before the first frost what a pocket once was is forgotten. */
  private static final int FORGETS_AFTER = 12;

  /** Days to either side whose past minima say whether an unknown one could freeze. */
  private static final int ALIKE_DAYS = 3;

  private static final int DAYS_OF_WATER = 30;

  private final LocalDate first;
  private final LocalDate today;
  private final ZoneId zone;
  private final double[] minC = new double[MOST_DAYS];
  private final double[] maxC = new double[MOST_DAYS];

  /** Before each day, how many nobody kept on which it could have frozen. */
  private final int[] unknownBefore = new int[MOST_DAYS + 1];

  private final Map<Enclosure, Inside> inside = new ConcurrentHashMap<>();

  /**
   * @param record of the site, past winters and the days of this one
   * @param today of which nothing is on record yet
   */
  public FrostMemory(Winters record, LocalDate today, ZoneId zone) {
    this.today = today;
    this.zone = zone;
    this.first = today.minusDays(MOST_DAYS);
    for (int day = 0; day < MOST_DAYS; day++) {
      DailyAir air = record.on(first.plusDays(day));
      minC[day] = air == null ? Double.NaN : air.minC();
      maxC[day] = air == null ? Double.NaN : air.maxC();
      boolean lost = air == null && couldFreeze(record, first.plusDays(day));
      unknownBefore[day + 1] = unknownBefore[day] + (lost ? 1 : 0);
    }
  }

  private static boolean couldFreeze(Winters record, LocalDate date) {
    boolean anyKnown = false;
    for (int off = -ALIKE_DAYS; off <= ALIKE_DAYS; off++) {
      for (DailyAir alike : record.onThisDay(date.plusDays(off))) {
        if (alike.minC() < 0) {
          return true;
        }
        anyKnown = true;
      }
    }
    return !anyKnown;
  }

  /**
   * What weather made of a pocket.
   *
   * @param temperatureC at the end; null where the last hours are unknown
   * @param ice part of it that is ice at the end
   * @param frozeOn the day on which so much of it was ice that it may be broken; null when never
   * @param mostIce the most of it that was ever ice
   * @param unknownDays that nobody kept, and on which it could have frozen
   */
  public record Carried(
      Double temperatureC, double ice, LocalDate frozeOn, double mostIce, int unknownDays) {}

  /**
   * Follows a pocket through the weather on record.
   *
   * @param shelters what was around it, oldest first; at least one
   * @param since when what stands in it came in; null: when the boat did
   * @param until when it went out again; null when it still stands there
   */
  public Carried carried(List<Sheltered> shelters, Pocket pocket, Instant since, Instant until) {
    int from = Math.max(0, hourOf(since == null ? shelters.get(0).from() : since));
    int to = until == null ? 24 * MOST_DAYS : Math.min(24 * MOST_DAYS, hourOf(until));
    if (from >= to) {
      return new Carried(null, 0, null, 0, 0);
    }
    int unknown = unknownBefore[(to - 1) / 24 + 1] - unknownBefore[from / 24];
    Course course = new Course(pocket);
    for (int i = 0; i < shelters.size(); i++) {
      int begins = i == 0 ? from : Math.max(from, hourOf(shelters.get(i).from()));
      int ends = i + 1 == shelters.size() ? to : Math.min(to, hourOf(shelters.get(i + 1).from()));
      if (begins < ends) {
        Inside air = inside.computeIfAbsent(shelters.get(i).enclosure(), this::insideOf);
        course.through(air, begins, ends);
      }
    }
    return course.carried(unknown);
  }

  /** How what stands in a segment begins the day. */
  public Stand stand(List<Sheltered> shelters, CircuitWater.Held held) {
    if (shelters.isEmpty()) {
      return null;
    }
    Instant since = held.since() == null ? shelters.get(0).from() : held.since();
    LocalDateTime came = LocalDateTime.ofInstant(since, zone);
    if (!came.toLocalDate().isBefore(today)) {
      return new Stand(came.toLocalDate().equals(today) ? came.getHour() : 0, null, 0, false);
    }
    Carried carried = carried(shelters, held.pocket(), since, null);
    return new Stand(0, carried.temperatureC(), carried.ice(), carried.frozeOn() != null);
  }

  /** Air in an enclosure at the end of the record, °C; null where yesterday was not kept. */
  Double lastC(Enclosure enclosure) {
    double[] air = inside.computeIfAbsent(enclosure.unheated(), this::insideOf).airC();
    double last = air[air.length - 1];
    return Double.isNaN(last) ? null : (Double) last;
  }

  private int hourOf(Instant at) {
    LocalDateTime local = LocalDateTime.ofInstant(at, zone);
    long days = local.toLocalDate().toEpochDay() - first.toEpochDay();
    return (int) Math.max(-1, Math.min(24L * MOST_DAYS, days * 24 + local.getHour()));
  }

  /**
   * Air by the hour.
   *
   * @param airC NaN where nobody knows
   * @param firstFrost the first hour below 0 °C; beyond all where none is
   */
  private record Inside(double[] airC, int firstFrost) {}

  private Inside insideOf(Enclosure enclosure) {
    double[] air = new double[24 * MOST_DAYS];
    double[] coldest = HourlyAir.belowScreen(minC, maxC, enclosure.kind().belowScreenK());
    int day = 0;
    while (day < MOST_DAYS) {
      int until = day;
      boolean known = !Double.isNaN(minC[day]);
      while (until < MOST_DAYS && !Double.isNaN(minC[until]) == known) {
        until++;
      }
      if (known) {
        double[] outside =
            HourlyAir.of(
                Arrays.copyOfRange(coldest, day, until), Arrays.copyOfRange(maxC, day, until), 0);
        System.arraycopy(outside, 0, air, 24 * day, outside.length);
        double mean = (minC[day] + maxC[day]) / 2;
        enclosure.follow(air, 24 * day, 24 * until, mean, this::meanOf30DaysC);
      } else {
        Arrays.fill(air, 24 * day, 24 * until, Double.NaN);
      }
      day = until;
    }
    int firstFrost = 0;
    while (firstFrost < air.length && !(air[firstFrost] < 0)) {
      firstFrost++;
    }
    return new Inside(air, firstFrost);
  }

  private double meanOf30DaysC(int day) {
    double sum = 0;
    int known = 0;
    for (int d = Math.max(0, day - DAYS_OF_WATER + 1); d <= day; d++) {
      if (!Double.isNaN(minC[d])) {
        sum += (minC[d] + maxC[d]) / 2;
        known++;
      }
    }
    return sum / known;
  }

  /** One pocket on its way through the record. */
  private final class Course {
    private final Pocket pocket;

    /** Null before the first hour that is known, and after one that is not. */
    private PocketRun run;

    private int zero;
    private double mostIce;
    private int damagedAt = -1;

    Course(Pocket pocket) {
      this.pocket = pocket;
    }

    void through(Inside inside, int from, int to) {
      double[] air = inside.airC();
      int hour = from;
      if (run == null) {
        int forgets = (int) Math.ceil(FORGETS_AFTER * pocket.tauHours());
        hour = Math.max(from, Math.min(to - 1, inside.firstFrost() - forgets));
      }
      while (hour < to) {
        int until = hour;
        boolean known = !Double.isNaN(air[hour]);
        while (until < to && !Double.isNaN(air[until]) == known) {
          until++;
        }
        if (known) {
          if (run == null) {
            run = new PocketRun(pocket, air[hour]);
            zero = hour;
          }
          run.through(air, hour, until, zero);
          noteDamage();
        } else {
          run = null;
        }
        hour = until;
      }
    }

    private void noteDamage() {
      mostIce = Math.max(mostIce, run.mostIce());
      if (damagedAt < 0 && !Double.isNaN(run.hoursToDamage())) {
        damagedAt = zero + (int) run.hoursToDamage();
      }
    }

    Carried carried(int unknownDays) {
      return new Carried(
          run == null ? null : (Double) run.temperatureC(),
          run == null ? 0 : run.ice(),
          damagedAt < 0 ? null : first.plusDays(damagedAt / 24),
          mostIce,
          unknownDays);
    }
  }
}
