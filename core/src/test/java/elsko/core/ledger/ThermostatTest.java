package elsko.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import elsko.core.Refused;
import elsko.core.Story;
import elsko.core.boat.Boat;
import elsko.core.boat.description.DrainArrangement;
import elsko.core.boat.path.Method;
import elsko.core.boat.path.Segment;
import elsko.core.gauge.SimulatedEngine;
import elsko.core.gauge.SimulatedEngine.Fault;
import elsko.core.ledger.circuit.CircuitState;
import elsko.core.ledger.circuit.CircuitState.Content;
import elsko.core.ledger.circuit.Protection;
import elsko.core.ledger.engine.EngineRun;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.StartBasis;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Step;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Whether what is drawn through a warm engine gets into its block. */
class ThermostatTest {
  /** On the draw card of a raw-water cooled V8, its engine running for the warm-up. */
  private static Story warming() {
    Story story = Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.DRAW);
    for (Ask ask : step(story, "warm-up").asks()) {
      Story.USUAL.to(ask, story.state()).forEach(fact -> story.at("warm-up", fact));
      if (ask instanceof Ask.Engine) {
        return story;
      }
    }
    throw new AssertionError("the warm-up starts the engine");
  }

  private static Step step(Story story, String key) {
    return story.card().step(key);
  }

  private static void watch(Story story, Fault fault, double minutes) {
    SimulatedEngine engine = new SimulatedEngine(fault, 75, 4);
    for (double minute = 0.5; minute <= minutes; minute += 0.5) {
      story.at("warm-up", new Fact.GaugeRead(null, engine.at(minute)));
    }
  }

  /**
   * Everything of the warm-up but the reading, then all steps up to the draw, which is answered.
   */
  private static void drawnThrough(Story story) {
    for (Ask ask : step(story, "warm-up").asks()) {
      if (!(ask instanceof Ask.Read) && !isStart(ask)) {
        Story.USUAL.to(ask, story.state()).forEach(fact -> story.at("warm-up", fact));
      }
    }
    for (RedTag tag : story.state().tags()) {
      story.say(
          new Fact.TagLifted(tag.engine(), tag.cause(), "thermostat taken out of the gauge's way"));
    }
    story.at("warm-up", new Fact.StepSkipped("stopped by its gauge"));
    List<String> keys = story.card().steps().stream().map(Step::key).toList();
    story.walkTo(keys.get(keys.indexOf("draw") - 1), Map.of());
    story.answer(step(story, "draw"), Story.USUAL);
  }

  private static boolean isStart(Ask ask) {
    return ask instanceof Ask.Engine engine && engine.start();
  }

  private static List<Content> block(Story story) {
    CircuitState engine = story.state().circuit("engine");
    return engine.circuit().segments().stream()
        .filter(Segment::gated)
        .map(segment -> engine.contents().get(segment.key()))
        .toList();
  }

  @Test
  void aThermostatThatStayedShutLeavesTheBlockUnfilledAndTheCardSaysWhy() {
    Story story = warming();
    watch(story, Fault.STUCK_THERMOSTAT, 8);
    drawnThrough(story);
    assertThat(block(story)).isNotEmpty().doesNotContain(Content.ANTIFREEZE);
    assertThat(story.state().circuit("engine").unreached()).contains("block");
    assertThat(story.protection()).isEqualTo(Protection.WET);
    assertThatThrownBy(() -> story.at("draw", new Fact.StepDone()))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("Not counted as filled")
        .hasMessageContaining("thermostat");
  }

  @Test
  void oneThatOpenedLetsItIn() {
    Story story = warming();
    watch(story, Fault.NONE, 8);
    drawnThrough(story);
    assertThat(block(story)).isNotEmpty().containsOnly(Content.ANTIFREEZE);
    story.at("draw", new Fact.StepDone());
    assertThat(story.protection()).isEqualTo(Protection.FILLED);
  }

  @Test
  void nobodyWatchingItCountsAsOpen() {
    Story story = warming();
    drawnThrough(story);
    assertThat(block(story)).containsOnly(Content.ANTIFREEZE);
  }

  @Test
  void whatAPersonReadsOffTheGaugeCountsToo() {
    Story cold = warming();
    cold.at("warm-up", new Fact.ReadingTaken(null, "warm-plateau", 55));
    drawnThrough(cold);
    assertThat(cold.state().circuit("engine").unreached()).isNotNull();
    Story warm = warming();
    warm.at("warm-up", new Fact.ReadingTaken(null, "warm-plateau", 55));
    warm.at("warm-up", new Fact.ReadingTaken(null, "warm-plateau", 74));
    drawnThrough(warm);
    assertThat(warm.state().circuit("engine").unreached()).isNull();
  }

  @Test
  void aNewRunOnWaterForgetsIt() {
    Story story = warming();
    watch(story, Fault.STUCK_THERMOSTAT, 8);
    drawnThrough(story);
    story.set("feed", elsko.core.boat.path.FittingState.HOSE);
    story.say(new Fact.EngineStarted(null, StartBasis.FED, 0));
    assertThat(story.state().circuit("engine").unreached()).isNull();
    assertThat(story.state().runs().values()).allMatch(run -> run.readings().isEmpty());
  }

  @Test
  void aGaugeIsReadOnlyWhileItsEngineRuns() {
    Story story = Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.DRAW);
    SimulatedEngine engine = new SimulatedEngine(Fault.NONE, 75, 4);
    assertThatThrownBy(() -> story.at("warm-up", new Fact.GaugeRead(null, engine.at(1))))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("not running");
  }

  @Test
  void whereItHeldIsKeptForEveryRun() {
    Story story = warming();
    story.at("warm-up", new Fact.ReadingTaken(null, "warm-plateau", 73));
    Boat boat = story.boat;
    var engine = boat.engineCircuits().get(0).engine();
    assertThat(story.state().runs().get(engine).plateaus())
        .extracting(EngineRun.Plateau::valueC)
        .containsExactly(73.0);
  }
}
