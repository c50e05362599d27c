package elsko.core.plan.play;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.plan.RandomSeason;
import elsko.core.plan.model.Assignment;
import elsko.core.plan.model.Plan;
import elsko.core.plan.search.Planning;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class PublishedTest {
  @Test
  void aTaskHeldWhereItWasToldToBeKeepsItsTurn() {
    Planning planning = RandomSeason.of(11);
    Plan plan = planning.construct();
    SeasonArrays arrays = new SeasonArrays(planning.season());
    Assignment told = plan.assignments().get(0);
    Assignment pinned =
        new Assignment(
            told.boat(), told.task(), told.workers(), told.day(), told.start() + 90, told.end());
    Published made = Published.of(arrays, plan.assignments(), List.of(pinned));
    int task = arrays.tasksByKey().get(told.boat()).get(told.task());
    assertThat(made.pinned()[task]).isTrue();
    assertThat(made.start()[task]).isEqualTo(told.start());
  }

  @Test
  void aTaskHeldOnAnotherDayBeginsWhenItIsHeldTo() {
    Planning planning = RandomSeason.of(11);
    Plan plan = planning.construct();
    SeasonArrays arrays = new SeasonArrays(planning.season());
    Assignment told = plan.assignments().get(0);
    Assignment pinned =
        new Assignment(
            told.boat(),
            told.task(),
            told.workers(),
            told.day() + 1,
            told.start() + 90,
            told.end());
    Published made = Published.of(arrays, plan.assignments(), List.of(pinned));
    int task = arrays.tasksByKey().get(told.boat()).get(told.task());
    assertThat(made.day()[task]).isEqualTo(told.day() + 1);
    assertThat(made.start()[task]).isEqualTo(told.start() + 90);
  }

  /** The past is played again as it was, whatever of it is called held a second time. */
  @Test
  void daysThatArePastComeOutAsTheyWere() {
    for (long seed = 0; seed < 40; seed++) {
      Planning planning = RandomSeason.of(seed);
      Plan told = planning.construct();
      int today = planning.season().days() / 2;
      List<Assignment> past = new ArrayList<>();
      Random random = new Random(seed);
      for (Assignment each : told.assignments()) {
        if (each.day() < today) {
          past.add(each);
          if (random.nextBoolean()) {
            past.add(
                new Assignment(
                    each.boat(), each.task(), each.workers(), each.day(), 780, 780 + 30));
          }
        }
      }
      Plan again =
          new Planning(
                  planning.season(), told.assignments(), past, today, Planning.TOLD_WEIGHT, seed)
              .construct();
      assertThat(again.assignments().stream().filter(each -> each.day() < today))
          .as("seed %d", seed)
          .containsExactlyInAnyOrderElementsOf(
              told.assignments().stream().filter(each -> each.day() < today).toList());
      assertThat(again.figures().brokenRules()).as("seed %d", seed).isZero();
    }
  }
}
