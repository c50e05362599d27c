package elsko.core.trial;

import elsko.core.frost.DailyAir;
import elsko.core.frost.Enclosure;
import elsko.core.frost.Ensemble;
import elsko.core.frost.FrostClock;
import elsko.core.frost.FrostMemory;
import elsko.core.frost.SimulatedSite;
import elsko.core.frost.Winters;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.ConcurrentHashMap;

/** A winter at a made-up site: how it comes, and what is known and expected of it each evening. */
final class Weather {
  /** On that day boats are laid up. */
  static final LocalDate LAY_UP = LocalDate.of(2031, 10, 20);

  /** From the midnight after that on, it is followed for so many days. */
  static final int DAYS = 150;

  static final ZoneId ZONE = ZoneOffset.UTC;
  private static final int SITES = 6;
  private static final int PAST_YEARS = 20;
  private static final int LOOKED_AHEAD_DAYS = 14;
  private static final int EVENING_HOUR = 17;
  private static final double CLEAR_FROM_K = 8;
  private static final Map<Integer, Weather> KNOWN = new ConcurrentHashMap<>();

  private final SimulatedSite site;
  private final List<DailyAir> past;
  private final List<DailyAir> truth;
  private final Map<LocalDate, FrostMemory> memories = new ConcurrentHashMap<>();
  private final Map<LocalDate, FrostClock> clocks = new ConcurrentHashMap<>();

  private Weather(int number) {
    site = new SimulatedSite(1000 + number, LocalDate.of(2031, 1, 20));
    past = site.pastYears(LAY_UP, PAST_YEARS);
    LocalDate last = past.get(past.size() - 1).date();
    List<DailyAir> coming = site.truth(last.plusDays(1), 2 * 365);
    LocalDate end = LAY_UP.plusDays(DAYS + 2L);
    truth = coming.stream().filter(day -> day.date().isBefore(end)).toList();
  }

  /** One of a few winters. */
  static Weather of(long seed) {
    return KNOWN.computeIfAbsent((int) Math.floorMod(seed, (long) SITES), Weather::new);
  }

  /**
   * Air around a boat by the hour, from the midnight after its lay-up on. How far it falls below
   * the screen in a clear night, and how slowly it follows, is drawn.
   */
  double[] around(Enclosure.Kind kind, Random nature) {
    double belowK = below(kind) * nature.nextDouble();
    double keeps = Math.exp(-1 / (kind.lagHours() * (0.8 + 0.4 * nature.nextDouble())));
    int first = (int) (LAY_UP.toEpochDay() - truth.get(0).date().toEpochDay()) + 1;
    double[] air = new double[24 * DAYS];
    double around = truth.get(first).minC();
    for (int hour = 0; hour < air.length; hour++) {
      around = outside(first + hour / 24, hour % 24 + 0.5, belowK) * (1 - keeps) + around * keeps;
      air[hour] = around;
    }
    return air;
  }

  private static double below(Enclosure.Kind kind) {
    return switch (kind) {
      case OPEN -> 2;
      case TARP -> 1;
      default -> 0;
    };
  }

  /** Coldest at six, warmest at three in the afternoon. */
  private double outside(int day, double hour, double belowK) {
    if (hour < 6) {
      return between(truth.get(day - 1).maxC(), coldest(day, belowK), (hour + 9) / 15);
    }
    if (hour < 15) {
      return between(coldest(day, belowK), truth.get(day).maxC(), (hour - 6) / 9);
    }
    return between(truth.get(day).maxC(), coldest(day + 1, belowK), (hour - 15) / 15);
  }

  private double coldest(int day, double belowK) {
    DailyAir air = truth.get(day);
    return air.minC() - (air.maxC() - air.minC() >= CLEAR_FROM_K ? belowK : 0);
  }

  private static double between(double from, double to, double part) {
    return from + (to - from) * (1 - Math.cos(Math.PI * part)) / 2;
  }

  /** What is on record when a day begins. */
  FrostMemory memory(LocalDate today) {
    return memories.computeIfAbsent(
        today, day -> new FrostMemory(new Winters(onRecord(day)), day, ZONE));
  }

  /** The clock as it goes in the evening of a day. */
  FrostClock clock(LocalDate evening) {
    return clocks.computeIfAbsent(
        evening,
        day ->
            new FrostClock(
                Ensemble.of(
                    new Winters(onRecord(day)),
                    site.forecast(day, LOOKED_AHEAD_DAYS),
                    null,
                    day,
                    LOOKED_AHEAD_DAYS),
                EVENING_HOUR,
                memory(day)));
  }

  private List<DailyAir> onRecord(LocalDate before) {
    List<DailyAir> record = new ArrayList<>(past);
    truth.stream().filter(day -> day.date().isBefore(before)).forEach(record::add);
    return record;
  }
}
