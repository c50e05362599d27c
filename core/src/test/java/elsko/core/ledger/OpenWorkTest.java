package elsko.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import elsko.core.Refused;
import elsko.core.Story;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.EntryWords;
import elsko.core.ledger.fact.Fact;
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
