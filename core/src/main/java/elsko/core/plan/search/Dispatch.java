package elsko.core.plan.search;

import elsko.core.plan.model.Equipment;
import elsko.core.plan.play.Board;
import elsko.core.plan.play.Lists;
import elsko.core.plan.play.Told;
import java.util.Arrays;

/**
 * Hands work out minute by minute: whoever is free takes, of what they can do and what can begin,
 * the visit a rule puts first.
 */
final class Dispatch {
  private static final double DEADLINE_SHARE = 0.05;

  private final Board board;
  private final Told told;
  private final Yardstick.Rule rule;
  private final int ahead;

  private final double[] fixed;
  private final Lists lists;
  private final int[] nextTask;
  private final int[] readyDay;
  private final int[] readyMinute;
  private final int[] where;
  private final int[] freeAt;
  private final int[][] kit;

  /** By person: the latest minute at which a soak they began must be over, and where. */
  private final int[] backBy;

  private final int[] backTask;
  private int lifts;

  Dispatch(Board board, Told told, Yardstick.Rule rule, int ahead) {
    this.board = board;
    this.told = told;
    this.rule = rule;
    this.ahead = ahead;
    lists = new Lists(board);
    nextTask = board.firstTask.clone();
    readyDay = board.release.clone();
    readyMinute = new int[board.visits];
    where = new int[board.people];
    freeAt = new int[board.people];
    backBy = new int[board.people];
    backTask = new int[board.people];
    kit = new int[board.stock.length][];
    for (int kind = 0; kind < kit.length; kind++) {
      kit[kind] = new int[board.stock[kind]];
    }
    fixed = new double[board.visits];
    for (int v = 0; v < board.visits; v++) {
      fixed[v] =
          rule == Yardstick.Rule.ROW_ORDER ? board.season.visits().get(v).place() : deadline(v);
    }
  }

  /** Everything there is room for, from a day on. */
  Lists from(int firstDay) {
    for (int day = firstDay; day < board.days; day++) {
      work(day);
    }
    dropUnfinished();
    return lists;
  }

  private double deadline(int v) {
    double most = Math.max(1, board.loss[v][board.days]);
    for (int day = 0; day <= board.days; day++) {
      if (board.loss[v][day] > DEADLINE_SHARE * most && board.loss[v][board.days] > 100) {
        return day;
      }
    }
    return board.days + 1;
  }

  private void work(int day) {
    lifts = 0;
    int from = Integer.MAX_VALUE;
    int to = 0;
    for (int p = 0; p < board.people; p++) {
      where[p] = 0;
      freeAt[p] = board.from[p][day];
      backTask[p] = -1;
      if (board.works(p, day)) {
        from = Math.min(from, board.from[p][day]);
        to = Math.max(to, board.to[p][day]);
      }
    }
    for (int[] pieces : kit) {
      Arrays.fill(pieces, 0);
    }
    for (int minute = from; minute < to; minute++) {
      if (minute >= board.pauseFrom && minute < board.pauseTo) {
        continue;
      }
      for (int p = 0; p < board.people; p++) {
        if (board.works(p, day) && freeAt[p] <= minute) {
          take(p, day, minute);
        }
      }
    }
  }

  private void take(int p, int day, int minute) {
    int best = -1;
    double first = Double.POSITIVE_INFINITY;
    for (int v = 0; v < board.visits; v++) {
      int task = nextTask[v];
      if (task >= board.firstTask[v] + board.taskCount[v] || !mayBegin(p, v, task, day, minute)) {
        continue;
      }
      double rank = rank(v, task, day);
      if (rank < first) {
        first = rank;
        best = v;
      }
    }
    if (best >= 0) {
      begin(p, best, day, minute);
    }
  }

  private double rank(int v, int task, int day) {
    if (board.sameDayAsBefore[task]) {
      return Double.NEGATIVE_INFINITY;
    }
    if (told.isPinned(board, v)) {
      return -1e12 + v;
    }
    boolean safe = board.isAfterSafe(task);
    if (rule == Yardstick.Rule.LOSS_SLOPE) {
      if (safe) {
        return 1e9 + v;
      }
      long rise =
          board.loss[v][Math.min(board.days, day + ahead)]
              - board.loss[v][Math.min(board.days, day)];
      int left = 0;
      for (int t = task; t <= Math.max(task, board.safeTask[v]); t++) {
        left += board.minutes[t];
      }
      return -(double) rise / left + v * 1e-9;
    }
    return fixed[v] + (safe && rule == Yardstick.Rule.EARLIEST_DEADLINE_FIRST ? 1e6 : 0) + v * 1e-6;
  }

  private boolean mayBegin(int p, int v, int task, int day, int minute) {
    if (!board.can[p][board.skill[task]] || readyDay[v] > day) {
      return false;
    }
    if (told.pinned()[task] && (told.day()[task] != day || told.lead()[task] != p)) {
      return false;
    }
    // Whoever is free sets out now.
    int begins = minute + board.walk[where[p]][board.place[task]];
    if (readyDay[v] == day && readyMinute[v] > begins) {
      return false;
    }
    begins = board.begin(begins);
    int kind = board.equipment[task];
    if (kind >= 0 && freeKit(kind, begins) < 0) {
      return false;
    }
    if (kind == Equipment.LIFT.ordinal() && lifts >= board.liftSlots[day]) {
      return false;
    }
    if (board.crew[task] == 2 && hand(p, task, day, begins) < 0) {
      return false;
    }
    return endsInTime(p, v, task, day, begins) && comesBack(p, task, begins);
  }

  /** Whoever began a soak keeps themselves free for its end. */
  private boolean comesBack(int p, int task, int begins) {
    if (board.sameDayAsBefore[task]) {
      return backTask[p] == task;
    }
    if (backTask[p] < 0) {
      return true;
    }
    int there = board.walk[board.place[task]][board.place[backTask[p]]];
    return !board.isLast(task) && board.sameDayAsBefore[task + 1]
        ? false
        : board.end(begins, board.minutes[task]) + there <= backBy[p];
  }

  /** A task whose soak must end today needs room for what comes after it as well. */
  private boolean endsInTime(int p, int v, int task, int day, int begins) {
    int end = board.end(begins, board.minutes[task]);
    if (end > board.to[p][day]) {
      return false;
    }
    int last = board.firstTask[v] + board.taskCount[v] - 1;
    if (task < last && board.sameDayAsBefore[task + 1]) {
      int next = board.begin(end + board.waitFrom[task + 1]);
      return board.end(next, board.minutes[task + 1]) + 45 <= board.to[p][day];
    }
    return true;
  }

  private int freeKit(int kind, int at) {
    for (int i = 0; i < kit[kind].length; i++) {
      if (kit[kind][i] <= at) {
        return i;
      }
    }
    return -1;
  }

  private int hand(int lead, int task, int day, int begins) {
    for (int p = 0; p < board.people; p++) {
      if (p != lead
          && backTask[p] < 0
          && board.works(p, day)
          && freeAt[p] + board.walk[where[p]][board.place[task]] <= begins
          && board.end(begins, board.minutes[task]) <= board.to[p][day]) {
        return p;
      }
    }
    return -1;
  }

  private void begin(int p, int v, int day, int minute) {
    int task = nextTask[v];
    int begins = board.begin(minute + board.walk[where[p]][board.place[task]]);
    int end = board.end(begins, board.minutes[task]);
    int kind = board.equipment[task];
    if (kind >= 0) {
      kit[kind][freeKit(kind, begins)] = end;
      if (kind == Equipment.LIFT.ordinal()) {
        lifts++;
      }
    }
    if (backTask[p] == task) {
      backTask[p] = -1;
    }
    if (!board.isLast(task) && board.sameDayAsBefore[task + 1]) {
      backTask[p] = task + 1;
      backBy[p] = end + board.waitTo[task + 1];
    }
    int other = board.crew[task] == 2 ? hand(p, task, day, begins) : -1;
    put(board.leadPart[task], p, day, end, task);
    if (other >= 0) {
      put(board.handPart[task], other, day, end, task);
    }
    nextTask[v]++;
    readyDay[v] = day;
    readyMinute[v] =
        nextTask[v] < board.tasks && board.visitOf[Math.min(nextTask[v], board.tasks - 1)] == v
            ? end + board.waitFrom[nextTask[v]]
            : end;
  }

  private void put(int part, int p, int day, int end, int task) {
    lists.append(part, day, p);
    where[p] = board.place[task];
    freeAt[p] = end;
  }

  /** What was begun and never came to its end counts as undone. */
  private void dropUnfinished() {
    for (int v = 0; v < board.visits; v++) {
      if (nextTask[v] < board.firstTask[v] + board.taskCount[v]) {
        for (int task = board.firstTask[v]; task < nextTask[v]; task++) {
          lists.remove(board.leadPart[task]);
          if (board.handPart[task] >= 0) {
            lists.remove(board.handPart[task]);
          }
        }
      }
    }
  }
}
