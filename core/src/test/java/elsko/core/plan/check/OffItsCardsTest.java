package elsko.core.plan.check;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.Hulls;
import elsko.core.Story;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.fact.Procedure;
import elsko.core.plan.check.ByHandbook.OneBoat;
import elsko.core.plan.model.VisitTask;
import elsko.core.plan.visits.LayUp;
import elsko.core.plan.visits.SameDay;
import elsko.core.plan.visits.Spring;
import elsko.core.plan.visits.WorkLeft;
import elsko.core.procedure.request.Practices;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class OffItsCardsTest {
  private static final Instant NOW = Instant.parse("2027-04-02T08:00:00Z");

  /** Whether the boat goes into the winter or out of it, all of its steps are on some card. */
  @Test
  void whatCannotWaitIsReadBeforeEitherSeason() {
    Story story = new Story(Hulls.saildrive()).wet();
    story.open(Procedure.WATER_OUT);
    BoatState state = story.state();
    for (WorkLeft after :
        List.of(LayUp.of(state, Practices.USUAL), Spring.of(state, Practices.USUAL, NOW))) {
      WorkLeft left = SameDay.of(state, Practices.USUAL, after);
      OneBoat read = OffItsCards.read(new UUID(1, 1), state, Practices.USUAL, left, NOW);
      assertThat(read.work())
          .extracting(ByHandbook.Work::key)
          .isEqualTo(left.tasks().stream().map(VisitTask::key).toList());
      assertThat(read.work()).allMatch(work -> work.minutes() > 0);
    }
  }
}
