package elsko.core.plan.search;

import elsko.core.plan.play.SeasonArrays;
import elsko.core.plan.play.WalkLists;

/**
 * Two tasks of different visits change places: each takes the other's, or the nearest one there.
 */
final class SwapTasks implements MoveGenerator {

  @Override
  public boolean draw(MoveEvaluation trial) {
    SeasonArrays arrays = trial.arrays;
    WalkLists lists = trial.lists;
    int x = trial.random.nextInt(arrays.tasks);
    if (!trial.isLoose(x)) {
      return false;
    }
    int dayX = lists.day(x);
    int p = lists.personOf[arrays.leadPart[x]];
    int neighbor = trial.neighbor(x);
    if (neighbor < 0) {
      return false;
    }
    int dayY = lists.day(neighbor);
    int q = lists.personOf[arrays.leadPart[neighbor]];
    if (!arrays.can[q][arrays.skill[x]]) {
      return false;
    }
    int y = arrays.taskOf[lists.parts[dayY][q][trial.random.nextInt(lists.size[dayY][q])]];
    if (!trial.isLoose(y)
        || !trial.fits(x, y)
        || !trial.fits(y, x)
        || arrays.visitOf[x] == arrays.visitOf[y]
        || !arrays.can[p][arrays.skill[y]]) {
      return false;
    }
    if (trial.random.nextBoolean()) {
      trial.swap(x, y);
    } else {
      trial.inserter.take(lists, x);
      trial.inserter.take(lists, y);
      trial.inserter.putNearest(lists, x, dayY, q);
      trial.inserter.putNearest(lists, y, dayX, p);
    }
    return true;
  }
}
