package elsko.core.plan.search;

import ai.timefold.solver.core.api.domain.lookup.PlanningId;

/** One person's part in a task. */
public class Part {
  @PlanningId private final int id;

  Part(int id) {
    this.id = id;
  }

  public int getId() {
    return id;
  }
}
