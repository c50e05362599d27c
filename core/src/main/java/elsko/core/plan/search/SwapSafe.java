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
  public boolean draw(MoveEvaluation trial) {
    SeasonArrays arrays = trial.arrays;
    WalkLists lists = trial.lists;
    int costly = trial.costlyVisit();
    if (costly < 0 || arrays.safeTask[costly] < 0 || trial.safeDay(costly) < 0) {
      return false;
    }
    int safe = arrays.safeTask[costly];
    int cheap = cheapBefore(trial, costly, safe);
    if (cheap < 0) {
      return false;
    }
    int early = trial.safeDay(cheap);
    int late = trial.safeDay(costly);
    trial.swap(safe, arrays.safeTask[cheap]);
    int last = arrays.firstTask[cheap] + arrays.taskCount[cheap];
    for (int task = arrays.safeTask[cheap] + 1; task < last; task++) {
      if (lists.day(task) < late && !waits(trial, task, costly, late)) {
        return false;
      }
    }
    for (int task = safe - 1; task >= arrays.firstTask[costly]; task--) {
      int by = lists.day(task + 1);
      if (lists.day(task) > by && !comesEarlier(trial, task, cheap, by)) {
        return false;
      }
    }
    return true;
  }

  /** What comes after it on the other boat must not come before it now. */
  private static boolean waits(MoveEvaluation trial, int task, int costly, int late) {
    SeasonArrays arrays = trial.arrays;
    int last = arrays.firstTask[costly] + arrays.taskCount[costly];
    int other = alike(arrays, task, arrays.safeTask[costly] + 1, last);
    if (other >= 0 && trial.lists.day(other) >= late) {
      trial.swap(task, other);
      return true;
    }
    return false;
  }

  /**
   * What must come before it goes where the other boat's was, or where somebody's task can wait.
   */
  private static boolean comesEarlier(MoveEvaluation trial, int task, int cheap, int latest) {
    SeasonArrays arrays = trial.arrays;
    int other = alike(arrays, task, arrays.firstTask[cheap], arrays.safeTask[cheap]);
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
    int earliest = trial.inserter.earliest(arrays.visitOf[task]);
    for (int i = 0; i < DRAWN; i++) {
      int sooner = trial.random.nextInt(5) == 0 ? 0 : 1 + trial.random.nextInt(MOST_DAYS_BEFORE);
      int there = somebodysTask(trial, latest - sooner, earliest, arrays.skill[task]);
      if (there >= 0 && maySwap(trial, task, there)) {
        trial.swap(task, there);
        return true;
      }
    }
    return false;
  }

  /** A task on that day of anybody who has a skill; −1 for none. */
  private static int somebodysTask(MoveEvaluation trial, int day, int earliest, int skill) {
    int person = trial.random.nextInt(trial.arrays.people);
    if (day < earliest || !trial.arrays.can[person][skill]) {
      return -1;
    }
    int n = trial.lists.size[day][person];
    return n == 0
        ? -1
        : trial.arrays.taskOf[trial.lists.parts[day][person][trial.random.nextInt(n)]];
  }

  private static boolean maySwap(MoveEvaluation trial, int task, int there) {
    SeasonArrays arrays = trial.arrays;
    int by = trial.lists.personOf[arrays.leadPart[task]];
    return trial.isLoose(there)
        && trial.fits(task, there)
        && trial.fits(there, task)
        && arrays.can[by][arrays.skill[there]]
        && arrays.visitOf[there] != arrays.visitOf[task]
        && (arrays.isLast(there) || trial.lists.day(there + 1) >= trial.lists.day(task));
  }

  /** Of some tasks the first that needs the same skill, hands and equipment; −1 for none. */
  private static int alike(SeasonArrays arrays, int task, int from, int to) {
    for (int other = from; other < to; other++) {
      if (arrays.skill[other] == arrays.skill[task]
          && arrays.crew[other] == arrays.crew[task]
          && arrays.sameDayAsBefore[other] == arrays.sameDayAsBefore[task]
          && arrays.equipment[other] == arrays.equipment[task]) {
        return other;
      }
    }
    return -1;
  }

  private static int cheapBefore(MoveEvaluation trial, int costly, int safe) {
    SeasonArrays arrays = trial.arrays;
    int late = trial.safeDay(costly);
    int cheap = -1;
    long most = 0;
    for (int i = 0; i < DRAWN; i++) {
      int visit = trial.random.nextInt(arrays.visits);
      int other = arrays.safeTask[visit];
      int day = trial.safeDay(visit);
      if (other < 0
          || day < trial.inserter.earliest(costly)
          || day >= late
          || arrays.skill[other] != arrays.skill[safe]
          || arrays.crew[other] != arrays.crew[safe]
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
