package elsko.core.plan.explain;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import elsko.core.plan.RandomSeason;
import elsko.core.plan.minutes.TaskMinutes;
import elsko.core.plan.model.Plan;
import elsko.core.plan.model.Season;
import elsko.core.plan.model.Skill;
import elsko.core.plan.model.Visit;
import elsko.core.plan.model.VisitTask;
import elsko.core.plan.model.Worker;
import elsko.core.plan.search.Planning;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class HoldsTest {
  private static final Holds.Known EXACT = (boat, task) -> new TaskMinutes(task.minutes(), 0);

  @Test
  void whatTakesWhatWasPlannedAlwaysHolds() {
    for (long seed = 1; seed < 30; seed++) {
      Season season = RandomSeason.of(seed).season();
      Plan plan = Planning.anew(season).construct();
      Holds holds = Holds.of(season, plan, EXACT, 3, seed);
      assertThat(holds.days()).allMatch(day -> day.share() == 1);
      assertThat(holds.boats())
          .hasSize(season.visits().size() - plan.undone().size())
          .allMatch(boat -> boat.share() == 1);
    }
  }

  /** One task in one day: how often it ends in time is how often a normal number is small. */
  @Test
  void oneTaskHoldsAsOftenAsItsMinutesSay() {
    Season day = days(1, 1, 100, 120);
    Plan plan = Planning.anew(day).construct();
    // It is there until 121 min after the start, with 1 min to walk: exp(0.2 z) ≤ 1.2.
    Holds holds =
        Holds.of(day, plan, (boat, task) -> new TaskMinutes(task.minutes(), 0.2), 4_000, 7);
    assertThat(holds.days()).hasSize(1);
    assertThat(holds.days().getFirst().share()).isCloseTo(0.82, within(0.02));
    assertThat(holds.boats().getFirst().share()).isEqualTo(holds.days().getFirst().share());
  }

  /** Planned by what holds four times in five, full days end in time that often, counted apart. */
  @Test
  void daysThatAreFullEndInTimeFourTimesInFive() {
    double sum = 0;
    int days = 0;
    for (double spread : new double[] {0.1, 0.2, 0.3}) {
      TaskMinutes task = new TaskMinutes(45, spread);
      int fit = 450 / (task.toPlan() + 1);
      int open = fit * (task.toPlan() + 1);
      int late = 0;
      Random random = new Random(3);
      for (int time = 0; time < 4_000; time++) {
        double at = 0;
        for (int i = 0; i < fit; i++) {
          at += 1 + Math.round(task.taken(random.nextGaussian()));
        }
        late += at > open ? 1 : 0;
      }
      sum += 1 - late / 4_000.0;
      days++;
    }
    assertThat(sum / days).isBetween(0.77, 0.85);
  }

  @Test
  void aDayWithoutReserveHoldsLessOften() {
    Season tight = days(4, 8, 45, 10 * 46);
    Plan plan = Planning.anew(tight).construct();
    double bare = mean(Holds.of(tight, plan, known(45, 0.25), 300, 1));
    TaskMinutes task = new TaskMinutes(45, 0.25);
    Season planned = days(4, 8, task.toPlan(), 10 * 46);
    double reserved =
        mean(Holds.of(planned, Planning.anew(planned).construct(), known(45, 0.25), 300, 1));
    assertThat(reserved).isGreaterThan(bare).isGreaterThan(0.75);
  }

  private static Holds.Known known(double median, double spread) {
    return (boat, task) -> new TaskMinutes(median, spread);
  }

  private static double mean(Holds holds) {
    return holds.days().stream().mapToDouble(Holds.Day::share).average().orElseThrow();
  }

  /** One person, so many boats of one task a minute apart. */
  private static Season days(int days, int aDay, int minutes, int hours) {
    List<Visit> visits = new ArrayList<>();
    for (int v = 0; v < days * aDay; v++) {
      visits.add(
          new Visit(
              new UUID(4, v),
              "boat " + v,
              v + 1,
              "",
              0,
              null,
              List.of(new VisitTask("fill", "Fill", minutes, 1, Skill.SYSTEMS, null, null)),
              0,
              List.of(1.0, 2.0, 3.0, 4.0, 5.0)));
    }
    int[][] walk = new int[visits.size() + 1][visits.size() + 1];
    for (int[] row : walk) {
      java.util.Arrays.fill(row, 1);
    }
    Worker.Hours open = new Worker.Hours(0, hours + 1);
    return new Season(
        LocalDate.of(2031, 11, 3),
        days,
        List.of(new Worker("Orrin", Set.of(Skill.SYSTEMS), Collections.nCopies(days, open))),
        new Worker.Hours(1439, 1440),
        visits,
        Map.of(),
        new int[days],
        walk);
  }
}
