package elsko.core.plan.play;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.plan.RandomSeason;
import elsko.core.plan.model.Equipment;
import elsko.core.plan.search.Construct;
import elsko.core.plan.search.Planning;
import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;

class ListsTest {
  @Test
  void whatWasTriedIsAsIfItHadNotBeen() {
    int changed = 0;
    for (long seed = 0; seed < 40; seed++) {
      Planning planning = RandomSeason.of(seed);
      Board board = new Board(planning.season());
      Lists lists = Construct.plan(board, Told.nothing(board), 0);
      String before = written(board, lists);
      Random random = new Random(seed);
      lists.beginTry();
      for (int i = 0; i < 200; i++) {
        change(board, lists, random);
      }
      changed += lists.changes();
      lists.takeBack();
      assertThat(written(board, lists)).as("seed %d", seed).isEqualTo(before);
      assertThat(lists.changes()).isZero();
    }
    assertThat(changed).isGreaterThan(1000);
  }

  @Test
  void aChangeOutsideATryStays() {
    Board board = new Board(RandomSeason.of(3).season());
    Lists lists = new Lists(board);
    lists.append(0, 1, 0);
    lists.takeBack();
    assertThat(lists.dayOf[0]).isEqualTo(1);
    assertThat(lists.isPlanned(0)).isTrue();
  }

  @Test
  void aTrySaysWhichListsItChanged() {
    Board board = new Board(RandomSeason.of(3).season());
    Lists lists = new Lists(board);
    lists.append(0, 1, 0);
    lists.beginTry();
    lists.remove(0);
    lists.insert(0, 2, 1, 0);
    assertThat(lists.changes()).isEqualTo(2);
    assertThat(lists.changedPart(0)).isZero();
    assertThat(lists.changedDay(0)).isEqualTo(1);
    assertThat(lists.changedPerson(0)).isZero();
    assertThat(lists.changedDay(1)).isEqualTo(2);
    assertThat(lists.changedPerson(1)).isEqualTo(1);
  }

  @Test
  void minutesOnFootAreThoseFromBoatToBoatInOrder() {
    Board board = new Board(RandomSeason.of(5).season());
    Lists lists = new Lists(board);
    int a = board.leadPart[board.firstTask[0]];
    int b = board.leadPart[board.firstTask[2]];
    lists.append(a, 0, 0);
    lists.append(b, 0, 0);
    int first = board.place[board.firstTask[0]];
    int second = board.place[board.firstTask[2]];
    assertThat(lists.walk(0, 0)).isEqualTo(board.walk[0][first] + board.walk[first][second]);
    assertThat(lists.walk(0, 1)).isZero();
  }

  private static void change(Board board, Lists lists, Random random) {
    int part = random.nextInt(board.parts);
    if (lists.isPlanned(part)) {
      lists.remove(part);
    } else {
      int day = random.nextInt(board.days);
      int person = random.nextInt(board.people);
      lists.insert(part, day, person, random.nextInt(lists.size[day][person] + 1));
    }
  }

  /** Everything lists know, so that nothing can differ unseen. */
  private static String written(Board board, Lists lists) {
    StringBuilder text = new StringBuilder();
    for (int day = 0; day < board.days; day++) {
      for (int p = 0; p < board.people; p++) {
        int[] parts = Arrays.copyOf(lists.parts[day][p], lists.size[day][p]);
        text.append(Arrays.toString(parts)).append(lists.load(day, p)).append(' ');
      }
      for (Equipment kind : Equipment.values()) {
        text.append(lists.kitLoad(day, kind.ordinal())).append(' ');
      }
    }
    text.append(Arrays.toString(lists.dayOf)).append(Arrays.toString(lists.personOf));
    return text.toString();
  }
}
