package elsko.core.plan.search;

import java.util.LinkedHashSet;
import java.util.Set;

/** A costly visit and some near it in time are taken off and put on again. */
final class RuinAndInsert implements MoveGenerator {
  private static final int FLAT = 150;

  /** About ten minutes on foot: enough to try a place in the middle of a day. */
  private static final int NOISE = 40;

  private static final int MOST_DAYS_LATER = 12;

  @Override
  public boolean draw(MoveEvaluation trial) {
    int costly = trial.costlyVisit();
    if (costly < 0) {
      return false;
    }
    boolean wasPlanned = trial.lists.isPlannedVisit(costly);
    Set<Integer> taken = around(trial, costly);
    taken.forEach(visit -> trial.inserter.takeVisit(trial.lists, visit));
    trial.inserter.shuffle(trial.random, trial.random.nextInt(3) == 0 ? 0 : NOISE);
    boolean good = putOn(trial, taken, costly, wasPlanned);
    trial.inserter.shuffle(trial.random, 0);
    return good;
  }

  private static boolean putOn(
      MoveEvaluation trial, Set<Integer> taken, int costly, boolean wasPlanned) {
    for (int visit : taken) {
      if (!putOn(trial, visit, visit == costly) && (visit != costly || wasPlanned)) {
        return false;
      }
    }
    return true;
  }

  private static Set<Integer> around(MoveEvaluation trial, int costly) {
    Set<Integer> taken = new LinkedHashSet<>();
    taken.add(costly);
    int around = trial.safeDay(costly);
    int count = 1 + trial.random.nextInt(4);
    int reach = 1 + trial.random.nextInt(4);
    for (int tries = 0; tries < 40 && taken.size() <= count; tries++) {
      int visit = trial.random.nextInt(trial.arrays.visits);
      int day = trial.safeDay(visit);
      boolean before = around < 0 || day >= 0 && day <= around + 1 && day >= around - reach * 2;
      if (before && trial.isFree(visit) && trial.lists.isPlannedVisit(visit)) {
        taken.add(visit);
      }
    }
    return taken;
  }

  private static boolean putOn(MoveEvaluation trial, int visit, boolean costly) {
    int notBefore = 0;
    if (!costly || trial.random.nextInt(4) == 0) {
      long[] loss = trial.arrays.loss[visit];
      int flat = trial.inserter.earliest(visit);
      int last = flat;
      while (last < trial.arrays.days - 1 && loss[last + 1] <= loss[flat] + FLAT) {
        last++;
      }
      notBefore = flat + Math.min(MOST_DAYS_LATER, trial.random.nextInt(last - flat + 1));
    }
    return trial.inserter.insert(trial.lists, visit, notBefore, 10);
  }
}
