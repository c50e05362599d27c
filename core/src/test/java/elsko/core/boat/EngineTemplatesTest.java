package elsko.core.boat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import elsko.core.Hulls;
import elsko.core.boat.description.AddedDrain;
import elsko.core.boat.description.BoatDescription;
import elsko.core.boat.description.DrainArrangement;
import elsko.core.boat.description.EnginePart;
import elsko.core.boat.description.Exhaust;
import elsko.core.boat.description.FittingChange;
import elsko.core.boat.description.SegmentChange;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.CircuitKind;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.LowPoint;
import elsko.core.boat.path.Method;
import elsko.core.boat.path.Segment;
import elsko.core.trial.AnyBoat;
import java.util.List;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.ShrinkingMode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class EngineTemplatesTest {
  static List<Arguments> templates() {
    return List.of(
        Arguments.of(Hulls.vDrive(DrainArrangement.HEX_PLUGS), "engine", 8.2, 6, 1),
        Arguments.of(Hulls.vDrive(DrainArrangement.FINGER_PLUGS), "engine", 8.2, 5, 2),
        Arguments.of(Hulls.twinDiesel(), "port-engine", 23.6, 2, 1),
        Arguments.of(Hulls.twinDiesel(), "generator", 8.0, 2, 1),
        Arguments.of(Hulls.twinDiesel(), "air-conditioning", 5.9, 1, 1),
        Arguments.of(Hulls.saildrive(), "engine", 7.8, 2, 1),
        Arguments.of(Hulls.smallDiesel(), "engine", 8.6, 2, 3),
        Arguments.of(Hulls.vintage(), "engine", 11.9, 3, 3),
        Arguments.of(Hulls.outboard(), "engine", 0.5, 0, 0),
        Arguments.of(Hulls.jet(false), "engine", 3.5, 0, 0));
  }

  @ParameterizedTest
  @MethodSource("templates")
  void theUsualCaseHoldsAndDrainsAsItsKindDoes(
      BoatDescription description, String key, double liters, int drains, int hoses) {
    Circuit circuit = Boat.of(description).circuit(key);
    assertThat(circuit.liters()).isCloseTo(liters, within(1e-9));
    assertThat(circuit.drains()).hasSize(drains);
    assertThat(circuit.hoses()).hasSize(hoses);
  }

  @Property(tries = 2000, shrinking = ShrinkingMode.OFF)
  void everySegmentCanBeEmptiedAndEveryFittingFound(@ForAll long seed) {
    Boat boat = Boat.of(AnyBoat.of(seed));
    for (Circuit circuit : boat.circuits()) {
      List<String> segments = circuit.segments().stream().map(Segment::key).toList();
      if (circuit.kind() != CircuitKind.COOLANT) {
        assertThat(circuit.lowPoints().stream().flatMap(p -> p.empties().stream()).toList())
            .as(boat.description() + " " + circuit.name())
            .containsAll(segments);
      }
      circuit.drains().forEach(key -> assertThat(boat.hasFitting(key)).isTrue());
      circuit.hoses().forEach(key -> assertThat(boat.hasFitting(key)).isTrue());
      if (circuit.methods().stream().anyMatch(Method::fills)) {
        assertThat(circuit.requiredLowPoints()).as(circuit.name()).isNotEmpty();
      }
      assertThat(segments).containsAll(boat.drawReaches(circuit));
      circuit.pourPoints().forEach(pour -> assertThat(segments).containsAll(pour.fills()));
    }
  }

  @Test
  void airCooledHoldsNoWaterByConstruction() {
    Circuit circuit = Boat.of(Hulls.airCooled()).circuit("engine");
    assertThat(circuit.isDryBuilt()).isTrue();
    assertThat(Boat.of(Hulls.airCooled()).fittingOf(circuit, FittingKind.IMPELLER)).isNull();
  }

  @Test
  void whatIsDrawnReachesOnlyWhatComesAfterTheTank() {
    Boat tern = Boat.of(Hulls.saildrive());
    assertThat(tern.drawReaches(tern.circuit("engine")))
        .contains("strainer", "water-lift")
        .doesNotContain("leg", "intake-hose");
    Boat plover = Boat.of(Hulls.smallDiesel());
    assertThat(plover.drawReaches(plover.circuit("engine"))).contains("intake-hose");
    Boat muffs = Boat.of(Hulls.sterndrive(null));
    assertThat(muffs.drawReaches(muffs.circuit("engine"))).hasSize(11);
  }

  @Test
  void aHullHasItsOwnVolumesFittingsAndDrains() {
    Boat boat =
        Boat.of(
            Hulls.twinDiesel()
                .with(
                    List.of(
                        new SegmentChange("port-engine", "muffler", 32.0, false),
                        new SegmentChange("starboard-engine", "oil-cooler", null, true)),
                    List.of(
                        new FittingChange(
                            "port-exchanger-drain",
                            "remote hose of the port exchanger",
                            FittingKind.HOSE_END,
                            "behind the starboard hatch",
                            null,
                            false),
                        new FittingChange("port-muffler-drain", null, null, null, null, true)),
                    List.of(
                        new AddedDrain(
                            "generator", "strainer", "bowl plug", FittingKind.PETCOCK, "", ""))));
    Circuit port = boat.circuit("port-engine");
    assertThat(port.segment("muffler").liters()).isEqualTo(32);
    assertThat(port.drains()).isEmpty();
    assertThat(boat.fitting("port-exchanger-drain").where())
        .isEqualTo("behind the starboard hatch");
    assertThat(port.lowPoints())
        .filteredOn(point -> point.key().equals("port-muffler"))
        .allMatch(point -> point.opens() == null && !point.required());
    assertThat(boat.circuit("starboard-engine").segments())
        .extracting(Segment::key)
        .doesNotContain("oil-cooler");
    assertThat(boat.circuit("generator").requiredLowPoints())
        .extracting(LowPoint::name)
        .contains("bowl plug");
  }

  @Test
  void aChangeOfWhatIsNotThereIsRefused() {
    BoatDescription twin = Hulls.twinDiesel();
    List<SegmentChange> none = List.of();
    assertThatThrownBy(
            () ->
                Boat.of(
                    twin.with(
                        List.of(new SegmentChange("port-engine", "keel", 1.0, false)),
                        List.of(),
                        List.of())))
        .hasMessageContaining("has no segment \"keel\"");
    assertThatThrownBy(
            () ->
                Boat.of(
                    twin.with(
                        none,
                        List.of(new FittingChange("anchor", "x", null, null, null, false)),
                        List.of())))
        .hasMessageContaining("no fitting \"anchor\"");
    assertThatThrownBy(
            () ->
                Boat.of(
                    twin.with(
                        none,
                        List.of(),
                        List.of(new AddedDrain("sauna", "tank", "x", null, "", "")))))
        .hasMessageContaining("no circuit \"sauna\"");
    assertThatThrownBy(
            () ->
                Boat.of(
                    twin.with(
                        none,
                        List.of(
                            new FittingChange(
                                "port-seacock", null, FittingKind.KEY, null, null, false)),
                        List.of())))
        .hasMessageContaining("Only a drain can be of another kind");
  }

  @Test
  void theChoicesOfAnEngineAreWhatItsDescriptionMayHold() {
    EngineChoices port = EngineChoices.of(Boat.of(Hulls.twinDiesel())).get(0);
    assertThat(port.exhaust()).isEqualTo(Exhaust.WATER_LIFT);
    assertThat(port.parts())
        .isEqualTo(Set.of(EnginePart.SEACOCK, EnginePart.STRAINER, EnginePart.OIL_COOLER));
    assertThat(port.methods()).doesNotContain(Method.POUR);
  }
}
