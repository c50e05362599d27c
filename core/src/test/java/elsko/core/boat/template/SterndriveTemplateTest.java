package elsko.core.boat.template;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import elsko.core.Hulls;
import elsko.core.Refused;
import elsko.core.boat.Boat;
import elsko.core.boat.description.BoatDescription;
import elsko.core.boat.description.DrainArrangement;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.Fitting;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.LowPoint;
import elsko.core.boat.path.Parallel;
import elsko.core.boat.path.Segment;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class SterndriveTemplateTest {
  private static Boat boat(DrainArrangement drains) {
    return Boat.of(Hulls.sterndrive(drains));
  }

  private static Circuit engine(DrainArrangement drains) {
    return boat(drains).circuit("engine");
  }

  @Test
  void itsSegmentsHoldWhatTheTemplateSays() {
    Circuit circuit = engine(DrainArrangement.FOUR_DRAINS);
    assertThat(circuit.segment("intake-hose").liters()).isEqualTo(1.0);
    assertThat(circuit.segment("pump").liters()).isEqualTo(0.3);
    assertThat(circuit.segment("fuel-cooler").liters()).isEqualTo(0.3);
    assertThat(circuit.segment("steering-cooler").liters()).isEqualTo(0.4);
    assertThat(circuit.segment("recirculation").liters()).isEqualTo(1.5);
    assertThat(circuit.segment("block-port").liters() + circuit.segment("block-starboard").liters())
        .isEqualTo(9.0);
    assertThat(circuit.segment("manifold-port").liters()).isEqualTo(2.2);
    assertThat(circuit.segment("riser-starboard").liters()).isEqualTo(0.8);
    assertThat(circuit.liters()).isCloseTo(18.5, within(1e-9));
  }

  @Test
  void theBlockSharesTheFlowAndLiesBehindTheThermostat() {
    Circuit circuit = engine(DrainArrangement.FOUR_DRAINS);
    assertThat(circuit.flowShare("block-port")).isEqualTo(0.5);
    assertThat(circuit.flowShare("manifold-starboard")).isEqualTo(0.5);
    assertThat(circuit.flowShare("pump")).isEqualTo(1);
    assertThat(circuit.flowShare("keel")).isZero();
    assertThat(circuit.segment("block-port").gated()).isTrue();
    assertThat(circuit.segment("manifold-port").gated()).isFalse();
  }

  @ParameterizedTest
  @EnumSource(
      value = DrainArrangement.class,
      names = {"FOUR_DRAINS", "FOUR_DRAINS_ONE_SENSOR", "ONE_CENTRAL_DRAIN"})
  void eachBlockSideAndEachManifoldMustBeSampled(DrainArrangement drains) {
    assertThat(engine(drains).requiredLowPoints())
        .extracting(LowPoint::segment)
        .containsExactlyInAnyOrder(
            "block-port", "block-starboard", "manifold-port", "manifold-starboard");
  }

  @ParameterizedTest
  @EnumSource(
      value = DrainArrangement.class,
      names = {"FOUR_DRAINS", "FOUR_DRAINS_ONE_SENSOR", "ONE_CENTRAL_DRAIN"})
  void everySegmentIsEmptiedBySomeLowPointAndFilledAtSomeHose(DrainArrangement drains) {
    Circuit circuit = engine(drains);
    List<String> all = circuit.segments().stream().map(Segment::key).toList();
    assertThat(circuit.lowPoints().stream().flatMap(p -> p.empties().stream()).toList())
        .containsExactlyInAnyOrderElementsOf(all);
    assertThat(circuit.pourPoints().stream().flatMap(p -> p.fills().stream()).toList())
        .containsExactlyInAnyOrderElementsOf(all);
    assertThat(circuit.pourPoints()).hasSize(5);
  }

  @ParameterizedTest
  @EnumSource(
      value = DrainArrangement.class,
      names = {"FOUR_DRAINS", "FOUR_DRAINS_ONE_SENSOR", "ONE_CENTRAL_DRAIN"})
  void everyFittingACircuitNamesIsOnTheBoat(DrainArrangement drains) {
    Boat boat = boat(drains);
    Circuit circuit = boat.circuit("engine");
    assertThat(circuit.drains())
        .allSatisfy(key -> assertThat(boat.fitting(key).kind().isDrain()).isTrue());
    assertThat(circuit.hoses())
        .allSatisfy(key -> assertThat(boat.fitting(key).kind()).isEqualTo(FittingKind.HOSE_END));
    assertThat(circuit.lowPoints())
        .allSatisfy(p -> assertThat(boat.hasFitting(p.opens())).isTrue());
    assertThat(boat.fittings().stream().map(Fitting::name).collect(Collectors.toSet()))
        .hasSameSizeAs(boat.fittings());
  }

  @Test
  void arrangementsDifferOnlyInTheirDrains() {
    assertThat(engine(DrainArrangement.FOUR_DRAINS).drains()).hasSize(4);
    assertThat(engine(DrainArrangement.ONE_CENTRAL_DRAIN).drains())
        .containsExactly("central-drain");
    Boat sensor = boat(DrainArrangement.FOUR_DRAINS_ONE_SENSOR);
    assertThat(sensor.fitting("block-starboard-drain").kind())
        .isEqualTo(FittingKind.THREADED_SENSOR);
    assertThat(sensor.hasFitting("block-starboard-wire")).isTrue();
    assertThat(boat(DrainArrangement.FOUR_DRAINS).hasFitting("block-starboard-wire")).isFalse();
  }

  @Test
  void whatABoatDoesNotHaveIsRefusedByName() {
    Boat boat = boat(DrainArrangement.FOUR_DRAINS);
    assertThatThrownBy(() -> boat.circuit("generator")).isInstanceOf(Refused.class);
    assertThatThrownBy(() -> boat.fitting("anchor")).hasMessageContaining("Testudo has no fitting");
    assertThatThrownBy(() -> boat.lowPoint("keel")).hasMessageContaining("no low point");
    assertThat(boat.lowPoint("pump").required()).isFalse();
  }

  @Test
  void twoFittingsOfOneNameAreRefused() {
    Fitting plug = new Fitting("plug", "plug", FittingKind.HULL_PLUG, null, "", "", true);
    BoatDescription description = boat(DrainArrangement.FOUR_DRAINS).description();
    assertThatThrownBy(() -> new Boat(description, List.of(), List.of(plug, plug)))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("Two fittings");
  }

  @Test
  void branchesEachNeedAShare() {
    assertThatThrownBy(() -> new Parallel(List.of(List.of(), List.of()), List.of(1.0)))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
