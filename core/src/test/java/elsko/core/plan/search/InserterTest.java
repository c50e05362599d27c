package elsko.core.plan.search;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.plan.RandomSeason;
import elsko.core.plan.model.Assignment;
import elsko.core.plan.model.Plan;
import elsko.core.plan.play.DayPlay;
import elsko.core.plan.play.Published;
import elsko.core.plan.play.SeasonArrays;
import elsko.core.plan.play.WalkLists;
import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;

class InserterTest {
  @Test
  void whatIsInsertedAndTakenLeavesNoTrace() {
    for (long seed = 0; seed < 80; seed++) {
      SeasonArrays arrays = new SeasonArrays(RandomSeason.of(seed).season());
      WalkLists lists = Construct.plan(arrays, Published.nothing(arrays), 0);
      Inserter inserter = inserter(arrays);
      String before = text(lists);
      for (int v = 0; v < arrays.visits; v++) {
        if (lists.isPlannedVisit(v)) {
          continue;
        }
        if (inserter.insert(lists, v, 0)) {
          inserter.takeVisit(lists, v);
        }
        assertThat(text(lists)).isEqualTo(before);
      }
    }
  }

  @Test
  void whatIsInsertedKeepsEveryDayWhole() {
    Random random = new Random(4);
    for (long seed = 0; seed < 80; seed++) {
      SeasonArrays arrays = new SeasonArrays(RandomSeason.of(seed).season());
      WalkLists lists = new WalkLists(arrays);
      Inserter inserter = inserter(arrays);
      DayPlay play = new DayPlay(arrays);
      for (int i = 0; i < arrays.visits; i++) {
        int v = random.nextInt(arrays.visits);
        if (lists.isPlannedVisit(v)) {
          inserter.takeVisit(lists, v);
        } else {
          inserter.insert(lists, v, random.nextInt(arrays.days));
        }
        for (int day = 0; day < arrays.days; day++) {
          // Taking somebody off may let two others meet; only what is put on has to fit.
          if (lists.isPlannedVisit(v)) {
            for (int task = arrays.firstTask[v];
                task < arrays.firstTask[v] + arrays.taskCount[v];
                task++) {
              play.play(lists.day(task), lists.parts[lists.day(task)], lists.size[lists.day(task)]);
              assertThat(play.stuck).isZero();
            }
          }
        }
      }
    }
  }

  @Test
  void aVisitBeginsOnTheDayItIsAskedFor() {
    int asked = 0;
    for (long seed = 0; seed < 60; seed++) {
      SeasonArrays arrays = new SeasonArrays(RandomSeason.of(seed).season());
      WalkLists lists = new WalkLists(arrays);
      Inserter inserter = inserter(arrays);
      for (int v = 0; v < arrays.visits; v++) {
        int day = inserter.earliest(v);
        if (inserter.insertFrom(lists, v, day)) {
          asked++;
          assertThat(lists.day(arrays.firstTask[v])).isEqualTo(day);
          int last = arrays.firstTask[v] + arrays.taskCount[v] - 1;
          for (int task = arrays.firstTask[v] + 1; task <= last; task++) {
            assertThat(lists.day(task)).isGreaterThanOrEqualTo(lists.day(task - 1));
          }
        }
      }
    }
    assertThat(asked).isGreaterThan(100);
  }

  @Test
  void loadsAreWhatIsOnTheLists() {
    for (long seed = 0; seed < 40; seed++) {
      SeasonArrays arrays = new SeasonArrays(RandomSeason.of(seed).season());
      WalkLists lists = Construct.plan(arrays, Published.nothing(arrays), 0);
      for (int day = 0; day < arrays.days; day++) {
        int[] kits = new int[arrays.stock.length];
        for (int p = 0; p < arrays.people; p++) {
          int sum = 0;
          for (int i = 0; i < lists.size[day][p]; i++) {
            int part = lists.parts[day][p][i];
            int task = arrays.taskOf[part];
            sum += arrays.minutes[task];
            if (arrays.equipment[task] >= 0 && !arrays.gives[part]) {
              kits[arrays.equipment[task]] += arrays.minutes[task];
            }
            assertThat(lists.indexOf(part)).isEqualTo(i);
          }
          assertThat(lists.load(day, p)).isEqualTo(sum);
        }
        for (int kind = 0; kind < kits.length; kind++) {
          assertThat(lists.kitLoad(day, kind)).isEqualTo(kits[kind]);
        }
      }
    }
  }

  @Test
  void aPinHoldsThoughOthersMustGiveWay() {
    int held = 0;
    for (long seed = 0; seed < 60; seed++) {
      Planning planning = RandomSeason.of(seed);
      Plan plan = planning.construct();
      for (Assignment each : plan.assignments()) {
        boolean alone =
            plan.assignments().stream().filter(a -> a.boat().equals(each.boat())).count() == 1;
        if (!alone || each.workers().size() > 1 || each.day() == 0) {
          continue;
        }
        Planning pinned =
            new Planning(
                planning.season(), java.util.List.of(), java.util.List.of(each), 0, 0, seed);
        Plan again = pinned.construct();
        assertThat(again.figures().brokenRules()).isZero();
        assertThat(again.assignments())
            .anyMatch(
                a ->
                    a.boat().equals(each.boat())
                        && a.day() == each.day()
                        && a.workers().equals(each.workers()));
        held++;
        break;
      }
    }
    assertThat(held).isGreaterThan(15);
  }

  private static Inserter inserter(SeasonArrays arrays) {
    return new Inserter(arrays, Published.nothing(arrays), new DayPlay(arrays), 0);
  }

  private static String text(WalkLists lists) {
    StringBuilder text = new StringBuilder();
    for (int day = 0; day < lists.size.length; day++) {
      for (int p = 0; p < lists.size[day].length; p++) {
        text.append(Arrays.toString(Arrays.copyOf(lists.parts[day][p], lists.size[day][p])));
      }
    }
    return text + Arrays.toString(lists.dayOf) + Arrays.toString(lists.personOf);
  }
}
