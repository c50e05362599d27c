package elsko.core.plan.search;

import elsko.core.plan.play.Published;
import elsko.core.plan.play.SeasonArrays;
import elsko.core.plan.play.WalkLists;

/** Puts pinned tasks where they were promised, and makes room for them where there is none. */
final class Pins {
  private static final int MOST_TO_GIVE_WAY = 6;

  private final SeasonArrays arrays;
  private final Published told;
  private final WalkLists lists;
  private final Inserter inserter;

  Pins(SeasonArrays arrays, Published told, WalkLists lists, Inserter inserter) {
    this.arrays = arrays;
    this.told = told;
    this.lists = lists;
    this.inserter = inserter;
  }

  /** Every pinned visit that is not where it should be. Others may lose their place for it. */
  void hold() {
    for (int v = 0; v < arrays.visits; v++) {
      if (told.isPinned(arrays, v) && !isHeld(v)) {
        hold(v);
      }
    }
  }

  private boolean isHeld(int visit) {
    int first = arrays.firstTask[visit];
    for (int task = first; task < first + arrays.taskCount[visit]; task++) {
      if (lists.day(task) < 0 || told.pinned()[task] && !told.isKept(arrays, lists, task)) {
        return false;
      }
    }
    return true;
  }

  private void hold(int visit) {
    int first = arrays.firstTask[visit];
    int last = first + arrays.taskCount[visit];
    inserter.takeVisit(lists, visit);
    for (int task = first; task < last; task++) {
      if (told.pinned()[task]) {
        place(task, told.day()[task], told.day()[task], told.lead()[task]);
      }
    }
    int from = inserter.earliest(visit);
    for (int task = first; task < last; task++) {
      if (lists.day(task) < 0) {
        place(task, from, latest(task, last), SeasonArrays.NOBODY);
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
    return arrays.days - 1;
  }

  private void place(int task, int from, int to, int only) {
    for (int day = from; day <= to; day++) {
      if (inserter.place(lists, task, day, only)) {
        return;
      }
    }
    for (int day = to; day >= from; day--) {
      for (int i = 0; i < MOST_TO_GIVE_WAY; i++) {
        int way = leastUrgent(day, arrays.visitOf[task], only);
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
    for (int p = 0; p < arrays.people; p++) {
      for (int i = 0; i < lists.size[day][p] && (only == SeasonArrays.NOBODY || only == p); i++) {
        int visit = arrays.visitOf[arrays.taskOf[lists.parts[day][p][i]]];
        long rises = arrays.loss[visit][Math.min(arrays.days, day + 5)] - arrays.loss[visit][day];
        if (visit != butNot && !told.isPinned(arrays, visit) && rises < least) {
          least = rises;
          found = visit;
        }
      }
    }
    return found;
  }
}
