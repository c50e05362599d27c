package elsko.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.Hulls;
import elsko.core.Story;
import elsko.core.boat.description.DrainArrangement;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.Method;
import elsko.core.fluid.Base;
import elsko.core.fluid.GlycolCurve;
import elsko.core.fluid.verdict.Outcome;
import elsko.core.frost.CircuitWater;
import elsko.core.ledger.circuit.CircuitState;
import elsko.core.ledger.circuit.Failure;
import elsko.core.ledger.circuit.Protection;
import elsko.core.ledger.circuit.Unsettled;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Seen;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A hole that gives no sample: what went through it may be told of further on. */
class SampledFurtherOnTest {
  private static final double WEAK = -12;
  private static final String ENGINE = "port-engine";

  /** All in a row: the exchanger's hole, and after it the muffler's. */
  private final Story story = new Story(Hulls.twinDiesel()).wet();

  private void draws(Story by, String circuit, double liters) {
    // As far as the log goes: how the engine got to be fed and warm is not what is tried here.
    by.add(null, null, null, new Fact.FluidUsed(circuit, Story.LOT, liters, null));
    by.say(new Fact.JugRead(Story.LOT, Story.GLASS, Story.JUG));
  }

  private void reads(Story by, String lowPoint, double reading) {
    by.say(new Fact.SampleRead(lowPoint, Story.LOT, Story.GLASS, reading, 14));
  }

  private void nothingComesAt(String lowPoint) {
    story.say(new Fact.CouldNotSample(lowPoint, "scaled shut"));
  }

  /** What lies before the tank's feed is not on the way of what is drawn. */
  @BeforeEach
  void theIntakeIsLetOut() {
    story.set("port-pump-hose", FittingState.OFF);
    story.say(new Fact.LowPointSeen("port-pump", Seen.RAN_CLEAR));
    story.set("port-pump-hose", FittingState.CLAMPED);
  }

  private CircuitState engine() {
    return story.state().circuit(ENGINE);
  }

  @Test
  void theBottleAfterItStandsForIt() {
    draws(story, ENGINE, 120);
    nothingComesAt("port-exchanger");
    assertThat(engine().protection()).isEqualTo(Protection.FILLED);
    reads(story, "port-muffler", Story.JUG);
    assertThat(engine().protection()).isEqualTo(Protection.PROVEN);
    assertThat(engine().point("port-exchanger").toldByOthers()).isTrue();
    assertThat(engine().point("port-exchanger").givesNothing()).isFalse();
    boolean somethingFreezes =
        CircuitWater.of(story.state()).stream()
            .filter(circuit -> circuit.circuit().equals(ENGINE))
            .flatMap(circuit -> circuit.pockets().stream())
            .anyMatch(held -> held.pocket().freezePointC() > -20);
    assertThat(somethingFreezes).isFalse();
  }

  @Test
  void aWeakBottleAfterItDoesNot() {
    draws(story, ENGINE, 120);
    nothingComesAt("port-exchanger");
    reads(story, "port-muffler", WEAK);
    assertThat(engine().protection()).isEqualTo(Protection.HELD);
    assertThat(engine().point("port-exchanger").givesNothing()).isTrue();
    assertThat(engine().failures().get(0).points())
        .extracting(Failure.Short::lowPoint)
        .containsExactly("port-exchanger", "port-muffler");
  }

  @Test
  void whereABottleSaysThatWaterWasLeftThatMayBeInWhatLiesBeforeIt() {
    double withARemark = GlycolCurve.of(Base.PG).freezePointC(0.32);
    draws(story, ENGINE, 120);
    nothingComesAt("port-exchanger");
    reads(story, "port-muffler", withARemark);
    assertThat(engine().point("port-muffler").verdict().outcome())
        .isEqualTo(Outcome.PROVEN_WITH_REMARK);
    assertThat(engine().protection()).isEqualTo(Protection.HELD);
  }

  @Test
  void aGoodBottleDoesNotMakeUpForTooLittleDrawn() {
    draws(story, ENGINE, 6);
    nothingComesAt("port-exchanger");
    reads(story, "port-muffler", Story.JUG);
    assertThat(engine().protection()).isEqualTo(Protection.HELD);
  }

  @Test
  void whatWasFilledByItselfAfterwardsTellsNothingOfWhatLiesBeforeIt() {
    draws(story, ENGINE, 120);
    story.set("port-muffler-drain", FittingState.OUT_BAGGED);
    story.say(new Fact.LowPointSeen("port-muffler", Seen.RAN_CLEAR));
    story.set("port-muffler-drain", FittingState.IN);
    story.add(null, null, null, new Fact.FluidUsed(ENGINE, Story.LOT, 10, "port-elbow-hose"));
    nothingComesAt("port-exchanger");
    reads(story, "port-muffler", Story.JUG);
    assertThat(engine().protection()).isEqualTo(Protection.HELD);
  }

  @Test
  void whatLiesBehindTheThermostatIsNotToldOfByWhatWentRoundIt() {
    Story gated = Story.fourDrains().wet();
    draws(gated, "engine", 120);
    for (String other : List.of("block-starboard", "manifold-port", "manifold-starboard")) {
      reads(gated, other, Story.JUG);
    }
    gated.say(new Fact.CouldNotSample("block-port", "scaled shut"));
    assertThat(gated.protection()).isEqualTo(Protection.HELD);
    assertThat(gated.state().circuit("engine").point("block-port").givesNothing()).isTrue();
  }

  /** Drawn in past a thermostat that had fallen shut, nobody knows how much got behind it. */
  @Test
  void aPourAfterADrawTellsNothingOfTheFullHoseItRanPast() {
    Story drawn = Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.DRAW_UNDRAINED);
    drawn.walkTo("draw", Map.of());
    Circuit engine = drawn.boat.circuit("engine");
    engine.lowPoints().stream()
        .filter(point -> point.key().startsWith("block"))
        .forEach(
            point -> {
              drawn.set(point.opens(), FittingState.OUT_BAGGED);
              drawn.say(new Fact.LowPointSeen(point.key(), Seen.RAN_AFTER_RODDING));
              drawn.set(point.opens(), FittingState.IN);
            });
    drawn.set("recirculation-hose", FittingState.OFF);
    drawn.say(new Fact.FluidUsed("engine", Story.LOT, 14, "recirculation-hose"));
    drawn.set("recirculation-hose", FittingState.CLAMPED);
    drawn.say(new Fact.JugRead(Story.LOT, Story.GLASS, Story.JUG));
    engine.lowPoints().stream()
        .filter(point -> engine.drains().contains(point.opens()))
        .forEach(point -> reads(drawn, point.key(), Story.JUG));
    CircuitState now = drawn.state().circuit("engine");
    assertThat(now.protection()).isEqualTo(Protection.FILLED);
    assertThat(now.unsettled()).extracting(Unsettled::segment).contains("recirculation");
  }
}
