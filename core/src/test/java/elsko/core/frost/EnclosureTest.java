package elsko.core.frost;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import elsko.core.Refused;
import elsko.core.boat.path.PocketKind;
import elsko.core.frost.Enclosure.HeaterNight;
import elsko.core.frost.Enclosure.Kind;
import elsko.core.ledger.circuit.Protection;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

class EnclosureTest {
  private static final LocalDate TODAY = LocalDate.of(2031, 11, 10);
  private static final Ensemble COLD = ensemble(-8, -4);

  @Test
  void insideFollowsOutsideWithItsLag() {
    double[] open = Enclosure.of(Kind.OPEN).insideC(COLD, 0, null);
    double[] shed = Enclosure.of(Kind.COLD_SHED).insideC(COLD, 0, null);
    double[] outside = COLD.hourlyC(0, 0);

    assertThat(spread(open)).isLessThan(spread(outside));
    assertThat(spread(shed)).isLessThan(spread(open));
    double expected = outside[1] + (open[0] - outside[1]) * Math.exp(-0.5);
    assertThat(open[1]).isCloseTo(expected, within(1e-9));
  }

  @Test
  void aHeatedShedIsNeverBelowItsSetPoint() {
    double[] inside = Enclosure.heatedShed(8).insideC(COLD, 0, null);
    assertThat(Arrays.stream(inside).min().orElseThrow()).isEqualTo(8);
    double[] failed = Enclosure.heatedShed(8).heaterFailed().insideC(COLD, 0, null);
    assertThat(Arrays.stream(failed).min().orElseThrow()).isNegative();
  }

  @Test
  void afloatTheWaterKeepsItFromTheWorst() {
    double[] fresh = Enclosure.of(Kind.AFLOAT_FRESH).insideC(COLD, 0, null);
    double[] salt = Enclosure.of(Kind.AFLOAT_SALT).insideC(COLD, 0, null);

    // 60 % water at 0 or −1.7 °C, 40 % air at about −6 °C.
    assertThat(Arrays.stream(fresh).average().orElseThrow()).isCloseTo(-2.4, within(0.3));
    assertThat(Arrays.stream(salt).average().orElseThrow()).isCloseTo(-3.4, within(0.3));
  }

  @Test
  void aHeaterHoldsForOneNightOnly() {
    double[] inside = Enclosure.of(Kind.OPEN).heated(new HeaterNight(2)).insideC(COLD, 0, null);

    assertThat(inside[2 * 24 + 20]).isGreaterThanOrEqualTo(5);
    assertThat(inside[3 * 24 + 5]).isGreaterThanOrEqualTo(5);
    assertThat(inside[2 * 24 + 12]).isNegative();
    assertThat(inside[3 * 24 + 20]).isNegative();
  }

  @Test
  void onlyAHeatedShedHasASetPoint() {
    assertThatThrownBy(() -> new Enclosure(Kind.TARP, 5.0, null)).isInstanceOf(Refused.class);
    assertThatThrownBy(() -> Enclosure.heatedShed(60)).isInstanceOf(Refused.class);
  }

  @Test
  void aNightThatIsOneTooManySaysWhatToDo() {
    FrostClock clock = new FrostClock(COLD, 8);
    List<CircuitWater> waters =
        List.of(
            new CircuitWater(
                "engine",
                "engine raw water",
                List.of(
                    new CircuitWater.Held(
                        "pump", "raw-water pump", PocketKind.PUMP, new Pocket(0.7, 0)))));
    Enclosure open = Enclosure.of(Kind.OPEN);
    Outlook outlook = clock.outlook(open, waters);
    assertThat(Tonight.concerns(outlook, FrostPast.NONE)).isTrue();

    Tonight tonight =
        Tonight.of(
            Protection.WET, outlook, FrostPast.NONE, WhatIf.of(clock, open, waters, outlook));
    assertThat(tonight.words().toString())
        .startsWith("Raw-water pump goes first: 100 % of winters");
    assertThat(tonight.action()).startsWith("Winterize it today");
    assertThat(tonight.loss()).isCloseTo(PocketKind.PUMP.repairCost(), within(1e-9));
    assertThat(Tonight.of(Protection.HELD, outlook, FrostPast.NONE, List.of()).action())
        .isEqualTo("Refill it today");
    assertThat(Tonight.of(Protection.FILLED, outlook, FrostPast.NONE, List.of()).action())
        .isEqualTo("Sample it today");
    Outlook mild = new FrostClock(ensemble(4, 10), 8).outlook(open, waters);
    assertThat(Tonight.concerns(mild, FrostPast.NONE)).isFalse();
    FrostPast froze =
        new FrostPast(
            List.of(
                new FrostPast.Frozen(
                    "engine", "engine raw water", "pump", TODAY.minusDays(3), false)),
            List.of());
    assertThat(Tonight.concerns(mild, froze)).isTrue();
    assertThat(Tonight.of(Protection.WET, mild, froze, List.of()).words().toString())
        .isEqualTo(
            "Water stood in the pump (engine raw water) through the frost of Fri 7 Nov: it may be broken"
                + " already.");
  }

  @Test
  void moreWarmthIsNeverWorse() {
    FrostClock clock = new FrostClock(COLD, 0);
    for (PocketKind kind : PocketKind.values()) {
      Pocket pocket = new Pocket(kind.tauHours(), 0);
      double[] open = clock.hoursToDamage(Enclosure.of(Kind.OPEN), pocket, null);
      double[] heated =
          clock.hoursToDamage(Enclosure.of(Kind.OPEN).heated(new HeaterNight(0)), pocket, null);
      for (int member = 0; member < open.length; member++) {
        assertThat(Double.isNaN(heated[member]) || heated[member] >= open[member]).isTrue();
      }
    }
  }

  private static double spread(double[] hours) {
    double[] day = Arrays.copyOfRange(hours, 48, 72);
    return Arrays.stream(day).max().orElseThrow() - Arrays.stream(day).min().orElseThrow();
  }

  /** Six winters, all alike. */
  private static Ensemble ensemble(double minC, double maxC) {
    List<DailyAir> days = new ArrayList<>();
    for (LocalDate date = LocalDate.of(2024, 7, 1);
        date.isBefore(LocalDate.of(2031, 7, 1));
        date = date.plusDays(1)) {
      days.add(new DailyAir(date, minC, maxC));
    }
    return Ensemble.of(new Winters(days), Forecast.NONE, null, TODAY, 20);
  }
}
