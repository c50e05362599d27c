package elsko.core.ledger;

import static elsko.core.boat.path.Position.CENTER;
import static elsko.core.boat.path.Position.PORT;
import static elsko.core.boat.path.Position.STARBOARD;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import elsko.core.Hulls;
import elsko.core.Refused;
import elsko.core.Story;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.Position;
import elsko.core.ledger.fact.EntryWords;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.ReadingStanding;
import elsko.core.ledger.fact.StartBasis;
import elsko.core.limits.Call;
import org.junit.jupiter.api.Test;

class ReadingsTest {
  private final Story story = new Story(Hulls.saildrive()).wet();

  private void vanes(double there) {
    story.say(new Fact.ReadingTaken(CENTER, "impeller-vanes", there, 6.0));
  }

  private void look(String condition, String finding) {
    story.say(new Fact.ConditionSeen(null, condition, finding));
  }

  private void start() {
    story.set("feed", FittingState.BUCKET);
    story.say(new Fact.EngineStarted(null, StartBasis.FED, 0));
  }

  @Test
  void theLastReadingOfAKindStands() {
    story.say(new Fact.ReadingTaken(null, "battery", 11.9));
    assertThat(story.state().reading(null, "battery").isOpen()).isTrue();
    story.say(new Fact.ReadingTaken(null, "battery", 12.7));
    assertThat(story.state().readings()).hasSize(1);
    ReadingStanding standing = story.state().reading(null, "battery");
    assertThat(standing.isOpen()).isFalse();
    assertThat(standing.found().toString()).isEqualTo("12.7 V");
    assertThat(standing.by()).isEqualTo("technician");
  }

  @Test
  void anEngineThatWentUnnamedIsTheOnlyOne() {
    look("smoke", "blue");
    assertThat(story.state().reading(CENTER, "smoke").judgement().call()).isEqualTo(Call.MEND);
  }

  @Test
  void ofTwoEnginesEachHasItsOwn() {
    Story twin = new Story(Hulls.twinDiesel()).wet();
    twin.say(new Fact.ConditionSeen(PORT, "smoke", "blue"));
    twin.say(new Fact.ConditionSeen(STARBOARD, "smoke", "none"));
    assertThat(twin.state().reading(PORT, "smoke").isOpen()).isTrue();
    assertThat(twin.state().reading(STARBOARD, "smoke").isOpen()).isFalse();
    assertThatThrownBy(() -> story.say(new Fact.ConditionSeen(PORT, "smoke", "none")))
        .isInstanceOf(Refused.class);
  }

  @Test
  void nobodyStartsAnEngineWithWaterInItsOil() {
    look("oil-look", "milky");
    assertThatThrownBy(this::start)
        .isInstanceOf(Refused.class)
        .hasMessageContaining("Red tag. Engine: water in the engine oil (milky, by");
    look("oil-look", "amber");
    assertThatThrownBy(this::start).isInstanceOf(Refused.class);
    story.say(new Fact.ServiceDone(CENTER, "engine-oil", "milky"));
    start();
    assertThat(story.state().running()).containsKey(CENTER);
  }

  @Test
  void tooMuchOilIsAStopTooLittleIsNot() {
    look("oil-level", "over");
    assertThatThrownBy(this::start).isInstanceOf(Refused.class);
    look("oil-level", "low");
    start();
    assertThat(story.state().running()).isNotEmpty();
  }

  @Test
  void whatAnImpellerLostIsMissingUntilItIsFound() {
    vanes(4);
    vanes(4);
    assertThat(story.state().missingPieces()).containsEntry(CENTER, 2);
    story.say(new Fact.ServiceDone(CENTER, "impeller", ""));
    vanes(6);
    assertThat(story.state().missingPieces()).containsEntry(CENTER, 2);
    story.say(new Fact.PiecesFound(null, 1, "first rising pipe"));
    assertThat(story.state().missingPieces()).containsEntry(CENTER, 1);
    vanes(5);
    assertThat(story.state().missingPieces()).containsEntry(CENTER, 2);
    story.say(new Fact.PiecesFound(null, 2, ""));
    assertThat(story.state().missingPieces()).isEmpty();
  }

  @Test
  void nobodyFindsMoreThanIsMissing() {
    assertThatThrownBy(() -> story.say(new Fact.PiecesFound(null, 1, "")))
        .hasMessageContaining("No piece");
    vanes(5);
    assertThatThrownBy(() -> story.say(new Fact.PiecesFound(null, 2, "")))
        .hasMessageContaining("Only 1");
    assertThatThrownBy(() -> new Fact.PiecesFound(null, 0, "")).isInstanceOf(Refused.class);
  }

  @Test
  void aNewImpellerClearsWhatTheOldOneShowed() {
    vanes(5);
    look("impeller-look", "cracks");
    story.say(new Fact.ServiceDone(CENTER, "impeller", ""));
    assertThat(story.state().reading(CENTER, "impeller-look")).isNull();
    assertThat(story.state().reading(CENTER, "impeller-vanes")).isNull();
  }

  @Test
  void theyAreSaidInSentences() {
    assertThat(
            EntryWords.of(story.boat, new Fact.ReadingTaken(CENTER, "belt-deflection", 12, 300.0))
                .toString())
        .isEqualTo("Engine: belt gives 12 mm, free span 300 mm");
    assertThat(
            EntryWords.of(story.boat, new Fact.ConditionSeen(PORT, "oil-look", "milky")).toString())
        .isEqualTo("Port engine: look of the engine oil: milky");
    assertThat(
            EntryWords.of(story.boat, new Fact.PiecesFound(Position.PORT, 1, "exchanger"))
                .toString())
        .isEqualTo("Port engine: 1 piece of its impeller found: exchanger");
  }
}
