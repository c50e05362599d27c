package elsko.core.plan.search;

import elsko.core.plan.play.SeasonArrays;
import elsko.core.plan.play.WalkLists;

/** One task goes to another person, day or place in a list. */
final class MoveTask implements MoveGenerator {
  private static final int MOST_DAYS = 3;

  /** Two people meet only after many looks, so that is tried less often. */
  private static final int PAIRS_SELDOM = 8;

  /** What is left to do on a boat that is safe can wait for quieter days. */
  private static final int MOST_DAYS_WHEN_SAFE = 16;

  @Override
  public boolean draw(MoveEvaluation tried) {
    SeasonArrays arrays = tried.arrays;
    WalkLists lists = tried.lists;
    int task = tried.random.nextInt(arrays.tasks);
    int day = lists.day(task);
    if (day < tried.firstOpenDay || tried.told.pinned()[task]) {
      return false;
    }
    int visit = arrays.visitOf[task];
    int least = arrays.isFirst[task] ? tried.inserter.earliest(visit) : lists.day(task - 1);
    int most = arrays.isLast(task) ? arrays.days - 1 : lists.day(task + 1);
    if (arrays.sameDayAsBefore[task]) {
      most = least;
    }
    if (!arrays.isLast(task) && arrays.sameDayAsBefore[task + 1]) {
      least = most;
    }
    least = Math.max(least, Math.max(tried.firstOpenDay, day - MOST_DAYS));
    most = Math.min(most, day + (arrays.isAfterSafe(task) ? MOST_DAYS_WHEN_SAFE : MOST_DAYS));
    if (least > most) {
      return false;
    }
    int neighbor = tried.neighbor(task);
    boolean near = neighbor >= 0 && lists.day(neighbor) >= least && lists.day(neighbor) <= most;
    int to = near ? lists.day(neighbor) : least + tried.random.nextInt(most - least + 1);
    if (arrays.crew[task] == 2) {
      if (tried.random.nextInt(PAIRS_SELDOM) > 0) {
        return false;
      }
      tried.inserter.take(lists, task);
      return tried.inserter.place(lists, task, to);
    }
    int person =
        near ? lists.personOf[arrays.leadPart[neighbor]] : tried.random.nextInt(arrays.people);
    if (!arrays.can[person][task] || !arrays.works(person, to)) {
      return false;
    }
    tried.inserter.take(lists, task);
    if (tried.random.nextBoolean()) {
      tried.inserter.putNearest(lists, task, to, person);
    } else {
      int from = tried.inserter.after(lists, person, task, to);
      int places = lists.size[to][person] - from + 1;
      lists.insert(arrays.leadPart[task], to, person, from + tried.random.nextInt(places));
    }
    return true;
  }
}
