package elsko.core.plan.search;

import elsko.core.plan.play.Board;
import elsko.core.plan.play.Lists;

/**
 * The task that makes a costly visit safe changes places with that of one that can wait, and so do
 * the tasks that must come before it.
 */
final class SwapSafe implements Draws {
  private static final int DRAWN = 12;
  private static final int MOST_DAYS_BEFORE = 3;

  @Override
  public boolean draw(Trial trial) {
    Board board = trial.board;
    Lists lists = trial.lists;
    int costly = trial.costlyVisit();
    if (costly < 0 || board.safeTask[costly] < 0 || trial.safeDay(costly) < 0) {
      return false;
    }
    int safe = board.safeTask[costly];
    int cheap = cheapBefore(trial, costly, safe);
    if (cheap < 0) {
      return false;
    }
    int early = trial.safeDay(cheap);
    int late = trial.safeDay(costly);
    trial.swap(safe, board.safeTask[cheap]);
    int last = board.firstTask[cheap] + board.taskCount[cheap];
    for (int task = board.safeTask[cheap] + 1; task < last; task++) {
      if (lists.day(task) < late && !waits(trial, task, costly, late)) {
        return false;
      }
    }
    for (int task = safe - 1; task >= board.firstTask[costly]; task--) {
      int by = lists.day(task + 1);
      if (lists.day(task) > by && !comesEarlier(trial, task, cheap, by)) {
        return false;
      }
    }
    return true;
  }

  /** What comes after it on the other boat must not come before it now. */
  private static boolean waits(Trial trial, int task, int costly, int late) {
    Board board = trial.board;
    int last = board.firstTask[costly] + board.taskCount[costly];
    int other = alike(board, task, board.safeTask[costly] + 1, last);
    if (other >= 0 && trial.lists.day(other) >= late) {
      trial.swap(task, other);
      return true;
    }
    return false;
  }

  /**
   * What must come before it goes where the other boat's was, or where somebody's task can wait.
   */
  private static boolean comesEarlier(Trial trial, int task, int cheap, int latest) {
    Board board = trial.board;
    int other = alike(board, task, board.firstTask[cheap], board.safeTask[cheap]);
    if (other >= 0
        && trial.lists.day(other) <= latest
        && trial.lists.day(other + 1) >= trial.lists.day(task)
        && trial.fits(task, other)
        && trial.fits(other, task)) {
      trial.swap(task, other);
      return true;
    }
    if (!trial.isLoose(task)) {
      return false;
    }
    int earliest = trial.inserter.earliest(board.visitOf[task]);
    for (int i = 0; i < DRAWN; i++) {
      int sooner = trial.random.nextInt(5) == 0 ? 0 : 1 + trial.random.nextInt(MOST_DAYS_BEFORE);
      int there = somebodysTask(trial, latest - sooner, earliest, board.skill[task]);
      if (there >= 0 && maySwap(trial, task, there)) {
        trial.swap(task, there);
        return true;
      }
    }
    return false;
  }

  /** A task on that day of anybody who has a skill; −1 for none. */
  private static int somebodysTask(Trial trial, int day, int earliest, int skill) {
    int person = trial.random.nextInt(trial.board.people);
    if (day < earliest || !trial.board.can[person][skill]) {
      return -1;
    }
    int n = trial.lists.size[day][person];
    return n == 0
        ? -1
        : trial.board.taskOf[trial.lists.parts[day][person][trial.random.nextInt(n)]];
  }

  private static boolean maySwap(Trial trial, int task, int there) {
    Board board = trial.board;
    int by = trial.lists.personOf[board.leadPart[task]];
    return trial.isLoose(there)
        && trial.fits(task, there)
        && trial.fits(there, task)
        && board.can[by][board.skill[there]]
        && board.visitOf[there] != board.visitOf[task]
        && (board.isLast(there) || trial.lists.day(there + 1) >= trial.lists.day(task));
  }

  /** Of some tasks the first that needs the same skill, hands and equipment; −1 for none. */
  private static int alike(Board board, int task, int from, int to) {
    for (int other = from; other < to; other++) {
      if (board.skill[other] == board.skill[task]
          && board.crew[other] == board.crew[task]
          && board.sameDayAsBefore[other] == board.sameDayAsBefore[task]
          && board.equipment[other] == board.equipment[task]) {
        return other;
      }
    }
    return -1;
  }

  private static int cheapBefore(Trial trial, int costly, int safe) {
    Board board = trial.board;
    int late = trial.safeDay(costly);
    int cheap = -1;
    long most = 0;
    for (int i = 0; i < DRAWN; i++) {
      int visit = trial.random.nextInt(board.visits);
      int other = board.safeTask[visit];
      int day = trial.safeDay(visit);
      if (other < 0
          || day < trial.inserter.earliest(costly)
          || day >= late
          || board.skill[other] != board.skill[safe]
          || board.crew[other] != board.crew[safe]
          || !trial.fits(safe, other)
          || !trial.fits(other, safe)
          || !trial.isFree(visit)) {
        continue;
      }
      long gain = trial.gain(costly, visit);
      if (gain > most) {
        most = gain;
        cheap = visit;
      }
    }
    return cheap;
  }
}
