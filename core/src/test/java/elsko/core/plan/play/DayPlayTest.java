package elsko.core.plan.play;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.plan.RandomSeason;
import elsko.core.plan.model.Equipment;
import elsko.core.plan.model.Season;
import elsko.core.plan.model.Skill;
import elsko.core.plan.model.Visit;
import elsko.core.plan.model.VisitTask;
import elsko.core.plan.model.VisitTask.Soak;
import elsko.core.plan.model.Worker;
import elsko.core.plan.search.Construct;
import elsko.core.plan.search.Planning;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** Two people, Orrin and Tamsa, from 08:00 to 16:30 with a pause at noon; boats 2 minutes apart. */
class DayPlayTest {
  private static final int EIGHT = 480;
  private static final int NOON = 720;

  @Test
  void stopsFollowEachOtherWithTheWalkBetween() {
    Played day = played(List.of(visit(task("a", 60)), visit(task("b", 30))), orrin(0, 1));

    assertThat(day.start(0)).isEqualTo(EIGHT + 2);
    assertThat(day.start(1)).isEqualTo(EIGHT + 2 + 60 + 2);
    assertThat(day.play.walking).isEqualTo(4);
    assertThat(day.play.keepsTheRules()).isTrue();
  }

  @Test
  void whoIsAboardAlreadyDoesNotWalk() {
    Played day = played(List.of(visit(task("a", 60), task("b", 30))), orrin(0, 1));

    assertThat(day.start(1)).isEqualTo(EIGHT + 2 + 60);
    assertThat(day.play.walking).isEqualTo(2);
  }

  @Test
  void thePauseIsNobodysWorkAndWhatWasBegunGoesOnAfterIt() {
    Played day =
        played(List.of(visit(task("a", 230), task("b", 60), task("c", 20))), orrin(0, 1, 2));

    assertThat(day.start(1)).isEqualTo(NOON - 8);
    assertThat(day.end(1)).isEqualTo(NOON - 8 + 60 + 30);
    assertThat(day.start(2)).isEqualTo(day.end(1));
  }

  @Test
  void nothingBeginsInThePause() {
    Played day = played(List.of(visit(task("a", 238)), visit(task("b", 10))), orrin(0, 1));

    assertThat(day.end(0)).isEqualTo(NOON);
    assertThat(day.start(1)).isEqualTo(NOON + 30 + 2);
  }

  @Test
  void oneTankKitIsTakenInTurn() {
    VisitTask fill = with(task("fill", 50), Equipment.TANK_KIT);
    Played day = played(List.of(visit(fill), visit(fill)), new int[][] {{0}, {1}});

    assertThat(day.start(0)).isEqualTo(EIGHT + 2);
    assertThat(day.start(1)).isEqualTo(EIGHT + 2 + 50);
  }

  @Test
  void aKitNobodyHasIsWaitedForInVain() {
    Played day = played(List.of(visit(with(task("fill", 50), Equipment.BENCH))), orrin(0));

    assertThat(day.play.stuck).isEqualTo(1);
    assertThat(day.play.keepsTheRules()).isFalse();
  }

  @Test
  void aSoakBringsSomebodyBackWhenItIsOver() {
    Played day =
        played(
            List.of(
                visit(soaking("descale", 40, 120, 180), task("rinse", 20)), visit(task("b", 60))),
            orrin(0, 2, 1));

    assertThat(day.start(1)).isEqualTo(day.end(0) + 120);
    assertThat(day.start(2)).isLessThan(day.start(1));
    assertThat(day.play.soakBreach).isZero();
  }

  @Test
  void aSoakThatIsForgottenIsCounted() {
    Played day =
        played(
            List.of(
                visit(soaking("descale", 40, 60, 90), task("rinse", 20)), visit(task("b", 200))),
            orrin(0, 2, 1));

    assertThat(day.play.soakBreach).isPositive();
    assertThat(day.play.keepsTheRules()).isFalse();
  }

  @Test
  void twoPeopleBeginTogether() {
    VisitTask lift = new VisitTask("lift", "lift", 30, 2, Skill.SYSTEMS, null, null);
    // Parts: 0 leads the lift, 1 gives a hand, 2 is Tamsa's own first stop.
    Played day = played(List.of(visit(lift), visit(task("own", 45))), new int[][] {{0}, {2, 1}});

    assertThat(day.start(0)).isEqualTo(EIGHT + 2 + 45 + 2);
    assertThat(day.play.keepsTheRules()).isTrue();
  }

  @Test
  void twoWhoWaitForEachOtherNeverBegin() {
    VisitTask lift = new VisitTask("lift", "lift", 30, 2, Skill.SYSTEMS, null, null);
    // Each leads one lift first and is to give a hand at the other's afterwards.
    Played day = played(List.of(visit(lift), visit(lift)), new int[][] {{0, 3}, {2, 1}});

    assertThat(day.play.stuck).isEqualTo(4);
  }

  @Test
  void aTaskBehindItsOwnSuccessorIsStuck() {
    Played day = played(List.of(visit(task("a", 20), task("b", 20))), orrin(1, 0));

    assertThat(day.play.stuck).isEqualTo(2);
  }

  @Test
  void whatReachesBeyondTheHoursIsOvertime() {
    Played day = played(List.of(visit(task("a", 400), task("b", 100))), orrin(0, 1));

    assertThat(day.play.overtime).isEqualTo(EIGHT + 2 + 500 + 30 - 990);
  }

  @Test
  void theLiftHasItsSlots() {
    VisitTask lift = with(task("lift", 20), Equipment.LIFT);
    Played day = played(List.of(visit(lift), visit(lift), visit(lift)), orrin(0, 1, 2));

    assertThat(day.play.liftsOver).isEqualTo(1);
  }

  @Test
  void takingUpAnotherKindOfToolIsCounted() {
    Played day =
        played(
            List.of(
                visit(with(task("a", 20), Equipment.TANK_KIT)),
                visit(task("b", 20)),
                visit(with(task("c", 20), Equipment.REFRACTOMETER)),
                visit(with(task("d", 20), Equipment.REFRACTOMETER))),
            orrin(0, 1, 2, 3));

    assertThat(day.play.toolChanges).isEqualTo(1);
  }

  @Test
  void lookingOnlyForAProblemAgreesWithPlayingItAll() {
    for (long seed = 0; seed < 40; seed++) {
      Planning planning = RandomSeason.of(seed);
      SeasonArrays arrays = new SeasonArrays(planning.season());
      Published told = Published.nothing(arrays);
      WalkLists lists = Construct.plan(arrays, told, 0);
      DayPlay play = new DayPlay(arrays);
      for (int day = 0; day < arrays.days; day++) {
        Collections.reverse(Arrays.asList(lists.parts[day]));
        play.play(day, lists.parts[day], reversed(lists.size[day]));
        boolean keeps = play.keepsTheRules();
        assertThat(play.isPossible(day, lists.parts[day], lists.size[day])).isEqualTo(keeps);
      }
    }
  }

  private static int[] reversed(int[] sizes) {
    for (int i = 0; i < sizes.length / 2; i++) {
      int one = sizes[i];
      sizes[i] = sizes[sizes.length - 1 - i];
      sizes[sizes.length - 1 - i] = one;
    }
    return sizes;
  }

  private record Played(DayPlay play) {
    int start(int task) {
      return play.start[task];
    }

    int end(int task) {
      return play.end[task];
    }
  }

  private static int[][] orrin(int... parts) {
    return new int[][] {parts, {}};
  }

  private static Played played(List<Visit> visits, int[][] lists) {
    List<Visit> placed = new ArrayList<>();
    for (int i = 0; i < visits.size(); i++) {
      Visit v = visits.get(i);
      placed.add(
          new Visit(new UUID(0, i), "boat " + i, i + 1, "", 0, null, v.tasks(), -1, List.of()));
    }
    int n = visits.size() + 1;
    int[][] walk = new int[n][n];
    for (int[] row : walk) {
      Arrays.fill(row, 2);
    }
    for (int i = 0; i < n; i++) {
      walk[i][i] = 0;
    }
    List<Worker.Hours> hours = List.of(new Worker.Hours(EIGHT, 990));
    Season season =
        new Season(
            LocalDate.of(2031, 10, 6),
            1,
            List.of(
                new Worker("Orrin", Set.of(Skill.SYSTEMS), hours),
                new Worker("Tamsa", Set.of(Skill.SYSTEMS), hours)),
            new Worker.Hours(NOON, NOON + 30),
            placed,
            Map.of(Equipment.TANK_KIT, 1, Equipment.LIFT, 1, Equipment.REFRACTOMETER, 1),
            new int[] {2},
            walk);
    DayPlay play = new DayPlay(new SeasonArrays(season));
    play.play(0, lists, new int[] {lists[0].length, lists[1].length});
    return new Played(play);
  }

  private static Visit visit(VisitTask... tasks) {
    return new Visit(new UUID(0, 0), "", 1, "", 0, null, List.of(tasks), -1, List.of());
  }

  private static VisitTask task(String key, int minutes) {
    return new VisitTask(key, key, minutes, 1, Skill.SYSTEMS, null, null);
  }

  private static VisitTask with(VisitTask task, Equipment kind) {
    return new VisitTask(task.key(), task.title(), task.minutes(), 1, task.skills(), kind, null);
  }

  private static VisitTask soaking(String key, int minutes, int from, int to) {
    return new VisitTask(key, key, minutes, 1, Skill.SYSTEMS, null, new Soak(from, to));
  }
}
