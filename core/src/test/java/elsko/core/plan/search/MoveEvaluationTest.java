package elsko.core.plan.search;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.plan.RandomSeason;
import elsko.core.plan.check.PlanCheck;
import elsko.core.plan.model.Effort;
import elsko.core.plan.model.Equipment;
import elsko.core.plan.model.Plan;
import elsko.core.plan.model.Season;
import elsko.core.plan.model.Skill;
import elsko.core.plan.model.Visit;
import elsko.core.plan.model.VisitTask;
import elsko.core.plan.model.Worker;
import elsko.core.plan.play.DayPlay;
import elsko.core.plan.play.NearestBerths;
import elsko.core.plan.play.PlanReader;
import elsko.core.plan.play.Published;
import elsko.core.plan.play.SeasonArrays;
import elsko.core.plan.play.VisitRules;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Every way of changing the lists, on many made-up seasons. */
class MoveEvaluationTest {
  private static final List<MoveGenerator> ALL =
      List.of(
          new SwapSafe(), new SwapTasks(), new MoveTask(), new YieldDays(), new RuinAndInsert());
  private static final double ANYTHING = Double.MAX_VALUE;
  private static final int TRIES = 200;

  @Test
  void whatIsHandedOnBreaksNoRule() {
    Map<String, Integer> handedOn = new HashMap<>();
    for (long seed = 0; seed < 25; seed++) {
      Planning planning = seed < 20 ? RandomSeason.of(seed) : ofAlikeBoats(seed);
      SeasonPlan plan = new Search(planning).startPlan();
      SeasonArrays arrays = plan.rules().arrays();
      MoveEvaluation tried = new MoveEvaluation(plan, new Random(seed));
      for (MoveGenerator generator : ALL) {
        for (int i = 0; i < TRIES; i++) {
          tried.begin();
          if (generator.draw(tried) && tried.isWorth(ANYTHING)) {
            Plan read = PlanReader.read(arrays, Published.nothing(arrays), tried.lists);
            assertThat(PlanCheck.problems(planning.season(), read))
                .as("seed %d, %s", seed, generator)
                .isEmpty();
            handedOn.merge(generator.getClass().getSimpleName(), 1, Integer::sum);
          }
          tried.takeBack();
        }
      }
    }
    assertThat(handedOn)
        .containsOnlyKeys("SwapSafe", "SwapTasks", "MoveTask", "YieldDays", "RuinAndInsert");
    assertThat(handedOn.values()).allMatch(count -> count > 20);
  }

  /** Boats that differ only in how dear they are and how long their fill takes. */
  private static Planning ofAlikeBoats(long seed) {
    Random random = new Random(seed);
    int days = 8;
    List<Visit> visits = new ArrayList<>();
    for (int v = 0; v < 14; v++) {
      double dear = 1 + random.nextInt(20);
      visits.add(
          new Visit(
              new UUID(6, v),
              "boat " + v,
              v + 1,
              "berth " + v,
              random.nextInt(2),
              null,
              List.of(
                  task("service", 60, null),
                  task("fill", 60 + 15 * random.nextInt(3), Equipment.TANK_KIT),
                  task("prove", 20, null)),
              1,
              IntStream.rangeClosed(0, days).mapToObj(day -> dear * day / days).toList()));
    }
    List<Worker.Hours> hours = Collections.nCopies(days, new Worker.Hours(480, 990));
    int[][] walk = new int[15][15];
    for (int a = 0; a < 15; a++) {
      for (int b = 0; b < 15; b++) {
        walk[a][b] = Math.abs(a - b);
      }
    }
    Season season =
        new Season(
            LocalDate.of(2031, 10, 6),
            days,
            List.of(
                new Worker("one", Set.of(Skill.ENGINE_PETROL), hours),
                new Worker("two", Set.of(Skill.ENGINE_PETROL), hours)),
            new Worker.Hours(720, 750),
            visits,
            Map.of(Equipment.TANK_KIT, 1),
            new int[days],
            walk);
    return new Planning(season, List.of(), List.of(), 0, 0, seed);
  }

  private static VisitTask task(String key, int minutes, Equipment equipment) {
    return new VisitTask(key, key, minutes, 1, Skill.ENGINE_PETROL, equipment, null);
  }

  @Test
  void whatIsHandedOnCostsNoMoreThanItMay() {
    int weighed = 0;
    for (long seed = 0; seed < 15; seed++) {
      SeasonPlan plan = new Search(RandomSeason.of(seed)).startPlan();
      MoveEvaluation tried = new MoveEvaluation(plan, new Random(seed));
      long before = cost(tried);
      for (int i = 0; i < TRIES; i++) {
        double mayCost = 50.0 * (i % 5);
        tried.begin();
        if (ALL.get(i % ALL.size()).draw(tried) && tried.isWorth(mayCost)) {
          assertThat(cost(tried) - before).as("seed %d", seed).isLessThanOrEqualTo((long) mayCost);
          weighed++;
        }
        tried.takeBack();
      }
      assertThat(cost(tried)).isEqualTo(before);
    }
    assertThat(weighed).isGreaterThan(100);
  }

  /** From nothing: visits and days, with nothing kept from before. */
  private static long cost(MoveEvaluation tried) {
    VisitRules rules = new VisitRules(tried.arrays, tried.told, 0);
    DayPlay play = new DayPlay(tried.arrays);
    long cost = 0;
    for (int v = 0; v < tried.arrays.visits; v++) {
      rules.look(v, tried.lists);
      cost += rules.medium;
    }
    for (int day = 0; day < tried.arrays.days; day++) {
      play.play(day, tried.lists.parts[day], tried.lists.size[day]);
      cost += play.cost();
    }
    return cost;
  }

  @Test
  void whatWasNotChangedIsNotWorthATry() {
    SeasonPlan plan = new Search(RandomSeason.of(1)).startPlan();
    MoveEvaluation tried = new MoveEvaluation(plan, new Random(1));
    tried.begin();
    assertThat(tried.isWorth(ANYTHING)).isFalse();
    assertThat(tried.written()).isNull();
  }

  @Test
  void whatIsWrittenDownForTheSolverIsWhatWasDone() {
    SeasonPlan plan = new Search(RandomSeason.of(4)).startPlan();
    MoveEvaluation tried = new MoveEvaluation(plan, new Random(4));
    int written = 0;
    for (int i = 0; i < TRIES; i++) {
      tried.begin();
      if (new MoveTask().draw(tried) && tried.isWorth(ANYTHING)) {
        ListsMove move = tried.written();
        assertThat(move == null).isEqualTo(isAsBefore(plan, tried));
        written += move == null ? 0 : 1;
      }
      tried.takeBack();
      assertThat(isAsBefore(plan, tried)).isTrue();
    }
    assertThat(written).isPositive();
  }

  private static boolean isAsBefore(SeasonPlan plan, MoveEvaluation tried) {
    for (PersonDay list : plan.getPersonDays()) {
      int[] parts = tried.lists.parts[list.getDay()][list.getPerson()];
      if (list.getParts().size() != tried.lists.size[list.getDay()][list.getPerson()]) {
        return false;
      }
      for (int i = 0; i < list.getParts().size(); i++) {
        if (list.getParts().get(i).getId() != parts[i]) {
          return false;
        }
      }
    }
    return true;
  }

  @Test
  void twoTasksInOneListChangePlaces() {
    SeasonPlan plan = new Search(ofAlikeBoats(2)).startPlan();
    MoveEvaluation tried = new MoveEvaluation(plan, new Random(2));
    PersonDay list =
        plan.getPersonDays().stream().filter(each -> each.getParts().size() > 2).findFirst().get();
    int[] parts = tried.lists.parts[list.getDay()][list.getPerson()];
    int first = parts[0];
    int second = parts[1];
    int last = parts[list.getParts().size() - 1];
    tried.begin();
    tried.swap(tried.arrays.taskOf[second], tried.arrays.taskOf[first]);
    parts = tried.lists.parts[list.getDay()][list.getPerson()];
    assertThat(parts[0]).isEqualTo(second);
    assertThat(parts[1]).isEqualTo(first);
    assertThat(parts[list.getParts().size() - 1]).isEqualTo(last);
    tried.takeBack();
    assertThat(isAsBefore(plan, tried)).isTrue();
  }

  @Test
  void heatFadesUntilHardlyAnythingMayCost() {
    SplittableRandom random = new SplittableRandom(1);
    double early = average(new AnnealingTemperature(new Effort.Seconds(1e9)), random);
    double late = average(new AnnealingTemperature(new Effort.Seconds(1e-9)), random);
    assertThat(early).isBetween(80.0, 120.0);
    assertThat(late).isBetween(3.0, 7.0);
  }

  @Test
  void heatFadesByMovesToo() {
    SplittableRandom random = new SplittableRandom(1);
    AnnealingTemperature temperature = new AnnealingTemperature(new Effort.Moves(100));
    assertThat(average(temperature, random)).isBetween(80.0, 120.0);
    for (int tried = 0; tried < 100; tried++) {
      temperature.moved();
    }
    assertThat(average(temperature, random)).isBetween(3.0, 7.0);
  }

  private static double average(AnnealingTemperature temperature, SplittableRandom random) {
    double sum = 0;
    for (int i = 0; i < 20_000; i++) {
      sum += temperature.mayCost(random);
    }
    return sum / 20_000;
  }

  @Test
  void theNearestComeFirstAndNeverTheBoatItself() {
    for (long seed = 0; seed < 20; seed++) {
      SeasonArrays arrays = new SeasonArrays(RandomSeason.of(seed).season());
      int[][] near = NearestBerths.visits(arrays);
      for (int v = 0; v < arrays.visits; v++) {
        assertThat(near[v]).doesNotContain(v).doesNotHaveDuplicates();
        assertThat(near[v]).hasSizeBetween(Math.min(16, arrays.visits - 1), 16);
        for (int i = 1; i < near[v].length; i++) {
          assertThat(walk(arrays, v, near[v][i - 1]))
              .isLessThanOrEqualTo(walk(arrays, v, near[v][i]));
        }
      }
    }
  }

  private static int walk(SeasonArrays arrays, int a, int b) {
    return arrays.walk[arrays.place[arrays.firstTask[a]]][arrays.place[arrays.firstTask[b]]];
  }
}
