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
  public boolean draw(MoveEvaluation tried) {
    int costly = tried.costlyVisit();
    if (costly < 0) {
      return false;
    }
    boolean wasPlanned = tried.lists.isPlannedVisit(costly);
    Set<Integer> taken = around(tried, costly);
    taken.forEach(visit -> tried.inserter.takeVisit(tried.lists, visit));
    tried.inserter.shuffle(tried.random, tried.random.nextInt(3) == 0 ? 0 : NOISE);
    boolean good = putOn(tried, taken, costly, wasPlanned);
    tried.inserter.shuffle(tried.random, 0);
    return good;
  }

  private static boolean putOn(
      MoveEvaluation tried, Set<Integer> taken, int costly, boolean wasPlanned) {
    for (int visit : taken) {
      if (!putOn(tried, visit, visit == costly) && (visit != costly || wasPlanned)) {
        return false;
      }
    }
    return true;
  }

  private static Set<Integer> around(MoveEvaluation tried, int costly) {
    Set<Integer> taken = new LinkedHashSet<>();
    taken.add(costly);
    int around = tried.safeDay(costly);
    int count = 1 + tried.random.nextInt(4);
    int reach = 1 + tried.random.nextInt(4);
    for (int tries = 0; tries < 40 && taken.size() <= count; tries++) {
      int visit = tried.random.nextInt(tried.arrays.visits);
      int day = tried.safeDay(visit);
      boolean before = around < 0 || day >= 0 && day <= around + 1 && day >= around - reach * 2;
      if (before && tried.isFree(visit) && tried.lists.isPlannedVisit(visit)) {
        taken.add(visit);
      }
    }
    return taken;
  }

  private static boolean putOn(MoveEvaluation tried, int visit, boolean costly) {
    int notBefore = 0;
    if (!costly || tried.random.nextInt(4) == 0) {
      long[] loss = tried.arrays.loss[visit];
      int flat = tried.inserter.earliest(visit);
      int last = flat;
      while (last < tried.arrays.days - 1 && loss[last + 1] <= loss[flat] + FLAT) {
        last++;
      }
      notBefore = flat + Math.min(MOST_DAYS_LATER, tried.random.nextInt(last - flat + 1));
    }
    return tried.inserter.insert(tried.lists, visit, notBefore, 10);
  }
}
