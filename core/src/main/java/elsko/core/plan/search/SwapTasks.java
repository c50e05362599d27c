package elsko.core.plan.search;

import elsko.core.plan.play.Board;
import elsko.core.plan.play.Lists;

/**
 * Two tasks of different visits change places: each takes the other's, or the nearest one there.
 */
final class SwapTasks implements Draws {

  @Override
  public boolean draw(Trial trial) {
    Board board = trial.board;
    Lists lists = trial.lists;
    int x = trial.random.nextInt(board.tasks);
    if (!trial.isLoose(x)) {
      return false;
    }
    int dayX = lists.day(x);
    int p = lists.personOf[board.leadPart[x]];
    int neighbor = trial.neighbor(x);
    if (neighbor < 0) {
      return false;
    }
    int dayY = lists.day(neighbor);
    int q = lists.personOf[board.leadPart[neighbor]];
    if (!board.can[q][board.skill[x]]) {
      return false;
    }
    int y = board.taskOf[lists.parts[dayY][q][trial.random.nextInt(lists.size[dayY][q])]];
    if (!trial.isLoose(y)
        || !trial.fits(x, y)
        || !trial.fits(y, x)
        || board.visitOf[x] == board.visitOf[y]
        || !board.can[p][board.skill[y]]) {
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
