package elsko.core.procedure.card;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import elsko.core.Refused;
import elsko.core.Story;
import elsko.core.boat.description.DrainArrangement;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.Method;
import elsko.core.ledger.fact.Fact;
import elsko.core.limits.BeltSchool;
import elsko.core.procedure.request.Practices;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class CardTest {
  private static List<String> keys(DrainArrangement drains, Method method) {
    return Story.winterizing(drains, method).card().steps().stream().map(Step::key).toList();
  }

  @Test
  void aPourDrainsClosesFillsAndSamplesInThatOrder() {
    assertThat(keys(DrainArrangement.FOUR_DRAINS, Method.POUR))
        .containsExactly(
            "warm-up", "drain", "hoses-low", "plugs-in", "pour", "clamp", "prove", "close");
  }

  @Test
  void withOneCentralDrainThePourComesBeforeThePlug() {
    assertThat(keys(DrainArrangement.ONE_CENTRAL_DRAIN, Method.POUR))
        .containsSubsequence("drain", "pour", "plugs-in", "prove");
  }

  @Test
  void aDrawClampsTheHosesBeforeTheEngineRuns() {
    assertThat(keys(DrainArrangement.FOUR_DRAINS, Method.DRAW))
        .containsSubsequence("drain", "plugs-in", "hoses-back", "draw", "prove", "close")
        .doesNotContain("pour");
  }

  @Test
  void leavingDryFillsNothingAndKeepsThePlugsInTheBag() {
    assertThat(keys(DrainArrangement.FOUR_DRAINS, Method.DRY))
        .containsExactly("warm-up", "drain", "hoses-low", "kick", "close");
  }

  @Test
  void aYardThatNeverRunsAPumpDryHasNoKickOnItsCards() {
    Story story = Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.DRY);
    story.practices = new Practices(false, Map.of(), BeltSchool.DEFLECTION, 4, Set.of());
    Card card = story.card();
    story.practices = Practices.USUAL;
    assertThat(card.step("kick")).isNull();
    assertThat(story.card().step("kick").hazards()).contains("At most 3 seconds, once.");
  }

  @ParameterizedTest
  @EnumSource(
      value = DrainArrangement.class,
      names = {"FOUR_DRAINS", "FOUR_DRAINS_ONE_SENSOR", "ONE_CENTRAL_DRAIN"})
  void everyStepSaysWhyAndNothingFillsBeforeItDrains(DrainArrangement drains) {
    Card card = Story.winterizing(drains, Method.POUR).card();
    assertThat(card.steps()).allSatisfy(step -> assertThat(step.why()).isNotBlank());
    assertThat(card.steps().indexOf(card.step("drain")))
        .isLessThan(card.steps().indexOf(card.step("pour")));
    assertThat(card.step("warm-up").hazards()).anyMatch(caution -> caution.contains("vapor"));
  }

  @Test
  void aSensorInTheBlockHasItsWireTakenOffFirst() {
    Step drain =
        Story.winterizing(DrainArrangement.FOUR_DRAINS_ONE_SENSOR, Method.POUR)
            .card()
            .step("drain");
    assertThat(drain.asks())
        .filteredOn(Ask.Set.class::isInstance)
        .extracting(Ask::label)
        .contains("starboard sensor wire OFF");
    assertThat(drain.tools()).anyMatch(tool -> tool.contains("deep"));
  }

  @Test
  void theLitersToPourAreWhatADrainedEngineTakes() {
    double liters =
        Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.POUR)
            .card()
            .step("pour")
            .asks()
            .stream()
            .filter(Ask.Fill.class::isInstance)
            .mapToDouble(ask -> ((Ask.Fill) ask).liters())
            .sum();
    assertThat(liters).isBetween(17.0, 19.0);
  }

  @Test
  void aStepIsDoneOnlyWhenEverythingItAsksForIsGiven() {
    Story story = Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.POUR);
    assertThatThrownBy(() -> story.at("warm-up", new Fact.StepDone()))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("Still open")
        .hasMessageContaining("muffs on")
        .hasMessageNotContaining("drive DOWN");
  }

  @Test
  void aStepWaitsForWhatItDependsOnUnlessThatWasSkippedWithAReason() {
    Story story = Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.POUR);
    assertThatThrownBy(() -> story.at("drain", new Fact.StepDone()))
        .hasMessageContaining("First \"Warm the engine");
    assertThatThrownBy(() -> story.at("warm-up", new Fact.StepSkipped(" ")))
        .hasMessageContaining("Say why");
    story.at("warm-up", new Fact.StepSkipped("came in warm from the water"));
    story.walkTo("drain", Map.of());
    assertThat(story.progress().isSettled("drain")).isTrue();
  }

  @Test
  void aWrongCountKeepsTheStepOpen() {
    Story story = Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.POUR);
    story.walkTo("warm-up", Map.of());
    UsualAnswers usual = Story.USUAL;
    for (Ask ask : story.card().step("drain").asks()) {
      usual.to(ask, story.state()).forEach(fact -> story.at("drain", fact));
    }
    story.at("drain", new Fact.BagCounted(4));
    assertThatThrownBy(() -> story.at("drain", new Fact.StepDone()))
        .hasMessageContaining("4 counted, 5 expected: which one is missing?");
    story.at("drain", new Fact.BagCounted(5));
    story.at("drain", new Fact.StepDone());
  }

  @Test
  void aHeldSampleAddsItsRemedyAndTheNextRoundOfSamples() {
    Story story = Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.POUR);
    story.walkTo("prove", Map.of("block-starboard", Story.SHORT));
    Card card = story.card();
    assertThat(card.steps())
        .extracting(Step::key)
        .containsSubsequence("prove", "remedy-1", "prove-2", "close");
    assertThat(card.step("remedy-1").title()).isEqualTo("Fix: starboard block");
    assertThat(card.step("remedy-1").asks())
        .filteredOn(Ask.Fill.class::isInstance)
        .singleElement()
        .satisfies(ask -> assertThat(((Ask.Fill) ask).liters()).isEqualTo(4.5));
  }

  @Test
  void whatIsAlreadySoIsNotAskedForAgain() {
    Story story = Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.POUR);
    story.set("hull-plug", FittingState.OUT_BAGGED);
    AskStatus status = AskStatus.of(story.state(), story.progress(), "drain");
    Ask hullPlug =
        story.card().step("drain").asks().stream()
            .filter(ask -> ask.label().startsWith("hull plug"))
            .findFirst()
            .orElseThrow();
    assertThat(status.isAnswered(story.card().step("drain"), hullPlug)).isTrue();
  }

  @Test
  void stepsThatWaitForEachOtherAreAMistakeInTheCard() {
    Step a = Step.called("a", "A").after("b").written();
    Step b = Step.called("b", "B").after("a").written();
    assertThatThrownBy(() -> StepOrder.of(List.of(a, b))).isInstanceOf(IllegalStateException.class);
  }
}
