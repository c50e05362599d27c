package elsko.core.plan.search;

import elsko.core.plan.model.Plan;
import elsko.core.plan.play.Board;
import elsko.core.plan.play.Lists;
import elsko.core.plan.play.PlanReader;
import elsko.core.plan.play.Told;

/** Plans by a simple rule, to hold others against. */
public final class Yardstick {
  /** Ways to put one visit before another. */
  public enum Rule {
    /** The boat whose deadline comes first. */
    EARLIEST_DEADLINE_FIRST,
    /** As somebody walks the rows. */
    ROW_ORDER,
    /** Where the loss rises most for each minute of work. */
    LOSS_SLOPE
  }

  private Yardstick() {}

  /**
   * A plan by a rule.
   *
   * @param ahead for the loss slope: over how many days the rise of the loss is taken
   */
  public static Plan plan(Planning planning, Rule rule, int ahead) {
    Board board = new Board(planning.season());
    Told told = Told.of(board, planning.told(), planning.pinned());
    Lists lists = Construct.byRule(board, told, rule, ahead, planning.firstOpenDay());
    return PlanReader.read(board, told, lists);
  }
}
