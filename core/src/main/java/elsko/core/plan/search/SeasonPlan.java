package elsko.core.plan.search;

import ai.timefold.solver.core.api.domain.solution.PlanningEntityCollectionProperty;
import ai.timefold.solver.core.api.domain.solution.PlanningScore;
import ai.timefold.solver.core.api.domain.solution.PlanningSolution;
import ai.timefold.solver.core.api.domain.solution.cloner.SolutionCloner;
import ai.timefold.solver.core.api.domain.valuerange.ValueRangeProvider;
import ai.timefold.solver.core.api.score.buildin.hardmediumsoftlong.HardMediumSoftLongScore;
import elsko.core.plan.play.Published;
import elsko.core.plan.play.SeasonArrays;
import elsko.core.plan.play.WalkLists;
import java.util.ArrayList;
import java.util.List;

/** The plan as the solver sees it: everybody's list for every day. */
@PlanningSolution(solutionCloner = SeasonPlan.Copies.class)
public class SeasonPlan {
  @PlanningEntityCollectionProperty private List<PersonDay> personDays;
  @ValueRangeProvider private List<Part> parts;
  @PlanningScore private HardMediumSoftLongScore score;
  private Rules rules;

  /** What all of it goes by; the same for every copy. */
  record Rules(
      SeasonArrays arrays,
      Published told,
      int firstOpenDay,
      long toldChange,
      AnnealingTemperature temperature) {}

  /** For the solver. */
  public SeasonPlan() {}

  private SeasonPlan(SeasonPlan other) {
    rules = other.rules;
    parts = other.parts;
    score = other.score;
    personDays = new ArrayList<>(other.personDays.size());
    for (PersonDay list : other.personDays) {
      PersonDay copy = new PersonDay(personDays.size(), list.getPerson(), list.getDay());
      copy.getParts().addAll(list.getParts());
      personDays.add(copy);
    }
  }

  /** Copies what the search changes; far faster than the solver's own way of finding that out. */
  public static final class Copies implements SolutionCloner<SeasonPlan> {
    @Override
    public SeasonPlan cloneSolution(SeasonPlan original) {
      return new SeasonPlan(original);
    }
  }

  SeasonPlan(Rules rules, WalkLists start) {
    this.rules = rules;
    SeasonArrays arrays = rules.arrays();
    parts = new ArrayList<>();
    for (int part = 0; part < arrays.parts; part++) {
      parts.add(new Part(part));
    }
    personDays = new ArrayList<>();
    for (int day = 0; day < arrays.days; day++) {
      for (int p = 0; p < arrays.people; p++) {
        PersonDay list = new PersonDay(personDays.size(), p, day);
        for (int i = 0; i < start.size[day][p]; i++) {
          list.getParts().add(parts.get(start.parts[day][p][i]));
        }
        personDays.add(list);
      }
    }
  }

  public List<PersonDay> getPersonDays() {
    return personDays;
  }

  public List<Part> getParts() {
    return parts;
  }

  public HardMediumSoftLongScore getScore() {
    return score;
  }

  public void setScore(HardMediumSoftLongScore score) {
    this.score = score;
  }

  Rules rules() {
    return rules;
  }

  PersonDay personDay(int day, int person) {
    return personDays.get(day * rules.arrays().people + person);
  }

  /** The lists as numbers. */
  WalkLists lists() {
    WalkLists lists = new WalkLists(rules.arrays());
    for (PersonDay list : personDays) {
      for (Part part : list.getParts()) {
        lists.append(part.getId(), list.getDay(), list.getPerson());
      }
    }
    return lists;
  }
}
