package elsko.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import elsko.core.Refused;
import elsko.core.Story;
import elsko.core.boat.description.DrainArrangement;
import elsko.core.boat.path.Method;
import elsko.core.fluid.verdict.Need;
import elsko.core.ledger.circuit.CircuitState;
import elsko.core.ledger.circuit.ProofRules;
import elsko.core.ledger.circuit.Protection;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.rules.CorrectionRules;
import elsko.core.ledger.rules.Interlocks;
import java.time.Instant;
import java.util.Map;
import org.junit.jupiter.api.Test;

class CountersignTest {
  private static final ProofRules ASKED = new ProofRules(Need.DEFAULT, Instant.EPOCH);
  private static final Fact SIGNED = new Fact.Countersigned("engine");

  private static Story proven(Map<String, Double> readings) {
    return Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.POUR).walkTo("prove", readings);
  }

  private static BoatState asked(Story story) {
    return Ledger.fold(story.boat, ASKED, story.log);
  }

  private static void check(Story story, String person) {
    Interlocks.check(
        asked(story), person, SIGNED, Story.RULES, Instant.parse("2026-11-03T18:00:00Z"));
  }

  @Test
  void whereTheYardAsksACircuitIsProvenOnlyOnceASecondPersonSigned() {
    Story story = proven(Map.of());
    assertThat(story.state().circuit("engine").protection()).isEqualTo(Protection.PROVEN);
    CircuitState waiting = asked(story).circuit("engine");
    assertThat(waiting.protection()).isEqualTo(Protection.FILLED);
    assertThat(waiting.awaitsCountersign()).isTrue();
    story.person = "coordinator";
    story.add(null, null, null, SIGNED);
    CircuitState signed = asked(story).circuit("engine");
    assertThat(signed.protection()).isEqualTo(Protection.PROVEN);
    assertThat(signed.countersignedBy()).isEqualTo("coordinator");
    assertThat(signed.awaitsCountersign()).isFalse();
  }

  @Test
  void whoeverReadASampleDoesNotSignForIt() {
    Story story = proven(Map.of());
    assertThatThrownBy(() -> check(story, "technician"))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("second person");
    check(story, "coordinator");
  }

  @Test
  void whatIsShortCannotBeSignedFor() {
    Story story = proven(Map.of("block-starboard", Story.SHORT));
    assertThat(asked(story).circuit("engine").protection()).isEqualTo(Protection.HELD);
    assertThatThrownBy(() -> check(story, "coordinator")).hasMessageContaining("nothing to");
  }

  @Test
  void whatWasSampledBeforeTheYardAskedIsBelieved() {
    Story story = proven(Map.of());
    ProofRules later = new ProofRules(Need.DEFAULT, Instant.parse("2027-01-01T00:00:00Z"));
    assertThat(Ledger.fold(story.boat, later, story.log).circuit("engine").protection())
        .isEqualTo(Protection.PROVEN);
  }

  @Test
  void aSignatureThatWasCorrectedOntoWhatOneSampledOneselfCountsForNothing() {
    Story story = proven(Map.of());
    story.person = "coordinator";
    Entry signed = story.add(null, null, null, new Fact.Countersigned("washdown"));
    story.person = "technician";
    assertThatThrownBy(() -> corrects(story, signed, SIGNED)).hasMessageContaining("another's");
    assertThatThrownBy(() -> corrects(story, signed, new Fact.Withdrawn("no")))
        .hasMessageContaining("another's");
    Entry own = story.add(null, null, null, new Fact.Countersigned("washdown"));
    assertThatThrownBy(() -> corrects(story, own, SIGNED)).hasMessageContaining("second person");
    story.correct(own, SIGNED);
    assertThat(asked(story).circuit("engine").protection()).isEqualTo(Protection.FILLED);
  }

  private static void corrects(Story story, Entry wrong, Fact by) {
    CorrectionRules.check(story.boat, ASKED, Story.RULES, story.log, wrong.id(), story.person, by);
  }

  @Test
  void aNewReadingVoidsTheSignature() {
    Story story = proven(Map.of());
    story.add(null, null, null, SIGNED);
    story.say(new Fact.SampleRead("block-port", Story.LOT, Story.GLASS, Story.JUG, 14));
    assertThat(asked(story).circuit("engine").awaitsCountersign()).isTrue();
  }
}
