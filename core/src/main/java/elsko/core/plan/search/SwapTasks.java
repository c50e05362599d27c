package elsko.core.plan.search;

import elsko.core.plan.play.SeasonArrays;
import elsko.core.plan.play.WalkLists;

/**
 * Two tasks of different visits change places: each takes the other's, or the nearest one there.
 */
final class SwapTasks implements MoveGenerator {

  @Override
  public boolean draw(MoveEvaluation tried) {
    SeasonArrays arrays = tried.arrays;
    WalkLists lists = tried.lists;
    int x = tried.random.nextInt(arrays.tasks);
    if (!tried.isLoose(x)) {
      return false;
    }
    int dayX = lists.day(x);
    int p = lists.personOf[arrays.leadPart[x]];
    int neighbor = tried.neighbor(x);
    if (neighbor < 0) {
      return false;
    }
    int dayY = lists.day(neighbor);
    int q = lists.personOf[arrays.leadPart[neighbor]];
    if (!arrays.can[q][x]) {
      return false;
    }
    int y = arrays.taskOf[lists.parts[dayY][q][tried.random.nextInt(lists.size[dayY][q])]];
    if (!tried.isLoose(y)
        || !tried.fits(x, y)
        || !tried.fits(y, x)
        || arrays.visitOf[x] == arrays.visitOf[y]
        || !arrays.can[p][y]) {
      return false;
    }
    if (tried.random.nextBoolean()) {
      tried.swap(x, y);
    } else {
      tried.inserter.take(lists, x);
      tried.inserter.take(lists, y);
      tried.inserter.putNearest(lists, x, dayY, q);
      tried.inserter.putNearest(lists, y, dayX, p);
    }
    return true;
  }
}
