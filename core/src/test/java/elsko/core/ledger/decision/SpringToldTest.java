package elsko.core.ledger.decision;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.Story;
import elsko.core.boat.description.DrainArrangement;
import elsko.core.boat.path.Method;
import elsko.core.ledger.circuit.ProofRules;
import elsko.core.ledger.circuit.Protection;
import elsko.core.ledger.decision.SpringTold.Outcome;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.FrostFinding;
import elsko.core.ledger.fact.Procedure;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class SpringToldTest {
  private static List<SpringTold> told(Story story) {
    return SpringTold.of(story.boat, ProofRules.of(story.need), story.log);
  }

  private static Story inSpring(Method method, String upTo) {
    Story story = Story.winterizing(DrainArrangement.FOUR_DRAINS, method);
    story.walkTo(upTo, Map.of());
    return story.daysLater(150).open(Procedure.COMMISSION);
  }

  private static void found(Story story, FrostFinding finding) {
    story.at("frost", new Fact.FrostLooked("engine", finding));
  }

  @Test
  void nothingIsToldBeforeSomebodyLooked() {
    assertThat(told(inSpring(Method.POUR, "close"))).isEmpty();
  }

  @Test
  void aProvenCircuitThatIsWholeHeld() {
    Story story = inSpring(Method.POUR, "close");
    found(story, FrostFinding.NOTHING);
    assertThat(told(story)).singleElement().extracting(SpringTold::outcome).isEqualTo(Outcome.HELD);
    assertThat(told(story).get(0).claimed()).isEqualTo(Protection.PROVEN);
  }

  @Test
  void aCrackInWhatWasProvenIsAMissAlsoAfterItWasMended() {
    Story story = inSpring(Method.POUR, "close");
    found(story, FrostFinding.CRACK);
    found(story, FrostFinding.NOTHING);
    assertThat(told(story))
        .singleElement()
        .extracting(SpringTold::outcome)
        .isEqualTo(Outcome.MISSED);
  }

  @Test
  void whatWasNeverMeasuredWarned() {
    Story cracked = inSpring(Method.POUR, "clamp");
    found(cracked, FrostFinding.CRACK);
    assertThat(told(cracked).get(0).outcome()).isEqualTo(Outcome.WARNED);
    Story whole = inSpring(Method.POUR, "clamp");
    found(whole, FrostFinding.NOTHING);
    assertThat(told(whole).get(0).outcome()).isEqualTo(Outcome.LUCKY);
  }

  @Test
  void aLookOnAnotherCardTellsNothingOfAWinter() {
    Story story = Story.fourDrains().wet();
    story.say(new Fact.FrostLooked("engine", FrostFinding.NOTHING));
    assertThat(told(story)).isEmpty();
  }
}
