package elsko.core.ledger.fact;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import elsko.core.Refused;
import elsko.core.Story;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.Method;
import elsko.core.ledger.rules.CorrectionRules;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.Test;

class FactTest {
  private static void refusedAt(String field, ThrowingCallable fact) {
    assertThatThrownBy(fact)
        .isInstanceOfSatisfying(
            Refused.class,
            refused -> {
              assertThat(refused.field()).isEqualTo(field);
              assertThat(refused.kind()).isEqualTo(Refused.Kind.VALUE);
            });
  }

  @Test
  void whatCannotBeMeantNeverBecomesAFact() {
    refusedAt("reading", () -> new Fact.JugRead(Story.LOT, Story.GLASS, 4));
    refusedAt("reading", () -> new Fact.SampleRead("p", Story.LOT, Story.GLASS, -55, 14));
    refusedAt("temperatureC", () -> new Fact.SampleRead("p", Story.LOT, Story.GLASS, -12, 200));
    refusedAt("value", () -> new Fact.ReadingTaken(null, "warm-plateau", 400));
    refusedAt("limit", () -> new Fact.ReadingTaken(null, "mood", 4));
    refusedAt("count", () -> new Fact.BagCounted(-1));
    refusedAt("text", () -> new Fact.Noted("  "));
    refusedAt("text", () -> new Fact.Noted("n".repeat(2001)));
    refusedAt("reason", () -> new Fact.StepSkipped(null));
    refusedAt("reason", () -> new Fact.Withdrawn(""));
    refusedAt("reason", () -> new Fact.CouldNotSample("block-port", ""));
  }

  @Test
  void aCorrectionIsOfTheKindItReplacesAndOfAnEntryThatIsThere() {
    Story story = Story.fourDrains();
    Entry note = story.say(new Fact.Noted("first"));
    refusedAt("kind", () -> CorrectionRules.replaced(story.log, note.id(), new Fact.BagCounted(1)));
    refusedAt(
        "corrects",
        () ->
            CorrectionRules.replaced(
                story.log, java.util.UUID.randomUUID(), new Fact.Noted("second")));
    assertThat(CorrectionRules.replaced(story.log, note.id(), new Fact.Noted("second")))
        .isEqualTo(note);
    assertThat(CorrectionRules.replaced(story.log, note.id(), new Fact.Withdrawn("typo")))
        .isEqualTo(note);
  }

  @Test
  void anOpenedCardIsNotTakenBack() {
    Story story =
        Story.winterizing(elsko.core.boat.description.DrainArrangement.FOUR_DRAINS, Method.POUR);
    Entry opened = story.log.get(1);
    refusedAt(
        "corrects",
        () -> CorrectionRules.replaced(story.log, opened.id(), new Fact.Withdrawn("no")));
  }

  @Test
  void correctionsOfCorrectionsStandInTheFirstOnesPlace() {
    Story story = Story.fourDrains();
    Entry first = story.say(new Fact.FittingSet("cover", FittingState.TARP, false, ""));
    story.say(new Fact.FittingSet("drive", FittingState.UP, false, ""));
    Entry second =
        story.correct(first, new Fact.FittingSet("cover", FittingState.SHRINK_WRAP, false, ""));
    story.correct(second, new Fact.FittingSet("cover", FittingState.OFF, false, ""));
    assertThat(Corrections.applied(story.log)).hasSize(2);
    assertThat(story.state().fitting("cover").state()).isEqualTo(FittingState.OFF);
  }
}
