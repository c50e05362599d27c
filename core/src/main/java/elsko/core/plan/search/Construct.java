package elsko.core.plan.search;

import elsko.core.plan.play.Board;
import elsko.core.plan.play.DayPlay;
import elsko.core.plan.play.Lists;
import elsko.core.plan.play.Told;
import elsko.core.plan.play.VisitRules;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** A first plan that breaks no rule: pinned work where it stands, then visit after visit. */
public final class Construct {
  private static final int[] LOOKS_AHEAD_DAYS = {1, 2, 4, 5, 6, 7};
  private static final int STEEP_OVER_DAYS = 5;
  private static final int MOST_ROUNDS = 6;

  private Construct() {}

  /** The first plan: what was told is kept, or else work is handed out where loss rises most. */
  public static Lists plan(Board board, Told told, int firstOpenDay) {
    boolean anew = firstOpenDay == 0 && told.isOnlyPins();
    Lists lists = anew ? handedOut(board, told, firstOpenDay) : new Lists(board);
    Inserter inserter = new Inserter(board, told, new DayPlay(board), firstOpenDay);
    if (!anew) {
      keepTold(board, told, lists, inserter, firstOpenDay);
      settle(board, told, lists, inserter, firstOpenDay);
    }
    return lists;
  }

  /** Visits that are on no list yet, the most urgent first. */
  private static void insertRest(Board board, Lists lists, Inserter inserter) {
    List<Integer> open = new ArrayList<>();
    for (int v = 0; v < board.visits; v++) {
      if (!lists.isPlannedVisit(v)) {
        open.add(v);
      }
    }
    open.sort(
        Comparator.comparingInt((Integer v) -> rises(board, v))
            .thenComparingDouble(v -> -steepness(board, v)));
    open.forEach(v -> inserter.insert(lists, v, 0));
  }

  private static Lists handedOut(Board board, Told told, int firstOpenDay) {
    Lists best = null;
    long least = Long.MAX_VALUE;
    VisitRules rules = new VisitRules(board, told, 0);
    for (int ahead : LOOKS_AHEAD_DAYS) {
      Lists lists = byRule(board, told, Yardstick.Rule.LOSS_SLOPE, ahead, firstOpenDay);
      long loss = 0;
      for (int v = 0; v < board.visits; v++) {
        rules.look(v, lists);
        loss += rules.medium;
      }
      if (loss < least) {
        least = loss;
        best = lists;
      }
    }
    return best;
  }

  /** Work handed out by a rule; what does not fit when it is played goes where it can. */
  static Lists byRule(Board board, Told told, Yardstick.Rule rule, int ahead, int firstOpenDay) {
    Lists lists = new Dispatch(board, told, rule, ahead).from(firstOpenDay);
    Inserter inserter = new Inserter(board, told, new DayPlay(board), firstOpenDay);
    settle(board, told, lists, inserter, firstOpenDay);
    return lists;
  }

  /**
   * Until nothing is broken: taking one visit off a day may let two others meet who did not before,
   * so that more than one look is needed.
   */
  private static void settle(
      Board board, Told told, Lists lists, Inserter inserter, int firstOpenDay) {
    for (int round = 0; round < MOST_ROUNDS; round++) {
      tidy(board, told, lists, inserter, firstOpenDay);
      new Pins(board, told, lists, inserter).hold();
      insertRest(board, lists, inserter);
      if (keepsTheRules(board, lists, firstOpenDay)) {
        return;
      }
    }
    tidy(board, told, lists, inserter, firstOpenDay);
  }

  private static boolean keepsTheRules(Board board, Lists lists, int firstOpenDay) {
    DayPlay play = new DayPlay(board);
    for (int day = firstOpenDay; day < board.days; day++) {
      if (!play.isPossible(day, lists.parts[day], lists.size[day])) {
        return false;
      }
    }
    return true;
  }

  private static void tidy(
      Board board, Told told, Lists lists, Inserter inserter, int firstOpenDay) {
    for (int v = 0; v < board.visits; v++) {
      if (!isWholeAndInOrder(board, lists, v)) {
        loosen(board, told, lists, inserter, v);
      }
    }
    DayPlay play = new DayPlay(board);
    for (int day = firstOpenDay; day < board.days; day++) {
      ease(board, told, lists, inserter, play, day);
    }
  }

  /**
   * What people were told stays where it breaks no rule. What was pinned stays in any case; the
   * rest of its visit goes wherever it can.
   */
  private static void keepTold(
      Board board, Told told, Lists lists, Inserter inserter, int firstOpenDay) {
    List<Integer> tasks = new ArrayList<>();
    for (int task = 0; task < board.tasks; task++) {
      if (told.pinned()[task] || toldFits(board, told, task, firstOpenDay)) {
        tasks.add(task);
      }
    }
    tasks.sort(
        Comparator.comparingInt((Integer task) -> told.day()[task])
            .thenComparingInt(task -> told.start()[task]));
    tasks.forEach(task -> told.putOn(lists, board, task));
    tidy(board, told, lists, inserter, firstOpenDay);
    for (int v = 0; v < board.visits; v++) {
      if (told.isPinned(board, v)) {
        goOn(board, lists, inserter, v, firstOpenDay);
      }
    }
  }

  /** Takes visits off a day, the last ones first, until it breaks no rule. */
  private static void ease(
      Board board, Told told, Lists lists, Inserter inserter, DayPlay play, int day) {
    play.play(day, lists.parts[day], lists.size[day]);
    while (!play.keepsTheRules()) {
      int visit = lastLoose(board, told, lists, play, day);
      if (visit < 0) {
        return;
      }
      loosen(board, told, lists, inserter, visit);
      play.play(day, lists.parts[day], lists.size[day]);
    }
  }

  private static int lastLoose(Board board, Told told, Lists lists, DayPlay play, int day) {
    int found = -1;
    long latest = Long.MIN_VALUE;
    for (int p = 0; p < board.people; p++) {
      for (int i = 0; i < lists.size[day][p]; i++) {
        int task = board.taskOf[lists.parts[day][p][i]];
        if (told.pinned()[task]) {
          continue;
        }
        int late = play.hasPlayed(task) ? play.end[task] - board.to[p][day] : 10_000;
        if (late > latest) {
          latest = late;
          found = board.visitOf[task];
        }
      }
    }
    return found;
  }

  private static void loosen(Board board, Told told, Lists lists, Inserter inserter, int visit) {
    int first = board.firstTask[visit];
    for (int task = first; task < first + board.taskCount[visit]; task++) {
      if (lists.day(task) >= 0 && !told.pinned()[task]) {
        inserter.take(lists, task);
      }
    }
  }

  private static boolean isWholeAndInOrder(Board board, Lists lists, int visit) {
    int first = board.firstTask[visit];
    for (int task = first; task < first + board.taskCount[visit]; task++) {
      if (lists.day(task) < 0
          || board.crew[task] == 2 && !lists.isPlanned(board.handPart[task])
          || !inOrder(board, lists, task)) {
        return false;
      }
    }
    return true;
  }

  /** The rest of a visit some of which is pinned. */
  private static void goOn(
      Board board, Lists lists, Inserter inserter, int visit, int firstOpenDay) {
    int first = board.firstTask[visit];
    int day = Math.max(firstOpenDay, board.release[visit]);
    for (int task = first; task < first + board.taskCount[visit]; task++) {
      if (lists.day(task) >= 0) {
        day = Math.max(firstOpenDay, lists.day(task));
        continue;
      }
      while (day < board.days && !inserter.place(lists, task, day)) {
        day++;
      }
    }
  }

  private static boolean toldFits(Board board, Told told, int task, int firstOpenDay) {
    int day = told.day()[task];
    return day >= firstOpenDay
        && told.lead()[task] >= 0
        && (board.crew[task] == 1 || told.hand()[task] >= 0)
        && board.can[told.lead()[task]][board.skill[task]]
        && day >= board.release[board.visitOf[task]];
  }

  private static boolean inOrder(Board board, Lists lists, int task) {
    if (board.isFirst[task]) {
      return true;
    }
    int before = lists.day(task - 1);
    int day = lists.day(task);
    return before >= 0 && before <= day && (!board.sameDayAsBefore[task] || before == day);
  }

  /** The day before its loss begins to rise. */
  private static int rises(Board board, int visit) {
    for (int day = 0; day <= board.days; day++) {
      if (board.loss[visit][day] > board.loss[visit][0] + 200) {
        return day;
      }
    }
    return board.days + 1;
  }

  private static double steepness(Board board, int visit) {
    int from = Math.min(board.days, rises(board, visit));
    int to = Math.min(board.days, from + STEEP_OVER_DAYS);
    int minutes = 0;
    for (int k = 0; k < board.taskCount[visit]; k++) {
      minutes += board.minutes[board.firstTask[visit] + k];
    }
    return (double) (board.loss[visit][to] - board.loss[visit][from]) / minutes;
  }
}
