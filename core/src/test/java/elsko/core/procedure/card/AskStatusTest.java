package elsko.core.procedure.card;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import elsko.core.Refused;
import elsko.core.Story;
import elsko.core.boat.description.DrainArrangement;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.Method;
import elsko.core.ledger.CardProgress.Standing;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Procedure;
import java.util.Map;
import org.junit.jupiter.api.Test;

class AskStatusTest {
  private static Story at(String last) {
    return Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.POUR).walkTo(last, Map.of());
  }

  private static boolean answered(Story story, String step, String label) {
    Ask ask =
        story.card().step(step).asks().stream()
            .filter(a -> a.label().equals(label))
            .findFirst()
            .orElseThrow();
    return AskStatus.of(story.state(), story.progress(), step)
        .isAnswered(story.card().step(step), ask);
  }

  @Test
  void whatAStepRecordedStaysAnsweredWhenALaterOneChangesItBack() {
    Story story = at("plugs-in");
    assertThat(story.state().fitting("feed").state()).isEqualTo(FittingState.NONE);
    assertThat(answered(story, "warm-up", "muffs on, water on")).isTrue();
    assertThat(answered(story, "drain", "plugs in the bag")).isTrue();
  }

  @Test
  void aDrainTakenOutForABottleDoesNotCountAsDrained() {
    Story story = at("clamp");
    story.say(new Fact.FittingSet("block-port-drain", FittingState.OUT_BAGGED, true, ""));
    assertThat(answered(story, "plugs-in", "port block drain IN")).isTrue();
    assertThatThrownBy(
            () ->
                story.at(
                    "prove",
                    new Fact.SampleRead("block-port", Story.LOT, Story.GLASS, Story.JUG, 14)))
        .isInstanceOf(Refused.class);
  }

  @Test
  void aReadingThatMustBeTakenAgainLeavesTheSampleOpen() {
    Story story = at("clamp");
    story.at("prove", new Fact.JugRead(Story.LOT, Story.GLASS, Story.JUG));
    assertThat(answered(story, "prove", "undiluted jug")).isTrue();
    story.at("prove", new Fact.SampleRead("block-port", Story.LOT, Story.GLASS, Story.JUG, 60));
    assertThat(answered(story, "prove", "port block")).isFalse();
    story.at("prove", new Fact.SampleRead("block-port", Story.LOT, Story.GLASS, Story.JUG, 20));
    assertThat(answered(story, "prove", "port block")).isTrue();
    story.at("prove", new Fact.CouldNotSample("block-starboard", "seized"));
    assertThat(answered(story, "prove", "starboard block")).isTrue();
  }

  @Test
  void aStepTakenBackIsOpenAgain() {
    Story story = at("drain");
    var done = story.log.get(story.log.size() - 1);
    assertThat(done.fact()).isInstanceOf(Fact.StepDone.class);
    story.correct(done, new Fact.Withdrawn("one more to rod"));
    assertThat(story.progress().step("drain").standing()).isEqualTo(Standing.OPEN);
    assertThat(story.progress().step("drain").entries()).isNotEmpty();
  }

  @Test
  void nothingButNotesGoesOnAClosedCard() {
    Story story = at("close");
    assertThatThrownBy(() -> story.at("close", new Fact.BagCounted(1)))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("This card is closed");
    story.at("close", new Fact.Noted("tarp flaps"));
    assertThat(story.progress().step("close").entries())
        .last()
        .satisfies(entry -> assertThat(entry.fact()).isEqualTo(new Fact.Noted("tarp flaps")));
    story.open(Procedure.WINTERIZE, Map.of("engine", "DRY"));
    assertThat(story.state().cards()).hasSize(2);
  }
}
