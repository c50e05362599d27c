package elsko.core.plan.search;

import elsko.core.plan.play.SeasonArrays;

/** A visit that can wait gives its days to one that costs more where it is. */
final class YieldDays implements MoveGenerator {
  private static final int DRAWN = 12;

  @Override
  public boolean draw(MoveEvaluation tried) {
    int costly = tried.costlyVisit();
    if (costly < 0 || tried.safeDay(costly) < 0) {
      return false;
    }
    int cheap = cheapBefore(tried, costly);
    if (cheap < 0) {
      return false;
    }
    SeasonArrays arrays = tried.arrays;
    Inserter inserter = tried.inserter;
    int freed = tried.lists.day(arrays.firstTask[cheap]);
    int alsoFreed = tried.lists.day(arrays.firstTask[costly]);
    inserter.takeVisit(tried.lists, costly);
    inserter.takeVisit(tried.lists, cheap);
    return inserter.insert(tried.lists, costly, freed - tried.random.nextInt(3), 3)
        && inserter.insert(tried.lists, cheap, alsoFreed - tried.random.nextInt(4), 5);
  }

  private static int cheapBefore(MoveEvaluation tried, int costly) {
    int late = tried.safeDay(costly);
    int cheap = -1;
    long most = Long.MIN_VALUE;
    for (int i = 0; i < DRAWN; i++) {
      int visit = tried.random.nextInt(tried.arrays.visits);
      int day = tried.safeDay(visit);
      if (visit == costly
          || day < tried.inserter.earliest(costly)
          || day >= late
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
