package elsko.core.plan.search;

import elsko.core.plan.play.DayPlay;
import elsko.core.plan.play.Published;
import elsko.core.plan.play.SeasonArrays;
import elsko.core.plan.play.VisitRules;
import elsko.core.plan.play.WalkLists;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/** A first plan that breaks no rule: pinned work where it stands, then visit after visit. */
public final class Construct {
  private static final int[] LOOKS_AHEAD_DAYS = {1, 2, 4, 5, 6, 7};
  private static final int STEEP_OVER_DAYS = 5;
  private static final int MOST_ROUNDS = 6;

  /** More boats than that take seconds for each look, and the search goes on from there. */
  private static final int LARGE = 400;

  private static final int[] LOOKS_OF_A_LARGE_YARD = {3, 7};

  private Construct() {}

  /** The first plan: what was told is kept, or else work is handed out where loss rises most. */
  public static WalkLists plan(SeasonArrays arrays, Published told, int firstOpenDay) {
    boolean anew = firstOpenDay == 0 && told.isOnlyPins();
    WalkLists lists = anew ? handedOut(arrays, told, firstOpenDay) : new WalkLists(arrays);
    Inserter inserter = new Inserter(arrays, told, new DayPlay(arrays), firstOpenDay);
    if (!anew) {
      keepTold(arrays, told, lists, inserter, firstOpenDay);
      settle(arrays, told, lists, inserter, firstOpenDay);
    }
    return lists;
  }

  /** Visits that are on no list yet, the most urgent first. */
  private static void insertRest(SeasonArrays arrays, WalkLists lists, Inserter inserter) {
    List<Integer> open = new ArrayList<>();
    for (int v = 0; v < arrays.visits; v++) {
      if (!lists.isPlannedVisit(v)) {
        open.add(v);
      }
    }
    open.sort(
        Comparator.comparingInt((Integer v) -> rises(arrays, v))
            .thenComparingDouble(v -> -steepness(arrays, v)));
    open.forEach(v -> inserter.insert(lists, v, 0));
  }

  /** By several looks ahead, the one that loses least; for a large yard by two of them. */
  private static WalkLists handedOut(SeasonArrays arrays, Published told, int firstOpenDay) {
    int[] looks = arrays.visits > LARGE ? LOOKS_OF_A_LARGE_YARD : LOOKS_AHEAD_DAYS;
    // None knows of the others: whichever is done first, the same is taken.
    List<WalkLists> handed =
        Arrays.stream(looks)
            .parallel()
            .mapToObj(ahead -> byRule(arrays, told, Baseline.Rule.LOSS_SLOPE, ahead, firstOpenDay))
            .toList();
    WalkLists best = null;
    long least = Long.MAX_VALUE;
    for (WalkLists lists : handed) {
      long loss = loss(arrays, told, lists);
      if (loss < least) {
        least = loss;
        best = lists;
      }
    }
    return best;
  }

  private static long loss(SeasonArrays arrays, Published told, WalkLists lists) {
    VisitRules rules = new VisitRules(arrays, told, 0);
    long loss = 0;
    for (int v = 0; v < arrays.visits; v++) {
      rules.look(v, lists);
      loss += rules.medium;
    }
    return loss;
  }

  /** Work handed out by a rule; what does not fit when it is played goes where it can. */
  static WalkLists byRule(
      SeasonArrays arrays, Published told, Baseline.Rule rule, int ahead, int firstOpenDay) {
    WalkLists lists = new Dispatch(arrays, told, rule, ahead).from(firstOpenDay);
    Inserter inserter = new Inserter(arrays, told, new DayPlay(arrays), firstOpenDay);
    settle(arrays, told, lists, inserter, firstOpenDay);
    return lists;
  }

  /**
   * Until nothing is broken: taking one visit off a day may let two others meet who did not before,
   * so that more than one look is needed.
   */
  private static void settle(
      SeasonArrays arrays, Published told, WalkLists lists, Inserter inserter, int firstOpenDay) {
    for (int round = 0; round < MOST_ROUNDS; round++) {
      tidy(arrays, told, lists, inserter, firstOpenDay);
      new Pins(arrays, told, lists, inserter).hold();
      insertRest(arrays, lists, inserter);
      if (keepsTheRules(arrays, lists, firstOpenDay)) {
        return;
      }
    }
    tidy(arrays, told, lists, inserter, firstOpenDay);
  }

  private static boolean keepsTheRules(SeasonArrays arrays, WalkLists lists, int firstOpenDay) {
    DayPlay play = new DayPlay(arrays);
    for (int day = firstOpenDay; day < arrays.days; day++) {
      if (!play.isPossible(day, lists.parts[day], lists.size[day])) {
        return false;
      }
    }
    return true;
  }

  private static void tidy(
      SeasonArrays arrays, Published told, WalkLists lists, Inserter inserter, int firstOpenDay) {
    for (int v = 0; v < arrays.visits; v++) {
      if (!isWholeAndInOrder(arrays, lists, v)) {
        loosen(arrays, told, lists, inserter, v);
      }
    }
    DayPlay play = new DayPlay(arrays);
    for (int day = firstOpenDay; day < arrays.days; day++) {
      ease(arrays, told, lists, inserter, play, day);
    }
  }

  /**
   * What people were told stays where it breaks no rule. What was pinned stays in any case; the
   * rest of its visit goes wherever it can.
   */
  private static void keepTold(
      SeasonArrays arrays, Published told, WalkLists lists, Inserter inserter, int firstOpenDay) {
    List<Integer> tasks = new ArrayList<>();
    for (int task = 0; task < arrays.tasks; task++) {
      if (told.pinned()[task] || toldFits(arrays, told, task, firstOpenDay)) {
        tasks.add(task);
      }
    }
    tasks.sort(
        Comparator.comparingInt((Integer task) -> told.day()[task])
            .thenComparingInt(task -> told.start()[task]));
    tasks.forEach(task -> told.putOn(lists, arrays, task));
    tidy(arrays, told, lists, inserter, firstOpenDay);
    for (int v = 0; v < arrays.visits; v++) {
      if (told.isPinned(arrays, v)) {
        goOn(arrays, lists, inserter, v, firstOpenDay);
      }
    }
  }

  /** Takes visits off a day, the last ones first, until it breaks no rule. */
  private static void ease(
      SeasonArrays arrays,
      Published told,
      WalkLists lists,
      Inserter inserter,
      DayPlay play,
      int day) {
    play.play(day, lists.parts[day], lists.size[day]);
    while (!play.keepsTheRules()) {
      int visit = lastLoose(arrays, told, lists, play, day);
      if (visit < 0) {
        return;
      }
      loosen(arrays, told, lists, inserter, visit);
      play.play(day, lists.parts[day], lists.size[day]);
    }
  }

  private static int lastLoose(
      SeasonArrays arrays, Published told, WalkLists lists, DayPlay play, int day) {
    int found = -1;
    long latest = Long.MIN_VALUE;
    for (int p = 0; p < arrays.people; p++) {
      for (int i = 0; i < lists.size[day][p]; i++) {
        int task = arrays.taskOf[lists.parts[day][p][i]];
        if (told.pinned()[task]) {
          continue;
        }
        int late = play.hasPlayed(task) ? play.end[task] - arrays.to[p][day] : 10_000;
        if (late > latest) {
          latest = late;
          found = arrays.visitOf[task];
        }
      }
    }
    return found;
  }

  private static void loosen(
      SeasonArrays arrays, Published told, WalkLists lists, Inserter inserter, int visit) {
    int first = arrays.firstTask[visit];
    for (int task = first; task < first + arrays.taskCount[visit]; task++) {
      if (lists.day(task) >= 0 && !told.pinned()[task]) {
        inserter.take(lists, task);
      }
    }
  }

  private static boolean isWholeAndInOrder(SeasonArrays arrays, WalkLists lists, int visit) {
    int first = arrays.firstTask[visit];
    for (int task = first; task < first + arrays.taskCount[visit]; task++) {
      if (lists.day(task) < 0
          || arrays.crew[task] == 2 && !lists.isPlanned(arrays.handPart[task])
          || !inOrder(arrays, lists, task)) {
        return false;
      }
    }
    return true;
  }

  /** The rest of a visit some of which is pinned. */
  private static void goOn(
      SeasonArrays arrays, WalkLists lists, Inserter inserter, int visit, int firstOpenDay) {
    int first = arrays.firstTask[visit];
    int day = Math.max(firstOpenDay, arrays.release[visit]);
    for (int task = first; task < first + arrays.taskCount[visit]; task++) {
      if (lists.day(task) >= 0) {
        day = Math.max(firstOpenDay, lists.day(task));
        continue;
      }
      while (day < arrays.days && !inserter.place(lists, task, day)) {
        day++;
      }
    }
  }

  private static boolean toldFits(SeasonArrays arrays, Published told, int task, int firstOpenDay) {
    int day = told.day()[task];
    return day >= firstOpenDay
        && told.lead()[task] >= 0
        && (arrays.crew[task] == 1 || told.hand()[task] >= 0)
        && arrays.can[told.lead()[task]][task]
        && day >= arrays.release[arrays.visitOf[task]];
  }

  private static boolean inOrder(SeasonArrays arrays, WalkLists lists, int task) {
    if (arrays.isFirst[task]) {
      return true;
    }
    int before = lists.day(task - 1);
    int day = lists.day(task);
    return before >= 0 && before <= day && (!arrays.sameDayAsBefore[task] || before == day);
  }

  /** The day before its loss begins to rise. */
  private static int rises(SeasonArrays arrays, int visit) {
    for (int day = 0; day <= arrays.days; day++) {
      if (arrays.loss[visit][day] > arrays.loss[visit][0] + 200) {
        return day;
      }
    }
    return arrays.days + 1;
  }

  private static double steepness(SeasonArrays arrays, int visit) {
    int from = Math.min(arrays.days, rises(arrays, visit));
    int to = Math.min(arrays.days, from + STEEP_OVER_DAYS);
    int minutes = 0;
    for (int k = 0; k < arrays.taskCount[visit]; k++) {
      minutes += arrays.minutes[arrays.firstTask[visit] + k];
    }
    return (double) (arrays.loss[visit][to] - arrays.loss[visit][from]) / minutes;
  }
}
