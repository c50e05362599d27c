package elsko.core.frost;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import elsko.core.boat.path.PocketKind;
import elsko.core.frost.Enclosure.Kind;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/**
 * What was observed is carried to today; held against a pocket that is stepped minute by minute.
 */
class FrostMemoryTest {
  private static final LocalDate TODAY = LocalDate.of(2031, 12, 10);
  private static final SimulatedSite WINTERS = new SimulatedSite(5, LocalDate.of(2060, 1, 20));
  private static final Enclosure SHED = Enclosure.of(Kind.COLD_SHED);
  private static final Enclosure OPEN = Enclosure.of(Kind.OPEN);
  private static final Pocket BLOCK = new Pocket(PocketKind.BLOCK.tauHours(), 0);
  private static final Pocket PUMP = new Pocket(PocketKind.PUMP.tauHours(), 0);

  /** Mild days up to today, with what is given for the last of them. */
  private static FrostMemory memory(DailyAir... last) {
    List<DailyAir> record = new ArrayList<>();
    for (int back = 60; back > 0; back--) {
      record.add(new DailyAir(TODAY.minusDays(back), 4, 8));
    }
    for (DailyAir day : last) {
      record.removeIf(mild -> mild.date().equals(day.date()));
      record.add(day);
    }
    return new FrostMemory(new Winters(record), TODAY, ZoneOffset.UTC);
  }

  private static DailyAir cold(int daysAgo, double minC, double maxC) {
    return new DailyAir(TODAY.minusDays(daysAgo), minC, maxC);
  }

  private static Instant daysAgo(int days) {
    return TODAY.minusDays(days).atStartOfDay(ZoneOffset.UTC).toInstant();
  }

  private static List<Sheltered> since(int days, Enclosure enclosure) {
    return List.of(new Sheltered(daysAgo(days), enclosure));
  }

  private static FrostMemory freeze() {
    return memory(
        cold(9, -6, -1), cold(8, -9, -2), cold(7, -9, -2), cold(6, -8, -1), cold(5, 2, 7));
  }

  @Test
  void aFreezeIsRememberedAfterTheThaw() {
    FrostMemory.Carried carried = freeze().carried(since(30, OPEN), PUMP, null, null);

    assertThat(carried.frozeOn()).isEqualTo(TODAY.minusDays(9));
    assertThat(carried.mostIce()).isEqualTo(1);
    assertThat(carried.ice()).isZero();
    assertThat(carried.temperatureC()).isBetween(2.0, 8.0);
    assertThat(carried.unknownDays()).isZero();
  }

  @Test
  void whatCameInAfterTheFreezeOrWentOutBeforeItIsWhole() {
    FrostMemory memory = freeze();
    assertThat(memory.carried(since(30, OPEN), PUMP, daysAgo(4), null).frozeOn()).isNull();
    assertThat(memory.carried(since(30, OPEN), PUMP, daysAgo(20), daysAgo(10)).frozeOn()).isNull();
    assertThat(memory.carried(since(30, OPEN), PUMP, daysAgo(20), daysAgo(7)).frozeOn())
        .isEqualTo(TODAY.minusDays(9));
  }

  @Test
  void aShedKeepsFromTheTimeItWasMovedIn() {
    Enclosure heated = Enclosure.heatedShed(5);
    FrostMemory memory = freeze();
    List<Sheltered> inTime =
        List.of(new Sheltered(daysAgo(30), OPEN), new Sheltered(daysAgo(10), heated));
    List<Sheltered> tooLate =
        List.of(new Sheltered(daysAgo(30), OPEN), new Sheltered(daysAgo(6), heated));

    assertThat(memory.carried(inTime, PUMP, null, null).frozeOn()).isNull();
    assertThat(memory.carried(tooLate, PUMP, null, null).frozeOn()).isEqualTo(TODAY.minusDays(9));
  }

  @Test
  void daysNobodyKeptAreUnknownAndNothingIsClaimedOfThem() {
    List<DailyAir> record = new ArrayList<>();
    for (int back = 20; back > 0; back--) {
      if (back > 12 || back < 6) {
        record.add(new DailyAir(TODAY.minusDays(back), 1, 4));
      }
    }
    LocalDate yearBefore = TODAY.minusYears(1);
    for (int back = 0; back < 40; back++) {
      record.add(new DailyAir(yearBefore.minusDays(back), back < 10 ? -3 : 5, 9));
    }
    FrostMemory memory = new FrostMemory(new Winters(record), TODAY, ZoneOffset.UTC);
    FrostMemory.Carried carried = memory.carried(since(18, OPEN), PUMP, null, null);

    assertThat(carried.frozeOn()).isNull();
    assertThat(carried.ice()).isZero();
    // Days 12 to 6 ago: on the days around them it froze in a year on record.
    assertThat(carried.unknownDays()).isEqualTo(7);
    // Up to day 14 ago nothing was lost; before day 20 nothing was kept, and it never froze then.
    assertThat(memory.carried(since(40, OPEN), PUMP, null, daysAgo(21)).unknownDays()).isZero();
  }

  @Test
  void yesterdaysIceGoesOnToday() {
    FrostMemory memory = memory(cold(3, -9, -4), cold(2, -9, -5), cold(1, -9, -5));
    CircuitWater.Held held = new CircuitWater.Held("b", "block", PocketKind.BLOCK, BLOCK);
    Stand stand = memory.stand(since(30, OPEN), held);

    assertThat(stand.hour()).isZero();
    assertThat(stand.temperatureC()).isEqualTo(0);
    assertThat(stand.ice()).isBetween(0.3, 0.7);
    assertThat(stand.damaged()).isTrue();
    assertThat(memory.lastC(OPEN)).isLessThan(-4);
  }

  @Test
  void whatCameInTodayIsAsWarmAsTheAir() {
    ZoneId zone = ZoneId.of("Europe/Paris");
    FrostMemory memory = new FrostMemory(new Winters(List.of()), TODAY, zone);
    CircuitWater.Held held =
        new CircuitWater.Held(
            "b",
            "block",
            PocketKind.BLOCK,
            BLOCK,
            TODAY.atTime(10, 20).atZone(zone).toInstant(),
            null);
    assertThat(memory.stand(since(30, OPEN), held)).isEqualTo(new Stand(10, null, 0, false));
    assertThat(memory.stand(List.of(), held)).isNull();
  }

  @Test
  void itAgreesWithAPocketSteppedMinuteByMinute() {
    SimulatedSite site = new SimulatedSite(11, LocalDate.of(2032, 1, 20));
    for (int winter = 0; winter < 12; winter++) {
      LocalDate today = LocalDate.of(2020 + winter, 2, 1);
      List<DailyAir> record = site.truth(today.minusDays(300), 300);
      FrostMemory memory = new FrostMemory(new Winters(record), today, ZoneOffset.UTC);
      Instant came = today.minusDays(70).atTime(9, 0).toInstant(ZoneOffset.UTC);
      for (PocketKind kind :
          new PocketKind[] {PocketKind.PUMP, PocketKind.MANIFOLD, PocketKind.BLOCK}) {
        Pocket pocket = new Pocket(kind.tauHours(), 0);
        FrostMemory.Carried carried =
            memory.carried(
                List.of(new Sheltered(came, Enclosure.of(Kind.SHRINK_WRAP))), pocket, null, null);
        Stepped stepped = new Stepped(record, 230 * 24 + 9, kind.tauHours(), 4);

        assertThat(carried.ice()).isCloseTo(stepped.ice, within(0.02));
        assertThat(carried.temperatureC()).isCloseTo(stepped.temperatureC, within(0.1));
        if (stepped.mostIce > 0.12 || stepped.mostIce < 0.08) {
          assertThat(carried.frozeOn() != null).isEqualTo(stepped.mostIce > 0.1);
        }
      }
    }
  }

  /**
   * In every winter the evening before it really breaks names this night, or one before it; and a
   * few days later it is still too late, where a clock that forgets has another deadline to come.
   */
  @Test
  void onTheEveningBeforeItBreaksTheClockSaysTonightAndNeverForgetsIt() {
    int broke = 0;
    int forgotten = 0;
    for (int year = 2030; year < 2060; year++) {
      LocalDate came = LocalDate.of(year, 11, 1);
      List<DailyAir> winter = WINTERS.truth(came, 150);
      int breaksOn = breaksOn(winter, came, SHED);
      if (breaksOn < 2) {
        continue;
      }
      broke++;
      LocalDate before = came.plusDays(breaksOn - 1L);
      assertThat(deadline(winter, came, before, true))
          .as("winter of %d", year)
          .isNotNull()
          .isBeforeOrEqualTo(before);
      LocalDate after = came.plusDays(breaksOn + 4L);
      assertThat(deadline(winter, came, after, true)).isBefore(after);
      LocalDate without = deadline(winter, came, after, false);
      forgotten += without == null || without.isAfter(after) ? 1 : 0;
    }
    assertThat(broke).isGreaterThan(10);
    assertThat(forgotten).isGreaterThan(broke / 3);
  }

  private static LocalDate deadline(
      List<DailyAir> winter, LocalDate came, LocalDate evening, boolean remembers) {
    int passed = (int) (evening.toEpochDay() - came.toEpochDay());
    List<DailyAir> record = new ArrayList<>(WINTERS.pastYears(came, 30));
    record.addAll(winter.subList(0, passed));
    Forecast forecast = new Forecast(winter.subList(passed, passed + 12));
    Winters winters = new Winters(record);
    Ensemble ensemble = Ensemble.of(winters, forecast, evening);
    FrostMemory memory = remembers ? new FrostMemory(winters, evening, ZoneOffset.UTC) : null;
    FrostClock clock = new FrostClock(ensemble, 18, memory);
    List<Sheltered> shelters =
        List.of(new Sheltered(came.atStartOfDay(ZoneOffset.UTC).toInstant(), SHED));
    List<CircuitWater> water =
        List.of(
            new CircuitWater(
                "engine",
                "engine",
                List.of(new CircuitWater.Held("b", "block", PocketKind.BLOCK, BLOCK))));
    return clock.outlook(SHED, clock.remembered(shelters, water)).deadline();
  }

  /** The day on which a tenth of a block of water is ice; -1 for never. */
  private static int breaksOn(List<DailyAir> winter, LocalDate came, Enclosure shed) {
    LocalDate end = came.plusDays(winter.size());
    FrostMemory.Carried carried =
        new FrostMemory(new Winters(winter), end, ZoneOffset.UTC)
            .carried(
                List.of(new Sheltered(came.atStartOfDay(ZoneOffset.UTC).toInstant(), shed)),
                BLOCK,
                null,
                null);
    return carried.frozeOn() == null
        ? -1
        : (int) (carried.frozeOn().toEpochDay() - came.toEpochDay());
  }

  /** A pocket of water in an enclosure, in steps of a minute, by the book and nothing else. */
  private static final class Stepped {
    private static final double STEP_H = 1 / 60.0;
    private double temperatureC;
    private double ice;
    private double mostIce;

    Stepped(List<DailyAir> days, int fromHour, double tauHours, double lagHours) {
      double inside = (days.get(0).minC() + days.get(0).maxC()) / 2;
      for (int hour = 0; hour < days.size() * 24; hour++) {
        double around = air(days, hour);
        inside = around + (inside - around) * Math.exp(-1 / lagHours);
        if (hour < fromHour) {
          temperatureC = inside;
          continue;
        }
        for (int minute = 0; minute < 60; minute++) {
          step(inside, tauHours);
        }
      }
    }

    private void step(double airC, double tauHours) {
      double flow = (airC - temperatureC) / tauHours * STEP_H;
      if (ice > 0 || temperatureC + flow < 0) {
        ice = Math.max(0, Math.min(1, ice - (airC / tauHours * STEP_H) / 79.7));
        temperatureC = 0;
      } else {
        temperatureC += flow;
      }
      mostIce = Math.max(mostIce, ice);
    }

    private static double air(List<DailyAir> days, int hour) {
      int day = hour / 24;
      double at = hour % 24 + 0.5;
      DailyAir today = days.get(day);
      if (at < 6) {
        DailyAir before = days.get(Math.max(0, day - 1));
        return wave(before.maxC(), today.minC(), (at + 9) / 15);
      }
      if (at < 15) {
        return wave(today.minC(), today.maxC(), (at - 6) / 9);
      }
      DailyAir after = days.get(Math.min(days.size() - 1, day + 1));
      return wave(today.maxC(), after.minC(), (at - 15) / 15);
    }

    private static double wave(double from, double to, double part) {
      return (from + to) / 2 + (from - to) / 2 * Math.cos(Math.PI * part);
    }
  }
}
