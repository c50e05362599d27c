package elsko.core.plan.search;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.plan.RandomSeason;
import elsko.core.plan.model.Assignment;
import elsko.core.plan.model.Plan;
import elsko.core.plan.play.Board;
import elsko.core.plan.play.DayPlay;
import elsko.core.plan.play.Lists;
import elsko.core.plan.play.Told;
import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;

class InserterTest {
  @Test
  void whatIsInsertedAndTakenLeavesNoTrace() {
    for (long seed = 0; seed < 80; seed++) {
      Board board = new Board(RandomSeason.of(seed).season());
      Lists lists = Construct.plan(board, Told.nothing(board), 0);
      Inserter inserter = inserter(board);
      String before = text(lists);
      for (int v = 0; v < board.visits; v++) {
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
      Board board = new Board(RandomSeason.of(seed).season());
      Lists lists = new Lists(board);
      Inserter inserter = inserter(board);
      DayPlay play = new DayPlay(board);
      for (int i = 0; i < board.visits; i++) {
        int v = random.nextInt(board.visits);
        if (lists.isPlannedVisit(v)) {
          inserter.takeVisit(lists, v);
        } else {
          inserter.insert(lists, v, random.nextInt(board.days));
        }
        for (int day = 0; day < board.days; day++) {
          // Taking somebody off may let two others meet; only what is put on has to fit.
          if (lists.isPlannedVisit(v)) {
            for (int task = board.firstTask[v];
                task < board.firstTask[v] + board.taskCount[v];
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
      Board board = new Board(RandomSeason.of(seed).season());
      Lists lists = new Lists(board);
      Inserter inserter = inserter(board);
      for (int v = 0; v < board.visits; v++) {
        int day = inserter.earliest(v);
        if (inserter.insertFrom(lists, v, day)) {
          asked++;
          assertThat(lists.day(board.firstTask[v])).isEqualTo(day);
          int last = board.firstTask[v] + board.taskCount[v] - 1;
          for (int task = board.firstTask[v] + 1; task <= last; task++) {
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
      Board board = new Board(RandomSeason.of(seed).season());
      Lists lists = Construct.plan(board, Told.nothing(board), 0);
      for (int day = 0; day < board.days; day++) {
        int[] kits = new int[board.stock.length];
        for (int p = 0; p < board.people; p++) {
          int sum = 0;
          for (int i = 0; i < lists.size[day][p]; i++) {
            int part = lists.parts[day][p][i];
            int task = board.taskOf[part];
            sum += board.minutes[task];
            if (board.equipment[task] >= 0 && !board.gives[part]) {
              kits[board.equipment[task]] += board.minutes[task];
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

  private static Inserter inserter(Board board) {
    return new Inserter(board, Told.nothing(board), new DayPlay(board), 0);
  }

  private static String text(Lists lists) {
    StringBuilder text = new StringBuilder();
    for (int day = 0; day < lists.size.length; day++) {
      for (int p = 0; p < lists.size[day].length; p++) {
        text.append(Arrays.toString(Arrays.copyOf(lists.parts[day][p], lists.size[day][p])));
      }
    }
    return text + Arrays.toString(lists.dayOf) + Arrays.toString(lists.personOf);
  }
}
