package elsko.core.plan.model;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.plan.RandomSeason;
import elsko.core.plan.check.PlanCheck;
import elsko.core.plan.model.BoatStops.Hands;
import elsko.core.plan.search.Planning;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class BoatStopsTest {
  private static final Hands[] HANDS = Hands.values();

  /** Now two do the whole boat, now somebody comes when wanted. */
  private static Planning byStops(long seed) {
    Hands hands = HANDS[(int) (seed % HANDS.length)];
    Season season = BoatStops.of(RandomSeason.of(seed).season(), hands, List.of());
    return new Planning(season, List.of(), List.of(), 0, 0, seed);
  }

  /** Held against the season it was made from, task by task. */
  @Test
  void aPlanOfStopsBreaksNoRuleOfItsTasks() {
    int stops = 0;
    for (long seed = 0; seed < 150; seed++) {
      Season tasks = RandomSeason.of(seed).season();
      Planning planning = byStops(seed);
      Plan plan = planning.construct();
      Plan split = BoatStops.split(planning.season(), plan);
      assertThat(PlanCheck.problems(tasks, split)).as("seed %d", seed).isEmpty();
      assertThat(split.assignments()).hasSizeGreaterThanOrEqualTo(plan.assignments().size());
      stops += plan.assignments().size();
    }
    assertThat(stops).isPositive();
  }

  @Test
  void searchingBreaksNoneEither() {
    for (long seed = 0; seed < 8; seed++) {
      Planning planning = byStops(seed);
      Plan plan = planning.solve(new Effort.Moves(600), null);
      assertThat(
              PlanCheck.problems(
                  RandomSeason.of(seed).season(), BoatStops.split(planning.season(), plan)))
          .as("seed %d", seed)
          .isEmpty();
    }
  }

  @Test
  void whoBeginsAStopGoesOnToItsEndWithoutABreak() {
    for (long seed = 0; seed < 60; seed++) {
      Planning planning = byStops(seed);
      Worker.Hours pause = planning.season().pause();
      Map<String, Assignment> byKey = new HashMap<>();
      BoatStops.split(planning.season(), planning.construct())
          .assignments()
          .forEach(each -> byKey.put(each.boat() + each.task(), each));
      for (Visit visit : planning.season().visits()) {
        for (VisitTask stop : visit.tasks()) {
          Assignment before = null;
          for (VisitTask task : stop.tasks()) {
            Assignment now = byKey.get(visit.boat() + task.key());
            if (before != null && now != null) {
              assertThat(now.workers().get(0)).isEqualTo(before.workers().get(0));
              boolean afterThePause = before.end() == pause.from() && now.start() == pause.to();
              assertThat(now.start() == before.end() || afterThePause).isTrue();
            }
            before = now;
          }
        }
      }
    }
  }

  @Test
  void aStopEndsAtASoakAtTheLiftAndWhereNobodyHasTheSkills() {
    for (long seed = 0; seed < 60; seed++) {
      Season season = BoatStops.of(RandomSeason.of(seed).season(), Hands.WHOLE_BOAT, List.of());
      for (Visit visit : season.visits()) {
        for (VisitTask stop : visit.tasks()) {
          List<VisitTask> parts = stop.parts();
          for (int i = 0; i < parts.size(); i++) {
            assertThat(parts.get(i).equipment()).isNotEqualTo(Equipment.LIFT);
            assertThat(parts.get(i).isLeftToSoak() && i < parts.size() - 1).isFalse();
          }
          assertThat(
                  parts.isEmpty()
                      || season.workers().stream()
                          .anyMatch(worker -> worker.skills().containsAll(stop.skills())))
              .isTrue();
        }
      }
    }
  }

  private static List<List<VisitTask>> whateverTheHour(Season season) {
    return season.visits().stream()
        .map(
            visit ->
                visit.tasks().stream()
                    .map(task -> task.asking(task.asks().without(Opening.SECOND_HANDS)))
                    .toList())
        .toList();
  }

  @Test
  void whatIsTakenApartAndGatheredIsWhatItWas() {
    for (long seed = 0; seed < 60; seed++) {
      Planning planning = byStops(seed);
      Season season = planning.season();
      Season tasks = RandomSeason.of(seed).season();
      assertThat(whateverTheHour(BoatStops.apart(season))).isEqualTo(whateverTheHour(tasks));
      Plan plan = planning.construct();
      List<Assignment> again =
          BoatStops.gather(season, BoatStops.split(season, plan).assignments());
      assertThat(again)
          .extracting(Assignment::boat, Assignment::task, Assignment::day, Assignment::workers)
          .containsExactlyInAnyOrderElementsOf(
              plan.assignments().stream()
                  .map(
                      a ->
                          org.assertj.core.groups.Tuple.tuple(
                              a.boat(), a.task(), a.day(), a.workers()))
                  .toList());
      assertThat(again)
          .allSatisfy(
              each ->
                  assertThat(BoatStops.stopOf(season, each.boat(), each.task()))
                      .isEqualTo(each.task()));
    }
  }
}
