package elsko.core.trend;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.Hulls;
import elsko.core.Story;
import elsko.core.boat.Boat;
import elsko.core.boat.path.Position;
import elsko.core.gauge.GaugeReading;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.StartBasis;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class TrendsTest {
  private static final Boat BOAT = Boat.of(Hulls.saildrive());
  private final List<Entry> log = new ArrayList<>();

  private Entry on(String day, Fact fact) {
    Instant at = Instant.parse(day + "T09:00:00Z").plusSeconds(log.size());
    Entry entry = new Entry(UUID.randomUUID(), "Orrin", at, at, null, null, null, fact);
    log.add(entry);
    return entry;
  }

  private Entry plateau(int year, double value) {
    return on(year + "-10-01", new Fact.ReadingTaken(Position.CENTER, "plateau-closed", value));
  }

  private void flow(int year, double seconds) {
    on(year + "-04-01", new Fact.ReadingTaken(null, "water-at-exhaust", seconds));
  }

  private EngineTrends trends() {
    return Trends.of(BOAT, log).get(0);
  }

  private List<String> words() {
    return trends().narrowing().stream().map(one -> one.words().toString()).toList();
  }

  @Test
  void aPlateauFourOverItsOwnMedianIsSaidWithItsEvidence() {
    plateau(2026, 80);
    plateau(2027, 81);
    plateau(2028, 79);
    plateau(2029, 83.9);
    assertThat(trends().narrows()).isFalse();
    plateau(2030, 84.5);
    assertThat(words()).containsExactly("Holds at 84.5 °C, 4 K over its own median of 80.5 °C.");
    assertThat(trends().narrowing().get(0).evidence()).hasSize(5);
    // It does not take itself back: neither by the next hot one, nor by a cooler one.
    plateau(2031, 84.6);
    plateau(2032, 84.6);
    plateau(2033, 84.6);
    assertThat(trends().narrows()).isTrue();
    plateau(2034, 80);
    assertThat(trends().narrows()).isTrue();
    on("2034-11-01", new Fact.DescalerUsed("engine", List.of("exchanger"), 8));
    assertThat(trends().narrows()).isFalse();
    plateau(2035, 80);
    assertThat(trends().narrows()).isFalse();
    plateau(2036, 85);
    assertThat(words()).containsExactly("Holds at 85 °C, 5 K over its own median of 80 °C.");
  }

  @Test
  void threeBeforeItAreNeeded() {
    plateau(2028, 80);
    plateau(2029, 80);
    plateau(2030, 88);
    assertThat(trends().narrows()).isFalse();
  }

  @Test
  void onlyTheLastFiveMakeTheMedianAndColdRunsSayNothing() {
    for (int year = 2020; year < 2025; year++) {
      plateau(year, 75);
    }
    for (int year = 2025; year < 2030; year++) {
      plateau(year, 78);
    }
    plateau(2030, 55);
    plateau(2031, 81);
    assertThat(trends().narrows()).isFalse();
  }

  @Test
  void whatWasTakenBackIsNoEvidence() {
    plateau(2026, 80);
    plateau(2027, 80);
    plateau(2028, 80);
    Entry wrong = plateau(2029, 90);
    assertThat(trends().narrows()).isTrue();
    Instant at = wrong.serverTime().plusSeconds(60);
    log.add(
        new Entry(
            UUID.randomUUID(),
            "Orrin",
            at,
            at,
            null,
            null,
            wrong.id(),
            new Fact.Withdrawn("typo")));
    assertThat(trends().narrows()).isFalse();
  }

  @Test
  void waterThatComesLaterThreeTimesInARowIsSaid() {
    flow(2027, 9);
    flow(2028, 8);
    flow(2029, 11);
    flow(2030, 15);
    assertThat(trends().narrows()).isFalse();
    flow(2031, 22);
    assertThat(words())
        .containsExactly(
            "Water at the exhaust came later three times in a row: 8 s, 11 s, 15 s, 22 s.");
    flow(2032, 22);
    assertThat(trends().narrows()).isTrue();
    on("2032-05-01", new Fact.ServiceDone(Position.CENTER, "elbow", "free"));
    assertThat(trends().narrows()).isFalse();
  }

  @Test
  void theFirstTimeARunHoldsTellsHowLongItsThermostatTook() {
    on("2030-10-01", new Fact.EngineStarted(Position.CENTER, StartBasis.FED, 0));
    for (int half = 0; half < 20; half++) {
      double minute = half * 0.5;
      double celsius = Math.min(14 + 11 * minute, 80);
      on(
          "2030-10-01",
          new Fact.GaugeRead(Position.CENTER, new GaugeReading(minute, celsius, 1100.0, 17.0)));
    }
    assertThat(trends().of(TrendKind.MINUTES_TO_THERMOSTAT))
        .extracting(TrendPoint::value)
        .containsExactly(7.0);
    assertThat(trends().of(TrendKind.REVS)).extracting(TrendPoint::value).containsExactly(1100.0);
  }

  @Test
  void litersOfADayAddUpAndTheWeakestSampleCounts() {
    on("2030-10-01", new Fact.FluidUsed("engine", Story.LOT, 5, null));
    on("2030-10-01", new Fact.FluidUsed("engine", Story.LOT, 2.5, null));
    on("2031-10-01", new Fact.FluidUsed("engine", Story.LOT, 6, null));
    assertThat(trends().of(TrendKind.LITERS_IN))
        .extracting(TrendPoint::value)
        .containsExactly(7.5, 6.0);
    String low = BOAT.circuit("engine").lowPoints().get(0).key();
    on("2030-10-01", new Fact.SampleRead(low, Story.LOT, Story.GLASS, Story.JUG, 15));
    on("2030-10-01", new Fact.SampleRead(low, Story.LOT, Story.GLASS, Story.SHORT, 15));
    assertThat(trends().of(TrendKind.WEAKEST_SAMPLE)).hasSize(1);
    assertThat(trends().of(TrendKind.WEAKEST_SAMPLE).get(0).value())
        .isCloseTo(21, org.assertj.core.data.Offset.offset(0.5));
  }

  @Test
  void oilIsFollowedByItsLook() {
    on("2030-10-01", new Fact.ConditionSeen(Position.CENTER, "oil-look", "amber"));
    on("2031-10-01", new Fact.ConditionSeen(null, "oil-look", "milky"));
    assertThat(trends().of(TrendKind.OIL_LOOK))
        .extracting(TrendPoint::words, TrendPoint::good)
        .containsExactly(
            org.assertj.core.api.Assertions.tuple("clear, amber", true),
            org.assertj.core.api.Assertions.tuple("milky", false));
  }
}
