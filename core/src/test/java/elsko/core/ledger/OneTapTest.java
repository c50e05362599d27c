package elsko.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.Story;
import elsko.core.boat.description.DrainArrangement;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.Method;
import elsko.core.ledger.circuit.ProofRules;
import elsko.core.ledger.circuit.Protection;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.OneTap;
import elsko.core.ledger.fact.Seen;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** What one tap wrote counts as if it had been said thing by thing, unless it came too soon. */
class OneTapTest {
  private static final OneTap SOON = new OneTap(new UUID(0, 1), 3, true);
  private static final OneTap IN_TIME = new OneTap(new UUID(0, 2), 900, false);
  private final Story story = Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.DRY);

  private Protection drained(OneTap tap) {
    return Ledger.fold(story.boat, story.need, drainedBy(tap)).circuit("engine").protection();
  }

  private List<Entry> drainedBy(OneTap tap) {
    int before = story.log.size();
    story.drainAll();
    List<Entry> log = new ArrayList<>(story.log.subList(0, before));
    story.log.subList(before, story.log.size()).forEach(entry -> log.add(entry.by(tap)));
    return log;
  }

  @Test
  void writtenInTimeItProvesWhatItSays() {
    assertThat(drained(IN_TIME)).isEqualTo(Protection.DRAINED);
  }

  @Test
  void writtenTooSoonItProvesNothingUntilItIsLookedAtAgain() {
    List<Entry> log = drainedBy(SOON);
    BoatState soon = Ledger.fold(story.boat, story.need, log);
    assertThat(soon.circuit("engine").protection()).isEqualTo(Protection.WET);
    // What stands open counts as open, whoever said it and how.
    assertThat(soon.fitting("block-port-drain").state()).isEqualTo(FittingState.OUT_BAGGED);
    List<Entry> again = new ArrayList<>(log);
    log.stream().filter(entry -> entry.tap() != null).forEach(entry -> again.add(entry.by(null)));
    assertThat(Ledger.fold(story.boat, story.need, again).circuit("engine").protection())
        .isEqualTo(Protection.DRAINED);
  }

  @Test
  void oneByOneItIsAsInOneGo() {
    List<Entry> log = drainedBy(SOON);
    Entry note = story.say(new Fact.Noted("cold"));
    GrowingFold growing = GrowingFold.of(story.boat, ProofRules.of(story.need), log);
    growing.add(note);
    List<Entry> all = new ArrayList<>(log);
    all.add(note);
    assertThat(growing.state()).isEqualTo(Ledger.fold(story.boat, story.need, all));
  }

  @Test
  void theLogSaysSo() {
    assertThat(OneTap.mark(IN_TIME).toString()).isEqualTo("In one tap.");
    assertThat(OneTap.mark(SOON).toString())
        .isEqualTo("In one tap after 3 s, sooner than it can be done: proves nothing.");
    assertThat(OneTap.mark(new OneTap(new UUID(0, 3), 240, true)).toString()).contains("4 min");
    assertThat(OneTap.mark(null)).isNull();
  }

  @Test
  void aHoseThatWouldNotComeOffIsNotEmpty() {
    story.at("hoses-low", new Fact.LowPointSeen("pump", Seen.WOULD_NOT_COME_OFF));
    assertThat(story.state().circuit("engine").point("pump").seen())
        .isEqualTo(Seen.WOULD_NOT_COME_OFF);
    assertThat(story.protection()).isEqualTo(Protection.WET);
  }
}
