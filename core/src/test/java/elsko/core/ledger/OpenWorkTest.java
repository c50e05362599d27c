package elsko.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import elsko.core.Refused;
import elsko.core.Story;
import elsko.core.guide.AtOnce;
import elsko.core.guide.Guide;
import elsko.core.ledger.decision.Decision;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.EntryWords;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.TagCause;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class OpenWorkTest {
  @Test
  void whatIsAddedStaysUntilItIsDone() {
    Story story = Story.fourDrains();
    Entry elbow = story.say(new Fact.WorkAdded("mixing elbow replaced"));
    story.say(new Fact.WorkAdded("strainer cleaned"));
    assertThat(story.state().work())
        .extracting(OpenWork::what)
        .containsExactly("mixing elbow replaced", "strainer cleaned");
    story.say(new Fact.WorkDone(elbow.id()));
    assertThat(story.state().work()).extracting(OpenWork::what).containsExactly("strainer cleaned");
  }

  @Test
  void somethingWrongStandsBeforeACoordinatorUntilItIsAnswered() {
    Story story = Story.fourDrains().wet();
    story.say(new Fact.WorkAdded("strainer cleaned"));
    assertThat(Decision.of(story.state()).orElseThrow().kind())
        .isNotEqualTo(Decision.Kind.SOMETHING_WRONG);
    Entry told = story.say(new Fact.WorkAdded("water under the berth", true));
    Decision now = Decision.of(story.state()).orElseThrow();
    assertThat(now.kind()).isEqualTo(Decision.Kind.SOMETHING_WRONG);
    assertThat(now.words().toString())
        .isEqualTo("technician says that something is wrong: water under the berth");
    assertThat(EntryWords.of(story.boat, told.fact()).toString())
        .isEqualTo("Something is wrong: water under the berth");
    story.say(new Fact.WorkDone(told.id()));
    assertThat(Decision.of(story.state()).orElseThrow().kind())
        .isNotEqualTo(Decision.Kind.SOMETHING_WRONG);
  }

  @Test
  void theSmellOfFuelSetsARedTagOnTheWholeBoat() {
    Story story = Story.fourDrains();
    Guide smell = AtOnce.ALL.get(0);
    story.say(new Fact.ConditionSeen(null, smell.condition(), smell.finding()));
    assertThat(story.state().tags())
        .extracting(RedTag::cause)
        .containsExactly(TagCause.PETROL_VAPOR);
    assertThat(AtOnce.ALL).allMatch(guide -> guide.looks().isEmpty() && !guide.first().isBlank());
  }

  @Test
  void whatWasNeverAskedForCannotBeDone() {
    Story story = Story.fourDrains();
    assertThatThrownBy(() -> story.say(new Fact.WorkDone(UUID.randomUUID())))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("never asked for");
  }

  @Test
  void aPathOfAGuideIsInTheLogInWords() {
    Story story = Story.fourDrains();
    Entry looked = story.say(new Fact.GuideLooked("no-water", "seacock", "fault"));
    assertThat(EntryWords.of(story.boat, looked.fact()).toString())
        .isEqualTo("No water at the exhaust: Seacock: fully open? No.");
    assertThatThrownBy(() -> new Fact.GuideLooked("no-water", "seacock", "maybe"))
        .isInstanceOf(Refused.class);
  }
}
