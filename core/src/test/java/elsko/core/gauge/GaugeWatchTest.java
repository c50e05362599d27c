package elsko.core.gauge;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.boat.description.Cooling;
import elsko.core.boat.description.EngineDescription;
import elsko.core.boat.description.EngineDetails;
import elsko.core.boat.description.Fuel;
import elsko.core.boat.path.Position;
import elsko.core.gauge.GaugeWatch.Standing;
import elsko.core.gauge.SimulatedEngine.Fault;
import elsko.core.limits.Call;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class GaugeWatchTest {
  private static final EngineDescription V8 =
      EngineDescription.usual(Position.CENTER, Fuel.PETROL, 8, Cooling.RAW_WATER);
  private static final GaugeLimits NOTHING_KNOWN = GaugeLimits.of(V8, List.of());

  private static EngineDescription with(Double plateauC, Double alarmC) {
    return V8.with(known(plateauC, alarmC, null));
  }

  private static EngineDetails known(Double plateauC, Double alarmC, Double thermostatC) {
    return new EngineDetails(
        null,
        null,
        null,
        "",
        null,
        null,
        null,
        "",
        null,
        plateauC,
        alarmC,
        null,
        thermostatC,
        null,
        null,
        null,
        null,
        "",
        "");
  }

  private static List<GaugeReading> run(SimulatedEngine engine, double minutes, double every) {
    List<GaugeReading> readings = new ArrayList<>();
    for (double minute = 0; minute <= minutes; minute += every) {
      readings.add(engine.at(minute));
    }
    return readings;
  }

  private static GaugeReading at(double minute, double temperatureC) {
    return new GaugeReading(minute, temperatureC, null, null);
  }

  @Test
  void stopsAtTheAlarmElseOverItsOwnPlateauElsePastItsNormal() {
    assertThat(GaugeLimits.of(with(75.0, 95.0), List.of()).stopAtC()).isEqualTo(95);
    assertThat(GaugeLimits.of(with(75.0, null), List.of()).stopAtC()).isEqualTo(81);
    assertThat(NOTHING_KNOWN.stopAtC()).isEqualTo(88);
  }

  @Test
  void itsOwnPlateauIsTheMedianOfItsLastFiveAndOfAtLeastThree() {
    assertThat(GaugeLimits.of(V8, List.of(74.0, 75.0)).ownPlateauC()).isNull();
    assertThat(GaugeLimits.of(V8, List.of(90.0, 74.0, 75.0)).ownPlateauC()).isEqualTo(75);
    assertThat(GaugeLimits.of(V8, List.of(60.0, 60.0, 74.0, 75.0, 76.0, 77.0)).ownPlateauC())
        .isEqualTo(75);
    assertThat(GaugeLimits.of(V8, List.of(74.0, 75.0, 76.0, 77.0)).ownPlateauC()).isEqualTo(75.5);
  }

  /** Each in the handbook's order: its own plateau, its thermostat, its cooling. */
  @ParameterizedTest
  @CsvSource({
    // fuel, cooling, plateau on record, thermostat, held, call
    "PETROL, RAW_WATER, 79.4, , 79.4, GOOD",
    "PETROL, RAW_WATER, 79.4, , 84, MEND",
    "PETROL, RAW_WATER, 79.4, , 85.4, STOP",
    "PETROL, RAW_WATER, , , 79.4, GOOD",
    "PETROL, RAW_WATER, , , 60, GOOD",
    "PETROL, RAW_WATER, , , 59, MEND",
    "DIESEL, RAW_WATER, , , 52, GOOD",
    "DIESEL, RAW_WATER, 52, , 52, GOOD",
    "DIESEL, RAW_WATER, , , 42, GOOD",
    "DIESEL, RAW_WATER, , , 71, GOOD",
    "DIESEL, RAW_WATER, , , 72, MEND",
    "DIESEL, RAW_WATER, , , 77, STOP",
    "DIESEL, RAW_WATER, , 60, 58, GOOD",
    "DIESEL, RAW_WATER, , 60, 71, MEND",
    "DIESEL, CLOSED, , , 60, GOOD",
    "DIESEL, CLOSED, , , 91, GOOD",
    "DIESEL, CLOSED, , , 97, STOP"
  })
  void whereItHoldsIsJudgedInTheHandbooksOrder(
      Fuel fuel, Cooling cooling, Double own, Double thermostat, double held, Call call) {
    EngineDescription engine =
        EngineDescription.usual(Position.CENTER, fuel, 4, cooling)
            .with(known(own, null, thermostat));
    assertThat(GaugeLimits.of(engine, List.of()).judge(engine, held).call()).isEqualTo(call);
  }

  @Test
  void aboveItsRangeItIsStoppedWhileItStillClimbsAndSaidWhenItHolds() {
    assertThat(GaugeWatch.of(NOTHING_KNOWN, List.of(at(6, 80), at(6.5, 83))).standing())
        .isEqualTo(Standing.STOP);
    GaugeWatch holds = GaugeWatch.of(NOTHING_KNOWN, List.of(at(6, 83), at(6.5, 83), at(7.5, 83.2)));
    assertThat(holds.standing()).isEqualTo(Standing.OPEN);
    assertThat(holds.words().toString()).contains("Hotter than goes with");
  }

  @Test
  void whatIsKnownOfItComesBeforeItsRange() {
    GaugeLimits own = GaugeLimits.of(V8, List.of(75.0, 75.0, 75.0));
    assertThat(GaugeWatch.of(own, List.of(at(6, 78), at(6.5, 80))).standing())
        .isNotEqualTo(Standing.STOP);
    assertThat(GaugeWatch.of(own, List.of(at(6, 78), at(6.5, 81))).standing())
        .isEqualTo(Standing.STOP);
    GaugeLimits alarm = GaugeLimits.of(with(null, 95.0), List.of());
    assertThat(GaugeWatch.of(alarm, List.of(at(6, 85), at(6.5, 90))).standing())
        .isNotEqualTo(Standing.STOP);
  }

  @Test
  void aSoundEngineWarmsUpOpensAndHolds() {
    SimulatedEngine sound = new SimulatedEngine(Fault.NONE, 75, 1);
    assertThat(GaugeWatch.of(NOTHING_KNOWN, run(sound, 4, 0.5)).standing())
        .isEqualTo(Standing.WARMING);
    GaugeWatch warm = GaugeWatch.of(NOTHING_KNOWN, run(sound, 7.5, 0.5));
    assertThat(warm.standing()).isEqualTo(Standing.OPEN);
    assertThat(warm.plateauC()).isBetween(74.5, 75.5);
    assertThat(warm.opened()).isTrue();
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5})
  void aStuckThermostatIsStoppedAndWasNeverSeenToOpen(long seed) {
    SimulatedEngine stuck = new SimulatedEngine(Fault.STUCK_THERMOSTAT, 75, seed);
    GaugeWatch watch = GaugeWatch.of(NOTHING_KNOWN, run(stuck, 7, 0.5));
    assertThat(watch.standing()).isEqualTo(Standing.STOP);
    assertThat(watch.opened()).isFalse();
  }

  @ParameterizedTest
  @ValueSource(doubles = {0.25, 0.5, 1})
  void aBlockedElbowIsStoppedWithTheFirstReadingAtTheLimit(double every) {
    SimulatedEngine blocked = new SimulatedEngine(Fault.BLOCKED_ELBOW, 75, 7);
    List<GaugeReading> readings = run(blocked, 15, every);
    int over = 0;
    while (readings.get(over).temperatureC() <= NOTHING_KNOWN.opensUntilC()) {
      assertThat(GaugeWatch.of(NOTHING_KNOWN, readings.subList(0, over + 1)).standing())
          .isNotEqualTo(Standing.STOP);
      over++;
    }
    assertThat(GaugeWatch.of(NOTHING_KNOWN, readings.subList(0, over + 1)).standing())
        .isEqualTo(Standing.STOP);
  }

  @Test
  void aWornImpellerCreepsOverTheLimitAfterItSeemedToHold() {
    SimulatedEngine worn = new SimulatedEngine(Fault.WORN_IMPELLER, 75, 3);
    GaugeWatch watch = GaugeWatch.of(NOTHING_KNOWN, run(worn, 12, 0.5));
    assertThat(watch.standing()).isEqualTo(Standing.STOP);
    assertThat(watch.opened()).isTrue();
  }

  @Test
  void noWaterAfterAMinuteStopsWhateverTheTemperature() {
    GaugeReading dry = new GaugeReading(1, 30, 1000.0, 0.0);
    assertThat(GaugeWatch.of(NOTHING_KNOWN, List.of(dry)).standing()).isEqualTo(Standing.STOP);
    GaugeReading early = new GaugeReading(0.9, 30, 1000.0, 0.0);
    assertThat(GaugeWatch.of(NOTHING_KNOWN, List.of(early)).standing()).isEqualTo(Standing.WARMING);
  }

  @Test
  void notOpenAfterAQuarterOfAnHourIsAFinding() {
    assertThat(GaugeWatch.of(NOTHING_KNOWN, List.of(at(5, 55), at(14, 56))).standing())
        .isEqualTo(Standing.WARMING);
    GaugeWatch watch = GaugeWatch.of(NOTHING_KNOWN, List.of(at(5, 55), at(15, 56)));
    assertThat(watch.standing()).isEqualTo(Standing.NOT_OPENING);
    assertThat(watch.words().toString()).contains("stuck open");
  }

  @Test
  void flatMeansTwoReadingsAMinuteApart() {
    assertThat(GaugeWatch.of(NOTHING_KNOWN, List.of(at(6, 74))).standing())
        .isEqualTo(Standing.WARMING);
    assertThat(GaugeWatch.of(NOTHING_KNOWN, List.of(at(6, 74), at(6.5, 74))).standing())
        .isEqualTo(Standing.WARMING);
    assertThat(GaugeWatch.of(NOTHING_KNOWN, List.of(at(6, 74), at(7, 75.5))).standing())
        .isEqualTo(Standing.OPEN);
    assertThat(GaugeWatch.of(NOTHING_KNOWN, List.of(at(6, 72), at(7, 74))).standing())
        .isEqualTo(Standing.WARMING);
  }

  @Test
  void saysHowFarFromItsOwnPlateauItHoldsAndWhenItTurnsTooFast() {
    GaugeLimits own = GaugeLimits.of(V8, List.of(72.0, 72.0, 72.0));
    List<GaugeReading> run = List.of(at(6, 75), new GaugeReading(7, 75, 2300.0, 15.0));
    assertThat(GaugeWatch.of(own, run).words().toString())
        .contains("3 K hotter than it usually does")
        .contains("2300 rpm is too fast");
  }
}
