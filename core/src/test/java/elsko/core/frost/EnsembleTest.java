package elsko.core.frost;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class EnsembleTest {
  private static final LocalDate TODAY = LocalDate.of(2031, 10, 28);
  private static final SimulatedSite SITE = new SimulatedSite(7, LocalDate.of(2032, 1, 20));

  @Test
  void everyPastWinterIsAMember() {
    assertThat(ensemble(Forecast.NONE).members()).isEqualTo(30);
    assertThat(ensemble(Forecast.NONE).days()).isEqualTo(120);
  }

  @Test
  void itIsTheSameFromTheSameSeed() {
    Ensemble one = ensemble(SITE.forecast(TODAY, 12));
    Ensemble other = ensemble(SITE.forecast(TODAY, 12));
    for (int member = 0; member < one.members(); member++) {
      assertThat(one.hourlyC(member, 0)).isEqualTo(other.hourlyC(member, 0));
    }
    assertThat(
            Ensemble.of(
                    new Winters(new SimulatedSite(8, SITE.coldest()).pastYears(TODAY, 30)),
                    SITE.forecast(TODAY, 12),
                    TODAY)
                .hourlyC(0, 0))
        .isNotEqualTo(one.hourlyC(0, 0));
  }

  @Test
  void todayIsWhatTheForecastSaysButForADegreeOrTwo() {
    Forecast forecast = SITE.forecast(TODAY, 12);
    Ensemble ensemble = ensemble(forecast);
    double mean = 0;
    double square = 0;
    for (int member = 0; member < ensemble.members(); member++) {
      double off = ensemble.hourlyC(member, 0)[6] - forecast.days().get(0).minC();
      mean += off / ensemble.members();
      square += off * off / ensemble.members();
    }
    assertThat(mean).isCloseTo(0, within(0.5));
    assertThat(Math.sqrt(square)).isBetween(0.6, 2.0);
  }

  @Test
  void whatSomebodyOnTheSpotSaysOfTheNightIsTakenForAForecast() {
    for (Forecast forecast : List.of(Forecast.NONE, SITE.forecast(TODAY, 12))) {
      Ensemble ensemble =
          Ensemble.of(
              new Winters(SITE.pastYears(TODAY, 30)),
              forecast,
              new NightLow(TODAY.plusDays(1), -7),
              TODAY);
      double[] lows = ensemble.nightLowsC(0);
      assertThat(lows[lows.length / 2]).isCloseTo(-7, within(0.5));
      assertThat(lows[lows.length - 1] - lows[0]).isBetween(1.0, 9.0);
      assertThat(ensemble.nightLowsC(3)).isEqualTo(ensemble(forecast).nightLowsC(3));
    }
  }

  @Test
  void theDaysBeforeTodayAreAsTheyWereInEveryMember() {
    List<DailyAir> record = new ArrayList<>(SITE.pastYears(TODAY, 30));
    for (int back = 1; back <= 30; back++) {
      record.add(new DailyAir(TODAY.minusDays(back), 3, 5));
    }
    Ensemble ensemble = Ensemble.of(new Winters(record), Forecast.NONE, TODAY);
    for (int member = 0; member < ensemble.members(); member++) {
      double today = ensemble.startC(member);
      assertThat(ensemble.meanOf30DaysC(member, 0)).isCloseTo((29 * 4 + today) / 30, within(1e-9));
    }
  }

  @Test
  void inClearNightsWhatStandsInTheOpenFallsBelowTheScreen() {
    double[] min = {2, -1, 3};
    double[] max = {9.9, 7, 12};
    assertThat(HourlyAir.belowScreen(min, max, 2)).containsExactly(2, -3, 1);
    assertThat(HourlyAir.belowScreen(min, max, 0)).containsExactly(2, -1, 3);
    Ensemble ensemble = ensemble(Forecast.NONE);
    double[] screen = ensemble.hourlyC(0, 0);
    double[] hull = ensemble.hourlyC(0, Enclosure.Kind.OPEN.belowScreenK());
    double lower = 0;
    for (int hour = 0; hour < screen.length; hour++) {
      assertThat(hull[hour]).isLessThanOrEqualTo(screen[hour] + 1e-12);
      lower = Math.max(lower, screen[hour] - hull[hour]);
    }
    assertThat(lower).isBetween(1.9, 2.0);
  }

  @Test
  void membersPartWithLeadTimeAndEndAsTheirOwnWinter() {
    Winters winters = new Winters(SITE.pastYears(TODAY, 30));
    Ensemble ensemble = Ensemble.of(winters, SITE.forecast(TODAY, 12), TODAY);

    assertThat(spread(ensemble, 1)).isLessThan(spread(ensemble, 5));
    assertThat(spread(ensemble, 5)).isLessThan(spread(ensemble, 20));
    LocalDate far = TODAY.plusDays(60);
    DailyAir own = winters.on(far.minusYears(30));
    assertThat(ensemble.hourlyC(0, 0)[60 * 24 + 6]).isCloseTo(own.minC(), within(0.3));
  }

  @Test
  void theCurveRunsFromMinimumAtSixToMaximumAtThree() {
    double[] hours = HourlyAir.of(new double[] {-2, 4, 0}, new double[] {8, 10, 6}, 1);

    assertThat(hours).hasSize(48);
    assertThat(hours[6]).isCloseTo(4 + 6 * (1 - Math.cos(Math.PI * 0.5 / 9)) / 2, within(1e-12));
    assertThat(hours[14]).isCloseTo(10, within(0.1));
    // From yesterday's maximum at 15:00 to today's minimum at 06:00.
    assertThat(hours[0]).isCloseTo(8 - 4 * (1 - Math.cos(Math.PI * 9.5 / 15)) / 2, within(1e-12));
    // And on to tomorrow's minimum.
    assertThat(hours[29]).isCloseTo(0, within(0.1));
  }

  @Test
  void tooFewWintersSayNothing() {
    assertThat(Ensemble.of(new Winters(SITE.pastYears(TODAY, 4)), Forecast.NONE, TODAY)).isNull();
    assertThat(Ensemble.of(new Winters(List.of()), Forecast.NONE, TODAY)).isNull();
  }

  @Test
  void aRecordOfColdMonthsOnlyShortensTheLook() {
    List<DailyAir> cold = new ArrayList<>(SITE.pastYears(TODAY, 30));
    cold.removeIf(day -> day.date().getMonthValue() > 1 && day.date().getMonthValue() < 9);
    Ensemble ensemble = Ensemble.of(new Winters(cold), Forecast.NONE, TODAY);

    assertThat(ensemble.members()).isEqualTo(30);
    assertThat(ensemble.days()).isBetween(85, 96);
  }

  @Test
  void aForecastGetsWorseWithLeadTime() {
    double near = 0;
    double far = 0;
    for (int i = 0; i < 200; i++) {
      LocalDate day = TODAY.plusDays(i);
      List<DailyAir> truth = SITE.truth(day, 12);
      List<DailyAir> said = SITE.forecast(day, 12).days();
      near += Math.abs(said.get(1).minC() - truth.get(1).minC());
      far += Math.abs(said.get(11).minC() - truth.get(11).minC());
    }
    assertThat(far).isGreaterThan(2 * near);
  }

  @Test
  void aColdSnapMakesItsDaysColder() {
    Forecast forecast = SITE.forecast(TODAY, 12);
    Forecast colder = new ColdSnap(TODAY.plusDays(2), 4, 9).on(forecast);

    assertThat(colder.days().get(1)).isEqualTo(forecast.days().get(1));
    assertThat(colder.days().get(3).minC())
        .isCloseTo(forecast.days().get(3).minC() - 9, within(1e-9));
    assertThat(colder.days().get(5).minC())
        .isCloseTo(forecast.days().get(5).minC() - 4.5, within(1e-9));
    assertThat(colder.days().get(6)).isEqualTo(forecast.days().get(6));
  }

  @Test
  void leapDaysAreTakenAsTheyCome() {
    LocalDate inAutumn = LocalDate.of(2031, 11, 20);
    SimulatedSite site = new SimulatedSite(3, LocalDate.of(2032, 1, 20));
    Ensemble ensemble =
        Ensemble.of(new Winters(site.pastYears(inAutumn, 30)), Forecast.NONE, inAutumn);
    assertThat(ensemble.members()).isEqualTo(30);
  }

  private static Ensemble ensemble(Forecast forecast) {
    return Ensemble.of(new Winters(SITE.pastYears(TODAY, 30)), forecast, TODAY);
  }

  private static double spread(Ensemble ensemble, int day) {
    double[] lows = ensemble.nightLowsC(day);
    return lows[lows.length - 3] - lows[2];
  }
}
