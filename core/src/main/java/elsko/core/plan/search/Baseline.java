package elsko.core.plan.search;

import elsko.core.plan.model.Plan;
import elsko.core.plan.play.PlanReader;
import elsko.core.plan.play.Published;
import elsko.core.plan.play.SeasonArrays;
import elsko.core.plan.play.WalkLists;

/** Plans by a simple rule, to hold others against. */
public final class Baseline {
  /** Ways to put one visit before another. */
  public enum Rule {
    /** The boat whose deadline comes first. */
    EARLIEST_DEADLINE_FIRST,
    /** As somebody walks the rows. */
    ROW_ORDER,
    /** Where the loss rises most for each minute of work. */
    LOSS_SLOPE
  }

  private Baseline() {}

  /**
   * A plan by a rule.
   *
   * @param ahead for the loss slope: over how many days the rise of the loss is taken
   */
  public static Plan plan(Planning planning, Rule rule, int ahead) {
    SeasonArrays arrays = new SeasonArrays(planning.season());
    Published told = Published.of(arrays, planning.told(), planning.pinned());
    WalkLists lists = Construct.byRule(arrays, told, rule, ahead, planning.firstOpenDay());
    return PlanReader.read(arrays, told, lists);
  }
}
