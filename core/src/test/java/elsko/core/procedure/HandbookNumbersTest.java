package elsko.core.procedure;

import static elsko.core.boat.description.EngineDescription.usual;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import elsko.core.Hulls;
import elsko.core.Story;
import elsko.core.boat.description.BoatDescription;
import elsko.core.boat.description.BoatKind;
import elsko.core.boat.description.Cooling;
import elsko.core.boat.description.Fuel;
import elsko.core.boat.description.Layout;
import elsko.core.boat.description.PowerClass;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.Position;
import elsko.core.fill.CircuitPath;
import elsko.core.ledger.fact.Procedure;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.request.DescaleVariant;
import elsko.core.procedure.request.FlushVariant;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** The numbers on the cards of each layout, held against the line of the handbook they rest on. */
class HandbookNumbersTest {
  /**
   * @param line of the handbook
   * @param holds the path, full, L
   * @param draws at idle, L/min
   */
  private record Line(String line, PowerClass size, double holds, double draws) {}

  private static BoatDescription closed(BoatKind kind, double hullM, Fuel fuel, int cylinders) {
    BoatDescription boat =
        Hulls.boat(
            "Any", kind, Layout.SHAFT, usual(Position.CENTER, fuel, cylinders, Cooling.CLOSED));
    return Hulls.ofLength(boat, hullM);
  }

  private static void holds(BoatDescription described, String key, Line line) {
    Story story = new Story(described).wet();
    Circuit circuit = story.boat.circuit(key);
    assertThat(PowerClass.of(story.boat.engine(circuit))).as(line.line()).isEqualTo(line.size());
    assertThat(circuit.liters()).as(line.line()).isCloseTo(line.holds(), within(1e-9));
    assertThat(PowerClass.draws(story.boat.engine(circuit)))
        .as(line.line())
        .isEqualTo(line.draws());
    filled(story, circuit, line);
    flushed(described, circuit, line);
    descaled(described, circuit, line);
  }

  /** What it is told to have ready fills it, and is not twice what it holds. */
  private static void filled(Story story, Circuit circuit, Line line) {
    story.open(Procedure.WINTERIZE, Map.of(circuit.key(), "DRAW"));
    double kept = circuit.segments().stream().mapToDouble(CircuitPath::keptWhileRunning).sum();
    story.card().steps().stream()
        .filter(step -> circuit.key().equals(step.circuit()))
        .flatMap(step -> Ask.only(Ask.Fill.class, step.asks()))
        .forEach(
            fill ->
                assertThat(fill.liters()).as(line.line()).isBetween(0.5 * kept, 1.6 * kept + 1));
  }

  /** The water of its run lasts, and a closed engine gets twice its path. */
  private static void flushed(BoatDescription described, Circuit circuit, Line line) {
    Story story = new Story(described).wet();
    FlushVariant usual = FlushVariant.usual(story.boat, circuit);
    story.open(Procedure.FLUSH, Map.of(circuit.key(), usual.name()));
    Step flush =
        story.card().steps().stream().filter(step -> step.run() != null).findFirst().orElseThrow();
    Double lasts = flush.feed().lastsSeconds();
    if (lasts != null) {
      assertThat(lasts / 60).as(line.line()).isGreaterThanOrEqualTo(flush.run().toMinutes());
    }
    assertThat(flush.feed().isEnough()).as(line.line()).isTrue();
    if (story.boat.engine(circuit).cooling() == Cooling.CLOSED) {
      double through = flush.run().fromMinutes() * flush.feed().draws();
      assertThat(through)
          .as(line.line())
          .isGreaterThanOrEqualTo(2 * CircuitPath.all(circuit).liters() - 1e-9);
    }
  }

  /** Every segment reached, the hoses, and a tenth more. */
  private static void descaled(BoatDescription described, Circuit circuit, Line line) {
    Story story = new Story(described).wet();
    if (DescaleVariant.possible(story.boat, circuit).isEmpty()) {
      return; // a jet has no path that a descaler is drawn or poured through
    }
    DescaleVariant usual = DescaleVariant.usual(story.boat, circuit);
    story.open(Procedure.DESCALE, Map.of(circuit.key(), usual.name()));
    double reached =
        usual.reaches(circuit).stream().mapToDouble(CircuitPath::keptWhileRunning).sum();
    double mixed =
        story.card().steps().stream()
            .flatMap(step -> Ask.only(Ask.Descale.class, step.asks()))
            .mapToDouble(Ask.Descale::liters)
            .sum();
    assertThat(mixed).as(line.line()).isBetween(1.1 * reached, 1.1 * reached + 12);
  }

  @Test
  void threeCylinderYacht() {
    holds(
        closed(BoatKind.SAIL, 10, Fuel.DIESEL, 3),
        "engine",
        new Line("2, yacht: 1.2 + 0.8 + 0.3 + 0.3 + 1.5 + 0.3 + 7", PowerClass.YACHT, 11.4, 9));
  }

  @Test
  void oneOrTwoCylinders() {
    holds(
        closed(BoatKind.SAIL, 7, Fuel.DIESEL, 2),
        "engine",
        new Line("2, small: 0.8 + 0.5 + 0.2 + 0.8 + 0.2 + 4", PowerClass.SMALL, 6.5, 5));
  }

  @Test
  void motorBoat() {
    holds(
        closed(BoatKind.POWER, 10, Fuel.DIESEL, 6),
        "engine",
        new Line(
            "2, motor boat: 2 + 1.5 + 0.8 + 0.5 + 3 + 0.8 + 15", PowerClass.MOTOR_BOAT, 23.6, 20));
  }

  @Test
  void largeTwin() {
    BoatDescription twin =
        Hulls.ofLength(
            Hulls.boat(
                "Any",
                BoatKind.POWER,
                Layout.SHAFT,
                usual(Position.PORT, Fuel.DIESEL, 6, Cooling.CLOSED),
                usual(Position.STARBOARD, Fuel.DIESEL, 6, Cooling.CLOSED)),
            17);
    holds(
        twin,
        "port-engine",
        new Line("2, large: 3 + 2.5 + 1.5 + 0.8 + 5 + 1.5 + 60", PowerClass.LARGE, 74.3, 40));
  }

  @Test
  void generator() {
    holds(
        Hulls.twinDiesel(),
        "generator",
        new Line("2, generator: 1 + 0.6 + 0.2 + 1 + 0.2 + 5, draws 8", PowerClass.YACHT, 8, 8));
  }

  @Test
  void rawWaterSaltDiesel() {
    holds(
        Hulls.smallDiesel(),
        "engine",
        new Line("2, shaft diesel, small, raw water", PowerClass.SMALL, 8.6, 5));
  }

  @Test
  void petrolV8RawWater() {
    holds(
        Hulls.sterndrive(null),
        "engine",
        new Line("2, sterndrive, petrol V8, raw water; draws 19", PowerClass.PETROL_V, 18.5, 19));
  }

  @Test
  void petrolV8Closed() {
    holds(
        Hulls.vDrive(null),
        "engine",
        new Line("2, V-drive inboard, petrol V8, closed", PowerClass.PETROL_V, 8.2, 19));
    holds(
        closed(BoatKind.POWER, 9, Fuel.PETROL, 8),
        "engine",
        new Line(
            "2, petrol V8: 1.5 + 1 + 0.5 + 0.3 + 2.5 + 2 x 1.5 + 10",
            PowerClass.PETROL_V,
            18.8,
            19));
  }

  @Test
  void saildrive() {
    holds(
        Hulls.saildrive(),
        "engine",
        new Line(
            "2, saildrive diesel: 0.8 + 0.8 + 0.6 + 0.2 + 1.2 + 0.2 + 4",
            PowerClass.YACHT,
            7.8,
            9));
  }

  @Test
  void jet() {
    holds(
        Hulls.jet(false), "engine", new Line("2, jet drive: 1.5 + 2.0", PowerClass.YACHT, 3.5, 9));
  }

  @Test
  void outboard() {
    Story story = new Story(Hulls.outboard()).wet();
    assertThat(story.boat.circuit("engine").liters())
        .as("2, outboard: 0.5 if tilted")
        .isEqualTo(0.5);
    assertThat(FlushVariant.usual(story.boat, story.boat.circuit("engine")))
        .isEqualTo(FlushVariant.MUFFS);
  }
}
