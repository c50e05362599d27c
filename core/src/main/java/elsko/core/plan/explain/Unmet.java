package elsko.core.plan.explain;

import elsko.core.Words;
import elsko.core.plan.model.Equipment;
import elsko.core.plan.model.Plan;
import elsko.core.plan.model.PlanWords;
import elsko.core.plan.model.Season;
import elsko.core.plan.model.Skill;
import elsko.core.plan.model.Visit;
import elsko.core.plan.model.VisitTask;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;

/** What there was no room for, and by how much. */
public final class Unmet {
  private Unmet() {}

  /** One boat that is not planned, and why. */
  public record Boat(UUID boat, String name, String words) {}

  /** Hours short, by skill and by equipment, in words; empty when everything found its place. */
  public static List<String> words(Season season, Plan plan) {
    Map<Skill, Integer> bySkill = new EnumMap<>(Skill.class);
    Map<Equipment, Integer> byEquipment = new EnumMap<>(Equipment.class);
    for (Visit visit : undone(season, plan)) {
      for (VisitTask task : visit.tasks().stream().flatMap(v -> v.tasks().stream()).toList()) {
        task.skills().forEach(skill -> bySkill.merge(skill, task.minutes(), Integer::sum));
        if (task.equipment() != null) {
          byEquipment.merge(task.equipment(), task.minutes(), Integer::sum);
        }
      }
    }
    List<String> words = new ArrayList<>();
    bySkill.forEach(
        (skill, minutes) ->
            words.add("%s of %s".formatted(PlanWords.hours(minutes), skill.words())));
    byEquipment.forEach(
        (kind, minutes) ->
            words.add("%s with the %s".formatted(PlanWords.hours(minutes), kind.words())));
    return words;
  }

  /** Each boat that is not planned, with the first reason that is plain. */
  public static List<Boat> boats(Season season, Plan plan) {
    return undone(season, plan).stream()
        .map(visit -> new Boat(visit.boat(), visit.name(), why(season, visit)))
        .toList();
  }

  private static String why(Season season, Visit visit) {
    if (visit.releaseDay() >= season.days()) {
      return "It is not released within these days.";
    }
    for (VisitTask task : visit.tasks()) {
      if (season.workers().stream()
          .noneMatch(worker -> worker.skills().containsAll(task.skills()))) {
        return "Nobody here does %s.".formatted(Skill.words(task.skills()));
      }
      if (task.equipment() != null && season.equipment().getOrDefault(task.equipment(), 0) == 0) {
        return "There is no %s.".formatted(task.equipment().words());
      }
      if (task.people() > season.workers().size()) {
        return "%s takes two people.".formatted(task.title());
      }
    }
    if (visit.tasks().stream().anyMatch(task -> task.equipment() == Equipment.LIFT)
        && Arrays.stream(season.liftSlots()).sum() == 0) {
      return "The lift has no slots in these days.";
    }
    int minutes = visit.tasks().stream().mapToInt(VisitTask::minutes).sum();
    return "No room for its %s of work: %s."
        .formatted(
            PlanWords.hours(minutes),
            Words.list(
                visit.tasks().stream()
                    .flatMap(task -> task.skills().stream())
                    .distinct()
                    .sorted()
                    .map(Skill::words)
                    .toList()));
  }

  private static List<Visit> undone(Season season, Plan plan) {
    Set<UUID> undone = new HashSet<>(plan.undone());
    return season.visits().stream().filter(visit -> undone.contains(visit.boat())).toList();
  }
}
