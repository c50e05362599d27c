package elsko.core.plan.search;

import elsko.core.plan.play.Board;
import elsko.core.plan.play.Lists;
import elsko.core.plan.play.Told;

/** Puts pinned tasks where they were promised, and makes room for them where there is none. */
final class Pins {
  private static final int MOST_TO_GIVE_WAY = 6;

  private final Board board;
  private final Told told;
  private final Lists lists;
  private final Inserter inserter;

  Pins(Board board, Told told, Lists lists, Inserter inserter) {
    this.board = board;
    this.told = told;
    this.lists = lists;
    this.inserter = inserter;
  }

  /** Every pinned visit that is not where it should be. Others may lose their place for it. */
  void hold() {
    for (int v = 0; v < board.visits; v++) {
      if (told.isPinned(board, v) && !isHeld(v)) {
        hold(v);
      }
    }
  }

  private boolean isHeld(int visit) {
    int first = board.firstTask[visit];
    for (int task = first; task < first + board.taskCount[visit]; task++) {
      if (lists.day(task) < 0 || told.pinned()[task] && !told.isKept(board, lists, task)) {
        return false;
      }
    }
    return true;
  }

  private void hold(int visit) {
    int first = board.firstTask[visit];
    int last = first + board.taskCount[visit];
    inserter.takeVisit(lists, visit);
    for (int task = first; task < last; task++) {
      if (told.pinned()[task]) {
        place(task, told.day()[task], told.day()[task], told.lead()[task]);
      }
    }
    int from = inserter.earliest(visit);
    for (int task = first; task < last; task++) {
      if (lists.day(task) < 0) {
        place(task, from, latest(task, last), Board.NOBODY);
      }
      from = Math.max(from, lists.day(task));
    }
  }

  /** The day of the next task that has its place already. */
  private int latest(int task, int last) {
    for (int after = task + 1; after < last; after++) {
      if (lists.day(after) >= 0) {
        return lists.day(after);
      }
    }
    return board.days - 1;
  }

  private void place(int task, int from, int to, int only) {
    for (int day = from; day <= to; day++) {
      if (inserter.place(lists, task, day, only)) {
        return;
      }
    }
    for (int day = to; day >= from; day--) {
      for (int i = 0; i < MOST_TO_GIVE_WAY; i++) {
        int way = leastUrgent(day, board.visitOf[task], only);
        if (way < 0) {
          break;
        }
        inserter.takeVisit(lists, way);
        if (inserter.place(lists, task, day, only)) {
          return;
        }
      }
    }
  }

  /** Of the visits somebody works on that day, the one whose loss rises least. */
  private int leastUrgent(int day, int butNot, int only) {
    int found = -1;
    long least = Long.MAX_VALUE;
    for (int p = 0; p < board.people; p++) {
      for (int i = 0; i < lists.size[day][p] && (only == Board.NOBODY || only == p); i++) {
        int visit = board.visitOf[board.taskOf[lists.parts[day][p][i]]];
        long rises = board.loss[visit][Math.min(board.days, day + 5)] - board.loss[visit][day];
        if (visit != butNot && !told.isPinned(board, visit) && rises < least) {
          least = rises;
          found = visit;
        }
      }
    }
    return found;
  }
}
