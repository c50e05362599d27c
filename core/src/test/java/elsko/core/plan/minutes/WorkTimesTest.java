package elsko.core.plan.minutes;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.Story;
import elsko.core.boat.description.DrainArrangement;
import elsko.core.boat.path.Method;
import elsko.core.fluid.verdict.Need;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.Ledger;
import elsko.core.ledger.circuit.ProofRules;
import elsko.core.ledger.fact.Entry;
import elsko.core.plan.visits.LayUp;
import elsko.core.procedure.request.Practices;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntFunction;
import org.junit.jupiter.api.Test;

class WorkTimesTest {
  private static final Instant EIGHT = Instant.parse("2026-11-03T08:00:00Z");

  /** A whole card, with the time of each entry moved to where the test has it. */
  private static List<WorkTime> timed(IntFunction<Duration> after) {
    Story story = Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.POUR);
    story.walk();
    List<Entry> log = new ArrayList<>();
    int i = 0;
    for (Entry entry : story.log) {
      Instant at = EIGHT.plus(after.apply(i++));
      log.add(
          new Entry(
              entry.id(),
              entry.person(),
              at,
              at,
              entry.card(),
              entry.step(),
              entry.corrects(),
              entry.fact()));
    }
    BoatState state = Ledger.fold(story.boat, ProofRules.of(Need.DEFAULT), log);
    assertThat(state.cards()).extracting(CardProgress::isClosed).contains(true);
    return WorkTimes.of(state, Practices.USUAL);
  }

  @Test
  void aCardThatIsWorkedOffInOneGoSaysHowLongEachTaskTook() {
    List<WorkTime> times = timed(Duration::ofMinutes);
    assertThat(times).extracting(time -> time.kind().task()).contains(LayUp.EMPTY, LayUp.PROVE);
    assertThat(times).allSatisfy(time -> assertThat(time.took()).isPositive());
    assertThat(times).extracting(time -> time.kind().method()).containsOnly(Method.POUR);
  }

  @Test
  void whatIsEnteredAllAtOnceTeachesNothing() {
    assertThat(timed(i -> Duration.ofSeconds(i))).isEmpty();
  }

  @Test
  void aBoatThatIsLeftOpenOverNightTeachesNothingOfThatTask() {
    List<WorkTime> oneGo = timed(Duration::ofMinutes);
    for (int left = 1; left < 40; left++) {
      int at = left;
      for (WorkTime time : timed(i -> Duration.ofMinutes(i < at ? i : i + 16 * 60))) {
        assertThat(time.took())
            .isLessThanOrEqualTo(
                oneGo.stream()
                    .filter(one -> one.kind().equals(time.kind()))
                    .mapToDouble(WorkTime::took)
                    .sum());
      }
    }
  }
}
