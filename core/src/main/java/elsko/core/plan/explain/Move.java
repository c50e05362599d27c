package elsko.core.plan.explain;

import elsko.core.Refused;
import elsko.core.Words;
import elsko.core.frost.FrostWords;
import elsko.core.plan.model.Assignment;
import elsko.core.plan.model.Plan;
import elsko.core.plan.model.Visit;
import elsko.core.plan.play.PlanReader;
import elsko.core.plan.play.Published;
import elsko.core.plan.play.SeasonArrays;
import elsko.core.plan.play.WalkLists;
import elsko.core.plan.search.Planning;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * What it would mean to move one task of a plan, before anybody lets go of it.
 *
 * @param plan the plan as it would be
 * @param broken rules it would break, in words; such a plan is not kept
 * @param costs what it would cost or save, in words
 */
public record Move(Plan plan, List<String> broken, List<String> costs) {

  /**
   * Moves a task to another person, day or place in their walk.
   *
   * @param index its place among that person's stops of the day, from 0
   */
  public static Move of(
      Planning planning, Plan plan, UUID boat, String task, String worker, int day, int index) {
    SeasonArrays arrays = new SeasonArrays(planning.season());
    Published told = Published.of(arrays, planning.told(), planning.pinned());
    Integer found = arrays.tasksByKey().getOrDefault(boat, Map.of()).get(task);
    if (found == null) {
      throw Refused.value("task", "This plan has no such stop.");
    }
    int person = arrays.person(worker);
    if (person < 0) {
      throw Refused.value("worker", "Nobody of that name is planned for.");
    }
    if (day < planning.firstOpenDay() || day >= arrays.days) {
      throw Refused.value("date", "That day is outside the plan.");
    }
    WalkLists lists = PlanReader.lists(arrays, plan);
    if (lists.day(found) < 0) {
      throw Refused.value("task", "This stop is not planned.");
    }
    List<String> broken = new ArrayList<>();
    if (told.pinned()[found]) {
      broken.add("This stop is held fast: work on it has begun, or somebody pinned it.");
    }
    moveTo(arrays, lists, found, person, day, index);
    Plan then = PlanReader.read(arrays, told, lists);
    broken.addAll(new RuleViolations(arrays, told, lists).words());
    return new Move(then, List.copyOf(broken), costs(planning, plan, then, boat));
  }

  private static void moveTo(
      SeasonArrays arrays, WalkLists lists, int task, int person, int day, int index) {
    int lead = arrays.leadPart[task];
    int hand = arrays.handPart[task];
    lists.remove(lead);
    lists.insert(lead, day, person, Math.max(0, Math.min(index, lists.size[day][person])));
    if (hand >= 0) {
      int helper = lists.personOf[hand];
      boolean sameDay = lists.dayOf[hand] == day;
      if (!sameDay || helper == person) {
        lists.remove(hand);
        int other = helper == person ? anotherOn(arrays, day, person) : helper;
        lists.append(hand, day, other);
      }
    }
  }

  private static int anotherOn(SeasonArrays arrays, int day, int butNot) {
    for (int p = 0; p < arrays.people; p++) {
      if (p != butNot && arrays.works(p, day)) {
        return p;
      }
    }
    return butNot == 0 ? arrays.people - 1 : 0;
  }

  private static List<String> costs(Planning planning, Plan before, Plan then, UUID boat) {
    List<String> costs = new ArrayList<>();
    Visit visit =
        planning.season().visits().stream()
            .filter(v -> v.boat().equals(boat))
            .findFirst()
            .orElseThrow();
    if (visit.safeAfter() >= 0) {
      int was = safeDay(before, visit);
      int is = safeDay(then, visit);
      double more = visit.lossOn(is) - visit.lossOn(was);
      if (was != is) {
        costs.add(
            "%s is safe from frost on %s instead of %s"
                .formatted(
                    visit.name(),
                    FrostWords.day(planning.season().first().plusDays(is)),
                    FrostWords.day(planning.season().first().plusDays(was))));
      }
      if (Math.abs(more) >= 0.05) {
        costs.add(
            "expected frost damage %s by %s repairs"
                .formatted(more > 0 ? "rises" : "falls", Words.number(Math.abs(more), 1)));
      }
    }
    int walking = then.figures().walkingMinutes() - before.figures().walkingMinutes();
    if (walking != 0) {
      costs.add("%d min %s walking".formatted(Math.abs(walking), walking > 0 ? "more" : "less"));
    }
    int late = then.figures().lateDays() - before.figures().lateDays();
    if (late != 0) {
      costs.add(
          "%d days %s behind promises".formatted(Math.abs(late), late > 0 ? "more" : "fewer"));
    }
    return List.copyOf(costs);
  }

  private static int safeDay(Plan plan, Visit visit) {
    String key = visit.tasks().get(visit.safeAfter()).key();
    return plan.assignments().stream()
        .filter(a -> a.boat().equals(visit.boat()) && a.task().equals(key))
        .mapToInt(Assignment::day)
        .findFirst()
        .orElse(visit.lossByDay().size());
  }
}
