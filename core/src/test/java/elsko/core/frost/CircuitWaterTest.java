package elsko.core.frost;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import elsko.core.Hulls;
import elsko.core.Story;
import elsko.core.boat.description.Accessory;
import elsko.core.boat.description.Answer;
import elsko.core.boat.description.DrainArrangement;
import elsko.core.boat.path.Method;
import elsko.core.boat.path.PocketKind;
import elsko.core.fluid.Base;
import elsko.core.fluid.GlycolCurve;
import elsko.core.fluid.Policy;
import elsko.core.fluid.verdict.Need;
import elsko.core.ledger.circuit.Protection;
import elsko.core.ledger.fact.Fact;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class CircuitWaterTest {
  private static final GlycolCurve PG = GlycolCurve.of(Base.PG);

  @Test
  void waterFreezesAtZeroInEverySegment() {
    CircuitWater engine = engine(Story.fourDrains().wet());

    assertThat(engine.pockets())
        .hasSize(Story.fourDrains().boat.circuit("engine").segments().size());
    assertThat(engine.pockets()).allMatch(held -> held.pocket().freezePointC() == 0);
    assertThat(engine.pockets())
        .anyMatch(held -> held.kind() == PocketKind.BLOCK && held.pocket().tauHours() == 10);
  }

  @Test
  void drainedAndSeenEmptyNothingFreezes() {
    Story story = Story.fourDrains().wet().drainAll();
    assertThat(story.state().circuit("engine").protection()).isEqualTo(Protection.DRAINED);
    assertThat(waters(story)).noneMatch(water -> water.circuit().equals("engine"));
  }

  @Test
  void filledWithDrainsSeenEmptyIsTrustedLessThanPredicted() {
    Story story = Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.POUR);
    story.walkTo("clamp", Map.of());
    assertThat(story.state().circuit("engine").protection()).isEqualTo(Protection.FILLED);

    CircuitWater.Held block = held(story, "block-port");
    assertThat(block.pocket().freezePointC())
        .isCloseTo(PG.freezePointC(0.95 * 0.38 - 0.05), within(0.3));
  }

  @Test
  void aJugThatReadsWeakIsNotTakenForWhatItsLabelSays() {
    Story story = Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.POUR);
    story.walkTo("clamp", Map.of());
    story.say(new Fact.JugRead(Story.LOT, Story.GLASS, Story.SHORT));
    assertThat(held(story, "block-port").pocket().freezePointC())
        .isCloseTo(PG.freezePointC(0.95 * 0.21 - 0.05), within(0.3));
  }

  @Test
  void aSampleThatReadsWeakCountsThoughItIsReadAgain() {
    Story story = Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.POUR);
    story.walkTo("clamp", Map.of());
    double before = held(story, "manifold-port").pocket().freezePointC();
    story.say(new Fact.JugRead(Story.LOT, Story.GLASS, Story.JUG));
    double hot = 45;
    story.say(new Fact.SampleRead("block-port", Story.LOT, Story.GLASS, Story.SHORT, hot));
    assertThat(story.state().circuit("engine").protection()).isEqualTo(Protection.FILLED);
    assertThat(held(story, "manifold-port").pocket().freezePointC()).isGreaterThan(before + 5);
  }

  @Test
  void filledWithDrainsNobodySawCountsAsWater() {
    Story story = Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.DRAW_UNDRAINED);
    story.walkTo("draw", Map.of());
    assertThat(story.state().circuit("engine").protection()).isEqualTo(Protection.FILLED);

    assertThat(held(story, "block-port").pocket().freezePointC()).isZero();
  }

  @Test
  void provenBreaksAtItsBurstPointOrFreezesWhereNoIceIsAllowed() {
    Story story = Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.POUR);
    double reading = PG.freezePointC(0.33);
    story.walkTo(
        "close",
        Map.of(
            "block-port", reading,
            "block-starboard", reading,
            "manifold-port", reading,
            "manifold-starboard", reading));
    story.need = new Need(-15, 2, Policy.BURST);
    assertThat(story.state().circuit("engine").protection()).isEqualTo(Protection.PROVEN);
    double worst =
        story.state().circuit("engine").point("block-port").verdict().worstCaseMassFraction();
    List<CircuitWater> burst = waters(story);
    assertThat(burst)
        .allSatisfy(
            water ->
                assertThat(water.pockets())
                    .allMatch(h -> h.pocket().freezePointC() <= PG.burstPointC(worst) + 0.01));

    story.need = new Need(-10, 0, Policy.FREEZE);
    assertThat(held(story, "block-port").pocket().freezePointC())
        .isCloseTo(PG.freezePointC(worst), within(1e-9));
  }

  @Test
  void theDilutedBlockIsWhatGoesFirst() {
    Story story = Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.POUR);
    story.walkTo("prove", Map.of("block-port", Story.SHORT));
    assertThat(story.state().circuit("engine").protection()).isEqualTo(Protection.HELD);
    assertThat(held(story, "block-port").pocket().freezePointC())
        .isGreaterThan(PG.burstPointC(0.30));
  }

  @Test
  void whatNobodyAnsweredIsTakenForQuickToFreeze() {
    Story story =
        new Story(
            Hulls.sterndrive(DrainArrangement.FOUR_DRAINS)
                .with(Map.of(Accessory.WASHDOWN, Answer.UNKNOWN)));
    assertThat(waters(story))
        .filteredOn(water -> water.circuit().equals("washdown"))
        .singleElement()
        .satisfies(
            water ->
                assertThat(water.pockets())
                    .singleElement()
                    .matches(held -> held.kind() == PocketKind.NOT_SAID));
  }

  private static List<CircuitWater> waters(Story story) {
    return CircuitWater.of(story.state());
  }

  private static CircuitWater engine(Story story) {
    return waters(story).stream()
        .filter(water -> water.circuit().equals("engine"))
        .findFirst()
        .orElseThrow();
  }

  private static CircuitWater.Held held(Story story, String segment) {
    return engine(story).pockets().stream()
        .filter(held -> held.segment().equals(segment))
        .findFirst()
        .orElseThrow();
  }
}
