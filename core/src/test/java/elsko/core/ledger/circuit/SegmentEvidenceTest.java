package elsko.core.ledger.circuit;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.Hulls;
import elsko.core.Story;
import elsko.core.boat.description.DrainArrangement;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.LowPoint;
import elsko.core.boat.path.Method;
import elsko.core.boat.path.PourPoint;
import elsko.core.ledger.decision.Decision;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Procedure;
import elsko.core.ledger.fact.Seen;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

class SegmentEvidenceTest {
  private final Story story = Story.fourDrains().wet();
  private final Circuit engine = story.boat.circuit("engine");

  private void seesEmpty(Set<String> points) {
    for (LowPoint point : engine.lowPoints()) {
      if (points.contains(point.key())) {
        boolean drain = engine.drains().contains(point.opens());
        story.set(point.opens(), drain ? FittingState.OUT_BAGGED : FittingState.OFF);
        story.say(new Fact.LowPointSeen(point.key(), Seen.RAN_CLEAR));
        story.set(point.opens(), drain ? FittingState.IN : FittingState.CLAMPED);
      }
    }
  }

  private void poursEverywhere() {
    for (PourPoint point : engine.pourPoints()) {
      story.set(point.hose(), FittingState.OFF);
      story.say(new Fact.FluidUsed("engine", Story.LOT, point.liters(), point.hose()));
      story.set(point.hose(), FittingState.CLAMPED);
    }
  }

  private void samplesEverywhere() {
    story.say(new Fact.JugRead(Story.LOT, Story.GLASS, Story.JUG));
    for (LowPoint point : engine.requiredLowPoints()) {
      story.say(new Fact.SampleRead(point.key(), Story.LOT, Story.GLASS, Story.JUG, 14));
    }
  }

  private List<String> unsettled() {
    return story.state().circuit("engine").unsettled().stream().map(Unsettled::segment).toList();
  }

  private static final Set<String> DRAINS =
      Set.of("block-port", "block-starboard", "manifold-port", "manifold-starboard");

  @Test
  void goodSamplesDoNotProveWhatNobodySawEmpty() {
    seesEmpty(DRAINS);
    poursEverywhere();
    samplesEverywhere();
    assertThat(story.protection()).isEqualTo(Protection.FILLED);
    assertThat(unsettled())
        .containsExactlyInAnyOrder(
            "intake-hose", "pump", "fuel-cooler", "steering-cooler", "recirculation");
    assertThat(Unsettled.words(story.state().circuit("engine").unsettled()).get(0))
        .startsWith(
            "Nothing tells of the intake hose, raw-water pump, fuel cooler and steering cooler:")
        .endsWith("Let it run out at the pump and coolers, and fill it again.");
    seesEmpty(Set.of("pump", "recirculation"));
    poursEverywhere();
    samplesEverywhere();
    assertThat(story.protection()).isEqualTo(Protection.PROVEN);
    assertThat(unsettled()).isEmpty();
  }

  @Test
  void whatIsPouredRunsOverWhatIsFullSoNothingFurtherOnTellsOfIt() {
    seesEmpty(
        Set.of("block-port", "block-starboard", "manifold-port", "manifold-starboard", "pump"));
    poursEverywhere();
    samplesEverywhere();
    assertThat(story.protection()).isEqualTo(Protection.FILLED);
    assertThat(unsettled()).containsExactly("recirculation");
    Decision decision = Decision.of(story.state()).orElseThrow();
    assertThat(decision.words().toString()).contains("Nothing tells of the recirculation hose");
    assertThat(decision.action().toString()).isEqualTo("Settle the recirculation hose");
  }

  @Test
  void whatIsDrawnThroughIsToldOfByASampleFurtherOn() {
    Story drawn = new Story(Hulls.twinDiesel()).wet();
    drawn.open(Procedure.WINTERIZE, Map.of("port-engine", Method.DRAW_UNDRAINED.name()));
    drawn.walk();
    CircuitState port = drawn.state().circuit("port-engine");
    assertThat(port.protection()).isEqualTo(Protection.PROVEN);
    assertThat(port.points().stream().filter(point -> point.verdict() != null)).isNotEmpty();
  }

  @Test
  void whatWasSeenEmptyAndFilledCounts() {
    Story usual = Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.POUR);
    usual.walkTo("prove", Map.of());
    assertThat(usual.protection()).isEqualTo(Protection.PROVEN);
    assertThat(usual.state().circuit("engine").unsettled()).isEmpty();
  }
}
