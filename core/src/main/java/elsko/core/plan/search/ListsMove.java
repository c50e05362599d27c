package elsko.core.plan.search;

import ai.timefold.solver.core.api.score.director.ScoreDirector;
import ai.timefold.solver.core.impl.domain.variable.descriptor.ListVariableDescriptor;
import ai.timefold.solver.core.impl.heuristic.move.AbstractMove;
import ai.timefold.solver.core.impl.score.director.VariableDescriptorAwareScoreDirector;
import java.util.List;

/** Gives some lists other contents, all at once. */
final class ListsMove extends AbstractMove<SeasonPlan> {
  private final List<PersonDay> changed;
  private final List<List<Part>> contents;
  private final List<Part> joining;
  private final List<Part> leaving;

  /**
   * @param contents what each of the changed lists holds afterwards
   * @param joining parts that were on no list before
   * @param leaving parts that are on no list afterwards
   */
  ListsMove(
      List<PersonDay> changed, List<List<Part>> contents, List<Part> joining, List<Part> leaving) {
    this.changed = changed;
    this.contents = contents;
    this.joining = joining;
    this.leaving = leaving;
  }

  @Override
  public boolean isMoveDoable(ScoreDirector<SeasonPlan> director) {
    // One that changes nothing counts as a step, so that a season without a better plan comes to an
    // end as well.
    return true;
  }

  @Override
  protected void doMoveOnGenuineVariables(ScoreDirector<SeasonPlan> director) {
    var aware = (VariableDescriptorAwareScoreDirector<SeasonPlan>) director;
    ListVariableDescriptor<SeasonPlan> variable =
        aware.getSolutionDescriptor().getListVariableDescriptor();
    joining.forEach(part -> aware.beforeListVariableElementAssigned(variable, part));
    leaving.forEach(part -> aware.beforeListVariableElementUnassigned(variable, part));
    for (PersonDay list : changed) {
      aware.beforeListVariableChanged(variable, list, 0, list.getParts().size());
    }
    for (int i = 0; i < changed.size(); i++) {
      List<Part> parts = changed.get(i).getParts();
      parts.clear();
      parts.addAll(contents.get(i));
    }
    for (PersonDay list : changed) {
      aware.afterListVariableChanged(variable, list, 0, list.getParts().size());
    }
    joining.forEach(part -> aware.afterListVariableElementAssigned(variable, part));
    leaving.forEach(part -> aware.afterListVariableElementUnassigned(variable, part));
  }

  @Override
  public String toString() {
    return "other contents for " + changed.size() + " lists";
  }
}
