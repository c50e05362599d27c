package elsko.core.ledger.rules;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import elsko.core.Story;
import elsko.core.boat.path.FittingState;
import elsko.core.fluid.verdict.Need;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.circuit.ProofRules;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Seen;
import java.time.Instant;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class CorrectionRulesTest {
  private static final UUID ROW = new UUID(0, 10);
  private static final UUID DOCK = new UUID(0, 1);
  private static final Fact ASHORE = new Fact.BerthMoved(ROW, "C10", false);
  private static final Fact AFLOAT = new Fact.BerthMoved(DOCK, "W1", true);

  private final Story story = Story.fourDrains();

  private void corrects(Entry wrong, Fact by) {
    CorrectionRules.check(
        story.boat,
        ProofRules.of(Need.DEFAULT),
        Story.RULES,
        story.log,
        wrong.id(),
        story.person,
        by);
  }

  @Test
  void aMoveIsNotCorrectedOntoTheWaterWithAHoleInTheBoat() {
    story.set("block-port-drain", FittingState.OUT_BAGGED);
    Entry moved = story.say(ASHORE);
    assertThatThrownBy(() -> corrects(moved, AFLOAT)).hasMessageContaining("Not launched");
  }

  @Test
  void norWhenTheHoleWasMadeSince() {
    Entry moved = story.say(ASHORE);
    story.set("block-port-drain", FittingState.OUT_BAGGED);
    corrects(moved, AFLOAT);
    BoatState before = story.state();
    story.correct(moved, AFLOAT);
    assertThatThrownBy(
            () ->
                CorrectionRules.checkAfloat(
                    before, story.state(), "technician", Story.RULES, Instant.EPOCH))
        .hasMessageContaining("Not launched");
  }

  @Test
  void aCorrectionIsJudgedByWhatStoodBeforeItAndNotByWhatCameAfter() {
    story.say(new Fact.CircuitSeen("engine", false));
    story.set("block-port-drain", FittingState.OUT_BAGGED);
    Entry seen = story.say(new Fact.LowPointSeen("block-port", Seen.RAN_CLEAR));
    story.set("block-port-drain", FittingState.IN);
    assertThatCode(() -> corrects(seen, new Fact.LowPointSeen("block-port", Seen.DID_NOT_RUN)))
        .doesNotThrowAnyException();
    assertThatThrownBy(
            () -> corrects(seen, new Fact.LowPointSeen("block-starboard", Seen.RAN_CLEAR)))
        .hasMessageContaining("open it before");
  }
}
