package elsko.core.plan.search;

import elsko.core.plan.play.SeasonArrays;

/** A visit that can wait gives its days to one that costs more where it is. */
final class YieldDays implements MoveGenerator {
  private static final int DRAWN = 12;

  @Override
  public boolean draw(MoveEvaluation trial) {
    int costly = trial.costlyVisit();
    if (costly < 0 || trial.safeDay(costly) < 0) {
      return false;
    }
    int cheap = cheapBefore(trial, costly);
    if (cheap < 0) {
      return false;
    }
    SeasonArrays arrays = trial.arrays;
    Inserter inserter = trial.inserter;
    int freed = trial.lists.day(arrays.firstTask[cheap]);
    int alsoFreed = trial.lists.day(arrays.firstTask[costly]);
    inserter.takeVisit(trial.lists, costly);
    inserter.takeVisit(trial.lists, cheap);
    return inserter.insert(trial.lists, costly, freed - trial.random.nextInt(3), 3)
        && inserter.insert(trial.lists, cheap, alsoFreed - trial.random.nextInt(4), 5);
  }

  private static int cheapBefore(MoveEvaluation trial, int costly) {
    int late = trial.safeDay(costly);
    int cheap = -1;
    long most = Long.MIN_VALUE;
    for (int i = 0; i < DRAWN; i++) {
      int visit = trial.random.nextInt(trial.arrays.visits);
      int day = trial.safeDay(visit);
      if (visit == costly
          || day < trial.inserter.earliest(costly)
          || day >= late
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
