package elsko.core.ledger.decision;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.Story;
import elsko.core.boat.description.DrainArrangement;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.Method;
import elsko.core.fluid.Policy;
import elsko.core.fluid.verdict.Need;
import elsko.core.ledger.circuit.Protection;
import elsko.core.ledger.fact.Fact;
import java.util.Map;
import org.junit.jupiter.api.Test;

class DecisionTest {
  private static Decision of(Story story) {
    return Decision.of(story.state()).orElseThrow();
  }

  @Test
  void aBoatNobodyLookedAtIsLookedAt() {
    assertThat(of(Story.fourDrains()).kind()).isEqualTo(Decision.Kind.NOBODY_LOOKED);
  }

  @Test
  void aWetBoatIsWinterizedAndAStartedOneGoneOnWith() {
    Story story = Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.POUR);
    assertThat(of(story).kind()).isEqualTo(Decision.Kind.STILL_WET);
    story.walkTo("warm-up", Map.of());
    assertThat(of(story).kind()).isEqualTo(Decision.Kind.WORK_STOPPED_HALFWAY);
    assertThat(of(story).words().toString()).contains("started by technician");
    story.person = "second technician";
    story.at(null, new Fact.CardTaken());
    assertThat(of(story).words().toString()).contains("started by second technician");
  }

  @Test
  void aFilledBoatIsSampled() {
    Story story =
        Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.POUR).walkTo("clamp", Map.of());
    assertThat(of(story).action().toString()).isEqualTo("Sample it");
  }

  @Test
  void aHeldBoatSaysWhereWhyAndWhatToDo() {
    Story story =
        Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.POUR)
            .walkTo("prove", Map.of("block-starboard", Story.SHORT, "block-port", Story.SHORT));
    assertThat(of(story).words().toString())
        .startsWith("Starboard block and 1 more: Burst point −11.7 °C");
    assertThat(of(story).action().toString()).isEqualTo("Rod and refill 4.5 L");
  }

  @Test
  void afterADrawTheRemedyIsToSendMoreThrough() {
    Story story =
        Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.DRAW)
            .walkTo("prove", Map.of("block-starboard", Story.SHORT));
    assertThat(of(story).action().toString()).startsWith("Send through ");
    assertThat(story.card().step("remedy-1").asks().stream().map(a -> a.label()))
        .contains("tank on the muffs", "drawn from the tank");
    story.walkTo("prove-2", Map.of());
    assertThat(story.protection()).isEqualTo(Protection.PROVEN);
  }

  @Test
  void aProductThatCannotPassIsChanged() {
    Story story =
        Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.POUR).walkTo("prove", Map.of());
    story.need = new Need(-30, 5, Policy.FREEZE);
    assertThat(of(story).action().toString()).isEqualTo("Change the product");
  }

  @Test
  void aShortBagIsLookedForUntilThePlugIsFound() {
    Story story = Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.DRY);
    story.walkTo("hoses-low", Map.of());
    assertThat(Decision.of(story.state())).isEmpty();
    story.at("close", new Fact.BagCounted(4));
    assertThat(of(story).words().toString())
        .startsWith("Plugs in the bag: 4 counted, 5 expected: which one is missing?");
    story.set("block-port-drain", FittingState.OUT_MISSING);
    assertThat(of(story).words().toString()).startsWith("Port block drain missing.");
    story.set("block-port-drain", FittingState.OUT_BAGGED);
    assertThat(Decision.of(story.state())).isEmpty();
  }

  @Test
  void aProvenBoatLeavesNothingToDecide() {
    Story story =
        Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.POUR).walkTo("close", Map.of());
    assertThat(Decision.of(story.state())).isEmpty();
  }
}
