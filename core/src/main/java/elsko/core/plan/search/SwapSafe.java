package elsko.core.plan.search;

import elsko.core.plan.play.SeasonArrays;
import elsko.core.plan.play.WalkLists;

/**
 * The task that makes a costly visit safe changes places with that of one that can wait, and so do
 * the tasks that must come before it.
 */
final class SwapSafe implements MoveGenerator {
  private static final int DRAWN = 12;
  private static final int MOST_DAYS_BEFORE = 3;

  @Override
  public boolean draw(MoveEvaluation tried) {
    SeasonArrays arrays = tried.arrays;
    WalkLists lists = tried.lists;
    int costly = tried.costlyVisit();
    if (costly < 0 || arrays.safeTask[costly] < 0 || tried.safeDay(costly) < 0) {
      return false;
    }
    int safe = arrays.safeTask[costly];
    int cheap = cheapBefore(tried, costly, safe);
    if (cheap < 0) {
      return false;
    }
    int early = tried.safeDay(cheap);
    int late = tried.safeDay(costly);
    tried.swap(safe, arrays.safeTask[cheap]);
    int last = arrays.firstTask[cheap] + arrays.taskCount[cheap];
    for (int task = arrays.safeTask[cheap] + 1; task < last; task++) {
      if (lists.day(task) < late && !waits(tried, task, costly, late)) {
        return false;
      }
    }
    for (int task = safe - 1; task >= arrays.firstTask[costly]; task--) {
      int by = lists.day(task + 1);
      if (lists.day(task) > by && !comesEarlier(tried, task, cheap, by)) {
        return false;
      }
    }
    return true;
  }

  /** What comes after it on the other boat must not come before it now. */
  private static boolean waits(MoveEvaluation tried, int task, int costly, int late) {
    SeasonArrays arrays = tried.arrays;
    int last = arrays.firstTask[costly] + arrays.taskCount[costly];
    int other = alike(arrays, task, arrays.safeTask[costly] + 1, last);
    if (other >= 0 && tried.lists.day(other) >= late) {
      tried.swap(task, other);
      return true;
    }
    return false;
  }

  /**
   * What must come before it goes where the other boat's was, or where somebody's task can wait.
   */
  private static boolean comesEarlier(MoveEvaluation tried, int task, int cheap, int latest) {
    SeasonArrays arrays = tried.arrays;
    int other = alike(arrays, task, arrays.firstTask[cheap], arrays.safeTask[cheap]);
    if (other >= 0
        && tried.lists.day(other) <= latest
        && tried.lists.day(other + 1) >= tried.lists.day(task)
        && tried.fits(task, other)
        && tried.fits(other, task)) {
      tried.swap(task, other);
      return true;
    }
    if (!tried.isLoose(task)) {
      return false;
    }
    int earliest = tried.inserter.earliest(arrays.visitOf[task]);
    for (int i = 0; i < DRAWN; i++) {
      int sooner = tried.random.nextInt(5) == 0 ? 0 : 1 + tried.random.nextInt(MOST_DAYS_BEFORE);
      int there = somebodysTask(tried, latest - sooner, earliest, task);
      if (there >= 0 && maySwap(tried, task, there)) {
        tried.swap(task, there);
        return true;
      }
    }
    return false;
  }

  /** A task on that day of anybody who can do one; −1 for none. */
  private static int somebodysTask(MoveEvaluation tried, int day, int earliest, int task) {
    int person = tried.random.nextInt(tried.arrays.people);
    if (day < earliest || !tried.arrays.can[person][task]) {
      return -1;
    }
    int n = tried.lists.size[day][person];
    return n == 0
        ? -1
        : tried.arrays.taskOf[tried.lists.parts[day][person][tried.random.nextInt(n)]];
  }

  private static boolean maySwap(MoveEvaluation tried, int task, int there) {
    SeasonArrays arrays = tried.arrays;
    int by = tried.lists.personOf[arrays.leadPart[task]];
    return tried.isLoose(there)
        && tried.fits(task, there)
        && tried.fits(there, task)
        && arrays.can[by][there]
        && arrays.visitOf[there] != arrays.visitOf[task]
        && (arrays.isLast(there) || tried.lists.day(there + 1) >= tried.lists.day(task));
  }

  /** Of some tasks the first that needs the same skill, hands and equipment; −1 for none. */
  private static int alike(SeasonArrays arrays, int task, int from, int to) {
    for (int other = from; other < to; other++) {
      if (arrays.task(other).skills().equals(arrays.task(task).skills())
          && arrays.crew[other] == arrays.crew[task]
          && arrays.sameDayAsBefore[other] == arrays.sameDayAsBefore[task]
          && arrays.equipment[other] == arrays.equipment[task]) {
        return other;
      }
    }
    return -1;
  }

  private static int cheapBefore(MoveEvaluation tried, int costly, int safe) {
    SeasonArrays arrays = tried.arrays;
    int late = tried.safeDay(costly);
    int cheap = -1;
    long most = 0;
    for (int i = 0; i < DRAWN; i++) {
      int visit = tried.random.nextInt(arrays.visits);
      int other = arrays.safeTask[visit];
      int day = tried.safeDay(visit);
      if (other < 0
          || day < tried.inserter.earliest(costly)
          || day >= late
          || !arrays.can[tried.lists.personOf[arrays.leadPart[other]]][safe]
          || !arrays.can[tried.lists.personOf[arrays.leadPart[safe]]][other]
          || arrays.crew[other] != arrays.crew[safe]
          || !tried.fits(safe, other)
          || !tried.fits(other, safe)
          || !tried.isFree(visit)) {
        continue;
      }
      long gain = tried.gain(costly, visit);
      if (gain > most) {
        most = gain;
        cheap = visit;
      }
    }
    return cheap;
  }
}
