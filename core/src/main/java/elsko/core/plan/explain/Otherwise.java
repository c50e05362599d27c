package elsko.core.plan.explain;

import elsko.core.plan.model.Assignment;
import elsko.core.plan.model.Effort;
import elsko.core.plan.model.Equipment;
import elsko.core.plan.model.Plan;
import elsko.core.plan.model.Season;
import elsko.core.plan.model.Visit;
import elsko.core.plan.model.Worker;
import elsko.core.plan.search.Planning;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What would become of the season if something were otherwise: somebody not there, one more of a
 * kit. Planned anew from the plan at hand, and nothing of it is kept.
 *
 * @param late boats whose frost deadline or promise would not be kept, in the order of the season
 * @param frostLoss repairs expected, in hoses
 */
public record Otherwise(List<Late> late, double frostLoss) {

  /**
   * A boat that would be late.
   *
   * @param days by so many; for one that would not be done at all those to the end of the season
   */
  public record Late(UUID boat, String name, int days) {}

  /** The plan at hand. */
  public static Otherwise asItIs(Planning planning, Plan plan) {
    return of(planning.season(), plan);
  }

  /**
   * With some people not there.
   *
   * @param toDay the last day they are away
   */
  public static Otherwise without(
      Planning planning, Set<String> people, int fromDay, int toDay, Effort effort) {
    return changed(
        planning,
        effort,
        (worker, day) ->
            people.contains(worker.name()) && day >= fromDay && day <= toDay
                ? null
                : worker.hours().get(day));
  }

  /** Whether a boat would be late. */
  boolean isLate(UUID boat) {
    return late.stream().anyMatch(one -> one.boat().equals(boat));
  }

  /** With one more piece of some equipment. */
  public static Otherwise withOneMore(Planning planning, Equipment kind, Effort effort) {
    Season season = planning.season();
    Map<Equipment, Integer> equipment = new EnumMap<>(Equipment.class);
    equipment.putAll(season.equipment());
    equipment.merge(kind, 1, Integer::sum);
    return planned(planning, season.with(season.workers(), equipment), effort);
  }

  /** With everybody who works staying longer, until a day. */
  static Otherwise longer(Planning planning, int minutes, int toDay, Effort effort) {
    return changed(
        planning,
        effort,
        (worker, day) -> {
          Worker.Hours hours = worker.hours().get(day);
          return hours == null || day > toDay
              ? hours
              : new Worker.Hours(hours.from(), Math.min(24 * 60, hours.to() + minutes));
        });
  }

  /** With everybody there on a day on which some are off, as on their next day. */
  static Otherwise alsoOn(Planning planning, int extra, Effort effort) {
    return changed(
        planning,
        effort,
        (worker, day) -> {
          Worker.Hours hours = worker.hours().get(day);
          return hours == null && day == extra
              ? worker.hours().stream().skip(1).filter(Objects::nonNull).findFirst().orElse(null)
              : hours;
        });
  }

  private interface Change {
    Worker.@Nullable Hours of(Worker worker, int day);
  }

  private static Otherwise changed(Planning planning, Effort effort, Change change) {
    Season season = planning.season();
    List<Worker> workers = new ArrayList<>();
    for (Worker worker : season.workers()) {
      List<Worker.Hours> hours = new ArrayList<>();
      for (int day = 0; day < worker.hours().size(); day++) {
        hours.add(change.of(worker, day));
      }
      workers.add(new Worker(worker.name(), worker.skills(), hours));
    }
    return planned(planning, season.with(workers, season.equipment()), effort);
  }

  static Otherwise planned(Planning planning, Season season, Effort effort) {
    List<Assignment> pinned = planning.pinned().stream().filter(season::areThere).toList();
    Planning other =
        new Planning(
            season,
            planning.told(),
            pinned,
            planning.firstOpenDay(),
            planning.changePenalty(),
            planning.seed());
    return of(season, other.solve(effort, null));
  }

  private static Otherwise of(Season season, Plan plan) {
    Map<UUID, Map<String, Integer>> days = new HashMap<>();
    for (Assignment each : plan.assignments()) {
      days.computeIfAbsent(each.boat(), boat -> new HashMap<>()).put(each.task(), each.day());
    }
    Set<UUID> undone = new HashSet<>(plan.undone());
    List<Late> late = new ArrayList<>();
    for (Visit visit : season.visits()) {
      Map<String, Integer> on = days.getOrDefault(visit.boat(), Map.of());
      int by = 0;
      if (visit.safeByDay() != null && visit.safeAfter() >= 0) {
        by = Math.max(by, day(season, visit, visit.safeAfter(), on) - visit.safeByDay());
      }
      if (visit.promisedDay() != null) {
        by = Math.max(by, day(season, visit, visit.promisedFor(), on) - visit.promisedDay());
      }
      if (by > 0 || undone.contains(visit.boat()) && visit.safeByDay() != null) {
        late.add(new Late(visit.boat(), visit.name(), Math.max(1, by)));
      }
    }
    return new Otherwise(List.copyOf(late), plan.figures().frostLoss());
  }

  private static int day(Season season, Visit visit, int task, Map<String, Integer> on) {
    return on.getOrDefault(visit.tasks().get(task).key(), season.days());
  }
}
