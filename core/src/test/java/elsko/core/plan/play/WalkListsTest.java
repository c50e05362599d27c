package elsko.core.plan.play;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.plan.RandomSeason;
import elsko.core.plan.model.Equipment;
import elsko.core.plan.search.Construct;
import elsko.core.plan.search.Planning;
import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;

class WalkListsTest {
  @Test
  void whatWasTriedIsAsIfItHadNotBeen() {
    int changed = 0;
    for (long seed = 0; seed < 40; seed++) {
      Planning planning = RandomSeason.of(seed);
      SeasonArrays arrays = new SeasonArrays(planning.season());
      WalkLists lists = Construct.plan(arrays, Published.nothing(arrays), 0);
      String before = written(arrays, lists);
      Random random = new Random(seed);
      lists.beginTry();
      for (int i = 0; i < 200; i++) {
        change(arrays, lists, random);
      }
      changed += lists.changes();
      lists.takeBack();
      assertThat(written(arrays, lists)).as("seed %d", seed).isEqualTo(before);
      assertThat(lists.changes()).isZero();
    }
    assertThat(changed).isGreaterThan(1000);
  }

  @Test
  void aChangeOutsideATryStays() {
    SeasonArrays arrays = new SeasonArrays(RandomSeason.of(3).season());
    WalkLists lists = new WalkLists(arrays);
    lists.append(0, 1, 0);
    lists.takeBack();
    assertThat(lists.dayOf[0]).isEqualTo(1);
    assertThat(lists.isPlanned(0)).isTrue();
  }

  @Test
  void aTrySaysWhichListsItChanged() {
    SeasonArrays arrays = new SeasonArrays(RandomSeason.of(3).season());
    WalkLists lists = new WalkLists(arrays);
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
    SeasonArrays arrays = new SeasonArrays(RandomSeason.of(5).season());
    WalkLists lists = new WalkLists(arrays);
    int a = arrays.leadPart[arrays.firstTask[0]];
    int b = arrays.leadPart[arrays.firstTask[2]];
    lists.append(a, 0, 0);
    lists.append(b, 0, 0);
    int first = arrays.place[arrays.firstTask[0]];
    int second = arrays.place[arrays.firstTask[2]];
    assertThat(lists.walk(0, 0)).isEqualTo(arrays.walk[0][first] + arrays.walk[first][second]);
    assertThat(lists.walk(0, 1)).isZero();
  }

  private static void change(SeasonArrays arrays, WalkLists lists, Random random) {
    int part = random.nextInt(arrays.parts);
    if (lists.isPlanned(part)) {
      lists.remove(part);
    } else {
      int day = random.nextInt(arrays.days);
      int person = random.nextInt(arrays.people);
      lists.insert(part, day, person, random.nextInt(lists.size[day][person] + 1));
    }
  }

  /** Everything lists know, so that nothing can differ unseen. */
  private static String written(SeasonArrays arrays, WalkLists lists) {
    StringBuilder text = new StringBuilder();
    for (int day = 0; day < arrays.days; day++) {
      for (int p = 0; p < arrays.people; p++) {
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
