package elsko.server.frost;

import elsko.core.Refused;
import elsko.core.frost.ColdSnap;
import elsko.core.frost.DailyAir;
import elsko.core.frost.Ensemble;
import elsko.core.frost.Forecast;
import elsko.core.frost.FrostMemory;
import elsko.core.frost.NightLow;
import elsko.core.frost.Winters;
import elsko.server.live.Changed;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.NavigableMap;
import java.util.Objects;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The weather at the site: what was, what is expected, and what if it came colder. */
@Service
public class Weather {
  private static final long REFRESH_MS = 3 * 60 * 60 * 1000L;

  /** Days a service is asked for that passed while nobody was running. */
  private static final int MOST_CAUGHT_UP = 200;

  /** Before this hour tonight's low is still to come today. */
  private static final int COLDEST_HOUR = 6;

  private final WeatherRepository rows;
  private final ObjectProvider<WeatherService> service;
  private final ApplicationEventPublisher events;
  private final Clock clock;
  private volatile @Nullable Past past;

  Weather(
      WeatherRepository rows,
      ObjectProvider<WeatherService> service,
      ApplicationEventPublisher events,
      Clock clock) {
    this.rows = rows;
    this.service = service;
    this.events = events;
    this.clock = clock;
  }

  /** Today where the yard is. */
  public LocalDate today() {
    return LocalDate.now(clock);
  }

  /** The hour of the day where the yard is. */
  int hour() {
    return LocalTime.now(clock).getHour();
  }

  /** Sets the site up, once: the day of the year around which it is coldest, and its past. */
  @Transactional
  public void setUp(LocalDate coldest, List<DailyAir> past) {
    WeatherRow row = new WeatherRow(coldest);
    row.past(past);
    keepPassed(row);
    fetch(row);
    rows.save(row);
  }

  @Transactional(readOnly = true)
  public WeatherView view() {
    WeatherRow row = rows.findById(WeatherRow.THE_ONE).orElse(null);
    if (row == null) {
      return new WeatherView(
          "", false, null, 0, null, null, null, null, service.getIfAvailable() != null);
    }
    List<DailyAir> past = past(row);
    return new WeatherView(
        row.source(),
        row.simulated(),
        row.fetchedAt(),
        past.size(),
        past.isEmpty() ? null : past.get(0).date(),
        past.isEmpty() ? null : past.get(past.size() - 1).date(),
        row.snap(),
        tonight(row),
        service.getIfAvailable() != null);
  }

  /** Thirty years are read out of their row once, until there are others. */
  private List<DailyAir> past(WeatherRow row) {
    Past known = past;
    if (known == null || !known.isOf(row)) {
      NavigableMap<LocalDate, DailyAir> days = new TreeMap<>();
      row.observed().forEach(day -> days.put(day.date(), day));
      // A record that was brought in knows better than what was kept from day to day.
      row.past().forEach(day -> days.put(day.date(), day));
      known = new Past(row.pastCsv(), row.observedCsv(), List.copyOf(days.values()));
      past = known;
    }
    return known.days();
  }

  private record Past(@Nullable String csv, @Nullable String observedCsv, List<DailyAir> days) {
    boolean isOf(WeatherRow row) {
      return Objects.equals(csv, row.pastCsv()) && Objects.equals(observedCsv, row.observedCsv());
    }
  }

  /** The past winters as CSV; only its heading while there are none. */
  @Transactional(readOnly = true)
  String pastCsv() {
    return WeatherCsv.write(
        rows.findById(WeatherRow.THE_ONE).map(WeatherRow::past).orElse(List.of()));
  }

  /** What may come from today on; null while there is too little on record to say. */
  @Transactional(readOnly = true)
  @Nullable Ensemble expected() {
    WeatherRow row = rows.findById(WeatherRow.THE_ONE).orElse(null);
    if (row == null) {
      return null;
    }
    LocalDate today = today();
    List<DailyAir> ahead = new ArrayList<>(row.forecast());
    ahead.removeIf(day -> day.date().isBefore(today));
    Forecast forecast = new Forecast(ahead);
    Forecast told = row.snap() == null ? forecast : row.snap().on(forecast);
    return Ensemble.of(new Winters(past(row)), told, tonight(row), today);
  }

  /** What the weather on record did; null while there is none at all. */
  @Transactional(readOnly = true)
  @Nullable FrostMemory memory() {
    WeatherRow row = rows.findById(WeatherRow.THE_ONE).orElse(null);
    return row == null ? null : new FrostMemory(new Winters(past(row)), today(), clock.getZone());
  }

  private @Nullable NightLow tonight(WeatherRow row) {
    NightLow typed = row.typed();
    return typed == null || typed.morning().isBefore(today()) ? null : typed;
  }

  /**
   * Keeps how cold it gets tonight, by somebody who is there.
   *
   * @param lowC °C; null takes it back
   */
  @Transactional
  public WeatherView tonight(@Nullable Double lowC) {
    WeatherRow row = one();
    LocalDate morning = hour() < COLDEST_HOUR ? today() : today().plusDays(1);
    keepPassed(row);
    row.typed(lowC == null ? null : new NightLow(morning, lowC));
    keep(row);
    return view();
  }

  /** Asks the service for a forecast. */
  @Transactional
  public WeatherView refresh() {
    WeatherRow row = one();
    if (service.getIfAvailable() == null) {
      throw Refused.state(
          "service", "No weather service is connected. Bring a forecast in as a file.");
    }
    keepPassed(row);
    fetch(row);
    keep(row);
    return view();
  }

  @Scheduled(initialDelay = REFRESH_MS / 6, fixedDelay = REFRESH_MS)
  @Transactional
  void refreshOnSchedule() {
    WeatherRow row = rows.findById(WeatherRow.THE_ONE).orElse(null);
    if (row != null) {
      boolean passed = keepPassed(row);
      fetch(row);
      if (passed || service.getIfAvailable() != null) {
        keep(row);
      }
    }
  }

  /**
   * Keeps the days that have passed since the last one: as the service saw them, or else as they
   * were expected a day before or on the day itself, with the low somebody typed in. Days nobody
   * can tell of stay unknown.
   *
   * @return whether there were any
   */
  private boolean keepPassed(WeatherRow row) {
    LocalDate yesterday = today().minusDays(1);
    NavigableMap<LocalDate, DailyAir> days = new TreeMap<>();
    row.observed().forEach(day -> days.put(day.date(), day));
    LocalDate from = yesterday.minusDays(MOST_CAUGHT_UP);
    if (!days.isEmpty() && !days.lastKey().isBefore(from)) {
      from = days.lastKey().plusDays(1);
    }
    int before = days.size();
    for (DailyAir day : asExpected(row)) {
      if (!day.date().isBefore(from) && !day.date().isAfter(yesterday)) {
        days.put(day.date(), day);
      }
    }
    NightLow typed = row.typed();
    if (typed != null && days.containsKey(typed.morning()) && !typed.morning().isBefore(from)) {
      days.computeIfPresent(typed.morning(), (date, day) -> typed.on(day));
    }
    WeatherService by = service.getIfAvailable();
    if (by != null && !from.isAfter(yesterday)) {
      by.observed(from, yesterday, row.coldestDay()).forEach(day -> days.put(day.date(), day));
    }
    if (days.size() == before) {
      return false;
    }
    row.observed(days.values());
    return true;
  }

  /** What was expected of days so shortly before that it says how they were. */
  private List<DailyAir> asExpected(WeatherRow row) {
    if (row.fetchedAt() == null) {
      return List.of();
    }
    LocalDate issued = LocalDate.ofInstant(row.fetchedAt(), clock.getZone());
    return row.forecast().stream().filter(day -> !day.date().isAfter(issued.plusDays(1))).toList();
  }

  private void fetch(WeatherRow row) {
    WeatherService from = service.getIfAvailable();
    if (from != null) {
      Forecast forecast = from.forecast(today(), row.coldestDay());
      row.forecast(forecast.days(), from.name(), from.simulated(), clock.instant());
    }
  }

  /** A what-if that everybody sees until it is taken away. */
  @Transactional
  public WeatherView coldSnap(@Nullable ColdSnap snap) {
    WeatherRow row = one();
    if (snap != null) {
      LocalDate last = today().plusDays(13);
      if (snap.first().isBefore(today()) || snap.first().isAfter(last)) {
        throw Refused.value("first", "A cold snap begins within the next 14 days.");
      }
      if (row.forecast().isEmpty()) {
        throw Refused.state("first", "There is no forecast it could change.");
      }
    }
    row.snap(snap);
    keep(row);
    return view();
  }

  /** Keeps a file's days: those before today as past winters, the others as the forecast. */
  @Transactional
  public WeatherView bringIn(String csv, WeatherCheck.@Nullable WaysChosen chosen) {
    WeatherCheck check = WeatherCheck.of(csv, chosen);
    if (!check.problems().isEmpty()) {
      WeatherCheck.DayProblem first = check.problems().get(0);
      throw Refused.value(
          "row " + first.row(),
          "%d %s not settled yet. First: %s"
              .formatted(
                  check.problems().size(),
                  check.problems().size() == 1 ? "thing is" : "things are",
                  first.words()));
    }
    WeatherRow row = rows.findById(WeatherRow.THE_ONE).orElseGet(() -> new WeatherRow(null));
    List<DailyAir> past =
        check.days().stream().filter(day -> day.date().isBefore(today())).toList();
    List<DailyAir> ahead =
        check.days().stream().filter(day -> !day.date().isBefore(today())).toList();
    if (!past.isEmpty()) {
      row.past(past);
    }
    if (!ahead.isEmpty()) {
      row.forecast(upToFirstGap(ahead), "file", false, clock.instant());
    }
    keep(row);
    return view();
  }

  private static List<DailyAir> upToFirstGap(List<DailyAir> days) {
    List<DailyAir> whole = new ArrayList<>();
    for (DailyAir day : days) {
      if (!whole.isEmpty() && !day.date().equals(whole.get(whole.size() - 1).date().plusDays(1))) {
        break;
      }
      whole.add(day);
    }
    return whole;
  }

  private void keep(WeatherRow row) {
    rows.saveAndFlush(row);
    events.publishEvent(Changed.weather());
  }

  private WeatherRow one() {
    return rows.findById(WeatherRow.THE_ONE)
        .orElseThrow(() -> Refused.state("weather", "Bring the site's past winters in first."));
  }

  /**
   * Where the weather comes from.
   *
   * @param pastDays days on record
   * @param tonight how cold somebody says the night gets that ends next; null when nobody did
   * @param canRefresh a service is connected
   */
  public record WeatherView(
      String source,
      boolean simulated,
      @Nullable Instant fetchedAt,
      int pastDays,
      @Nullable LocalDate pastFirst,
      @Nullable LocalDate pastLast,
      @Nullable ColdSnap coldSnap,
      @Nullable NightLow tonight,
      boolean canRefresh) {}
}
