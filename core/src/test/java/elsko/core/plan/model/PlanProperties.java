package elsko.core.plan.model;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ai.timefold.solver.core.config.solver.EnvironmentMode;
import elsko.core.plan.RandomSeason;
import elsko.core.plan.check.PlanCheck;
import elsko.core.plan.search.Baseline;
import elsko.core.plan.search.Planning;
import elsko.core.plan.search.Search;
import elsko.core.plan.search.SeasonPlan;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class PlanProperties {
  @Test
  void noPlanBreaksARule() {
    for (long seed = 0; seed < 150; seed++) {
      Planning planning = RandomSeason.of(seed);
      assertKeepsTheRules(seed, planning, planning.construct());
    }
  }

  @Test
  void noRuleOfThumbBreaksOneEither() {
    for (long seed = 0; seed < 60; seed++) {
      Planning planning = RandomSeason.of(seed);
      for (Baseline.Rule rule : Baseline.Rule.values()) {
        assertKeepsTheRules(seed, planning, Baseline.plan(planning, rule, 4));
      }
    }
  }

  @Test
  void searchingKeepsThemAndCostsNoMore() {
    for (long seed = 0; seed < 12; seed++) {
      Planning planning = RandomSeason.of(seed);
      Plan first = planning.construct();
      Search search = new Search(planning);
      SeasonPlan best =
          search.solverOfSteps(60, EnvironmentMode.NO_ASSERT).solve(search.startPlan());
      Plan better = search.read(best);
      assertKeepsTheRules(seed, planning, better);
      assertThat(better.undone().size()).isLessThanOrEqualTo(first.undone().size());
    }
  }

  /** Time is not in it: as many moves from the same seed come to the same plan. */
  @Test
  void asManyMovesComeToTheSamePlan() {
    for (long seed = 0; seed < 4; seed++) {
      Effort effort = new Effort.Moves(400);
      Plan once = RandomSeason.of(seed).solve(effort, null);
      Plan again = RandomSeason.of(seed).solve(effort, null);
      assertThat(again.assignments()).isEqualTo(once.assignments());
      assertKeepsTheRules(seed, RandomSeason.of(seed), again);
    }
  }

  /** The score kept up to date move by move is the one that is worked out from nothing. */
  @Test
  void theScoreIsWhatItIsFromScratch() {
    for (long seed = 20; seed < 26; seed++) {
      Search search = new Search(RandomSeason.of(seed));
      SeasonPlan best =
          search.solverOfSteps(25, EnvironmentMode.FULL_ASSERT).solve(search.startPlan());
      assertThat(best.getScore().hardScore()).isZero();
    }
  }

  @Test
  void planningAgainKeepsWhatIsPinnedAndPast() {
    for (long seed = 0; seed < 60; seed++) {
      Planning planning = RandomSeason.of(seed);
      Plan told = planning.construct();
      Random random = new Random(seed);
      int today = random.nextInt(planning.season().days());
      List<Assignment> pinned = new ArrayList<>();
      List<UUID> begun = new ArrayList<>();
      for (Assignment each : told.assignments()) {
        if (each.day() < today
            || each.day() == today && random.nextInt(3) == 0 && begun.contains(each.boat())) {
          pinned.add(each);
          begun.add(each.boat());
        }
      }
      Planning again =
          new Planning(
              planning.season(), told.assignments(), pinned, today, Planning.TOLD_WEIGHT, seed);
      Plan plan = again.construct();
      assertThat(plan.assignments()).as("seed %d", seed).containsAll(pinned);
      assertThat(PlanCheck.problems(planning.season(), plan)).as("seed %d", seed).isEmpty();
      assertThat(plan.figures().toldOtherwise()).as("seed %d", seed).isZero();
    }
  }

  @Test
  void whoIsOffAfterAllIsGivenNothing() {
    for (long seed = 0; seed < 60; seed++) {
      Planning planning = RandomSeason.of(seed);
      Plan told = planning.construct();
      Season season = planning.season();
      List<Worker> workers = new ArrayList<>(season.workers());
      Worker sick = workers.get(0);
      workers.set(
          0,
          new Worker(
              sick.name(),
              sick.skills(),
              new ArrayList<>(java.util.Collections.nCopies(season.days(), null))));
      Season without =
          new Season(
              season.first(),
              season.days(),
              workers,
              season.pause(),
              season.visits(),
              season.equipment(),
              season.liftSlots(),
              season.walkMinutes());
      Plan plan =
          new Planning(without, told.assignments(), List.of(), 0, Planning.TOLD_WEIGHT, seed)
              .construct();
      assertThat(plan.assignments()).noneMatch(each -> each.workers().contains(sick.name()));
      assertKeepsTheRules(seed, new Planning(without, List.of(), List.of(), 0, 0, seed), plan);
    }
  }

  @Test
  void whatAPlanComesToIsTheSameCountedAnotherWay() {
    int planned = 0;
    for (long seed = 0; seed < 60; seed++) {
      Planning planning = RandomSeason.of(seed);
      Plan plan = planning.construct();
      planned += plan.assignments().size();
      assertThat(PlanCheck.frostLoss(planning.season(), plan))
          .isCloseTo(plan.figures().frostLoss(), within(0.05));
      assertThat(PlanCheck.walkingMinutes(planning.season(), plan))
          .isEqualTo(plan.figures().walkingMinutes());
    }
    assertThat(planned).isGreaterThan(500);
  }

  private static void assertKeepsTheRules(long seed, Planning planning, Plan plan) {
    assertThat(plan.figures().brokenRules()).as("seed %d", seed).isZero();
    assertThat(PlanCheck.problems(planning.season(), plan)).as("seed %d", seed).isEmpty();
  }
}
