package elsko.core.plan.search;

import ai.timefold.solver.core.api.domain.entity.PlanningEntity;
import ai.timefold.solver.core.api.domain.lookup.PlanningId;
import ai.timefold.solver.core.api.domain.variable.PlanningListVariable;
import java.util.ArrayList;
import java.util.List;

/** One person's walk on one day, as the solver changes it. */
@PlanningEntity
public class PersonDay {
  @PlanningId private int id;
  private int person;
  private int day;

  @PlanningListVariable(allowsUnassignedValues = true)
  private List<Part> parts = new ArrayList<>();

  /** For the solver. */
  public PersonDay() {}

  PersonDay(int id, int person, int day) {
    this.id = id;
    this.person = person;
    this.day = day;
  }

  public int getPerson() {
    return person;
  }

  public int getDay() {
    return day;
  }

  public List<Part> getParts() {
    return parts;
  }
}
