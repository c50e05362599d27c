package elsko.core.plan.model;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A season in which a boat is opened once: the tasks of a visit put together into stops, each done
 * by the same people from its beginning to its end. A stop ends where something soaks, before and
 * after the lift, where nobody has the skills for more or those who have them all are too few, and
 * where a day is over. How a second person comes to it is the yard's choice ({@link Hands}).
 */
public final class BoatStops {
  /** On foot to it and back, so that it fits into a day. */
  private static final int WALKING_MINUTES = 20;

  private BoatStops() {}

  /** How a second pair of hands comes to the tasks that want one. */
  public enum Hands {
    /** Two people do the whole boat. */
    WHOLE_BOAT("two do the whole boat"),
    /** Somebody comes from the first task of a stop that wants two to the last, and goes on. */
    WHEN_WANTED("somebody comes when wanted"),
    /** The same, and only in one fixed hour of the day: what is begun in it goes on. */
    FIXED_HOUR("somebody comes in one fixed hour");

    private final String words;

    Hands(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  /**
   * The same season, by stops.
   *
   * @param pinned what stays with somebody: a stop is no longer than they can do
   */
  public static Season of(Season season, Hands hands, Collection<Assignment> pinned) {
    Map<String, String> heldBy = new HashMap<>();
    pinned.forEach(each -> heldBy.put(each.boat() + each.task(), each.workers().get(0)));
    SkillLoads loads = new SkillLoads(season);
    Map<UUID, Visit> made = new HashMap<>();
    List<Visit> either = new ArrayList<>();
    for (Visit each : season.visits()) {
      Visit visit = hands == Hands.FIXED_HOUR ? inTheHour(each) : each;
      if (visit.tasks().stream().map(VisitTask::skills).distinct().count() == 1) {
        Visit whole = of(season, hands, heldBy, visit, true);
        loads.add(whole.tasks());
        made.put(visit.boat(), whole);
      } else {
        either.add(visit);
      }
    }
    for (Visit visit : either) {
      Visit whole = of(season, hands, heldBy, visit, true);
      Visit chosen =
          loads.hasRoomFor(whole.tasks()) ? whole : of(season, hands, heldBy, visit, false);
      loads.add(chosen.tasks());
      made.put(visit.boat(), chosen);
    }
    return season.with(season.visits().stream().map(visit -> made.get(visit.boat())).toList());
  }

  /** A lift is done by two whenever it is; else a second person comes in the hour they come. */
  private static Visit inTheHour(Visit visit) {
    return visit.cutInto(
        visit.tasks().stream()
            .map(
                task ->
                    task.people() < 2 || task.equipment() == Equipment.LIFT
                        ? task
                        : task.asking(task.asks().and(Opening.SECOND_HANDS)))
            .toList(),
        visit.promisedFor(),
        visit.safeAfter());
  }

  /**
   * @param acrossSkills whether one person does what asks for different skills
   */
  private static Visit of(
      Season season, Hands hands, Map<String, String> heldBy, Visit visit, boolean acrossSkills) {
    List<VisitTask> stops = new ArrayList<>();
    List<VisitTask> together = new ArrayList<>();
    int[] stopOf = new int[visit.tasks().size()];
    for (int i = 0; i < stopOf.length; i++) {
      VisitTask task = visit.tasks().get(i);
      boolean alike = acrossSkills || together.isEmpty() || asksNoMore(together, task);
      if (!together.isEmpty() && !(alike && goesOn(season, heldBy, visit, together, task))) {
        stops.add(stop(hands, together));
        together.clear();
      }
      together.add(task);
      stopOf[i] = stops.size();
    }
    stops.add(stop(hands, together));
    return visit.cutInto(
        stops, stopOf[visit.promisedFor()], visit.safeAfter() < 0 ? -1 : stopOf[visit.safeAfter()]);
  }

  /** Whether whoever does what is together can do it too, whoever that is. */
  private static boolean asksNoMore(List<VisitTask> together, VisitTask next) {
    return together.stream().allMatch(task -> task.skills().equals(next.skills()));
  }

  /** The same season by tasks again. */
  public static Season apart(Season season) {
    return season.with(season.visits().stream().map(BoatStops::apart).toList());
  }

  private static Visit apart(Visit visit) {
    List<VisitTask> tasks = new ArrayList<>();
    int promisedFor = 0;
    int safeAfter = -1;
    for (int i = 0; i < visit.tasks().size(); i++) {
      tasks.addAll(visit.tasks().get(i).tasks());
      promisedFor = i == visit.promisedFor() ? tasks.size() - 1 : promisedFor;
      safeAfter = i == visit.safeAfter() ? tasks.size() - 1 : safeAfter;
    }
    return visit.cutInto(tasks, promisedFor, safeAfter);
  }

  private static boolean goesOn(
      Season season,
      Map<String, String> heldBy,
      Visit visit,
      List<VisitTask> together,
      VisitTask next) {
    VisitTask last = together.get(together.size() - 1);
    if (last.isLeftToSoak()
        || last.equipment() == Equipment.LIFT
        || next.equipment() == Equipment.LIFT) {
      return false;
    }
    Set<Skill> skills = EnumSet.noneOf(Skill.class);
    together.forEach(task -> skills.addAll(task.skills()));
    skills.addAll(next.skills());
    int minutes = together.stream().mapToInt(VisitTask::minutes).sum() + next.minutes();
    List<VisitTask> all = new ArrayList<>(together);
    all.add(next);
    return minutes <= Math.min(600, longestDay(season, skills) - WALKING_MINUTES)
        && all.stream()
            .map(task -> heldBy.get(visit.boat() + task.key()))
            .allMatch(name -> name == null || canDo(season, name, skills));
  }

  private static boolean canDo(Season season, String name, Set<Skill> skills) {
    return season.workers().stream()
        .anyMatch(worker -> worker.name().equals(name) && worker.skills().containsAll(skills));
  }

  /** Minutes of work on the longest day of anybody with these skills; 0 where nobody has them. */
  private static int longestDay(Season season, Set<Skill> skills) {
    int longest = 0;
    for (Worker worker : season.workers()) {
      if (worker.skills().containsAll(skills)) {
        for (Worker.Hours hours : worker.hours()) {
          if (hours != null) {
            longest = Math.max(longest, season.pause().worked(hours.from(), hours.to()));
          }
        }
      }
    }
    return longest;
  }

  private static VisitTask stop(Hands hands, List<VisitTask> together) {
    VisitTask first = together.get(0);
    if (together.size() == 1) {
      return first;
    }
    Set<Skill> skills = EnumSet.noneOf(Skill.class);
    together.forEach(task -> skills.addAll(task.skills()));
    return new VisitTask(
        first.key(),
        first.title(),
        together.stream().mapToInt(VisitTask::minutes).sum(),
        together.stream().mapToInt(VisitTask::people).max().orElse(1),
        skills,
        null,
        together.get(together.size() - 1).soak(),
        together,
        hands == Hands.WHOLE_BOAT,
        Asks.NOTHING);
  }

  /**
   * What was said of tasks, said of the stops they are in: a stop is where its first task was.
   *
   * @param season by stops
   */
  public static List<Assignment> gather(Season season, Collection<Assignment> ofTasks) {
    Map<UUID, Map<String, Assignment>> byTask = new HashMap<>();
    for (Assignment each : ofTasks) {
      byTask.computeIfAbsent(each.boat(), boat -> new HashMap<>()).putIfAbsent(each.task(), each);
    }
    List<Assignment> stops = new ArrayList<>();
    for (Visit visit : season.visits()) {
      Map<String, Assignment> known = byTask.getOrDefault(visit.boat(), Map.of());
      for (VisitTask stop : visit.tasks()) {
        Assignment first = first(stop, known);
        if (first != null) {
          stops.add(
              new Assignment(
                  visit.boat(),
                  stop.key(),
                  workers(stop, known, first),
                  first.day(),
                  first.start(),
                  first.end()));
        }
      }
    }
    return stops;
  }

  private static @Nullable Assignment first(VisitTask stop, Map<String, Assignment> known) {
    for (VisitTask task : stop.tasks()) {
      Assignment one = known.get(task.key());
      if (one != null) {
        return one;
      }
    }
    return null;
  }

  /** Who gave a hand with any of it gives it with all of it. */
  private static List<String> workers(
      VisitTask stop, Map<String, Assignment> known, Assignment first) {
    List<String> workers = new ArrayList<>(first.workers().subList(0, 1));
    for (VisitTask task : stop.tasks()) {
      Assignment one = known.get(task.key());
      if (one != null && one.day() == first.day() && workers.size() < stop.people()) {
        one.workers().stream()
            .filter(worker -> !workers.contains(worker))
            .findFirst()
            .ifPresent(workers::add);
      }
    }
    return workers;
  }

  /**
   * A plan of stops as one of tasks: each begins when the one before it in its stop is over.
   *
   * @param season by stops
   */
  public static Plan split(Season season, Plan plan) {
    Map<UUID, Map<String, VisitTask>> stops = new HashMap<>();
    for (Visit visit : season.visits()) {
      Map<String, VisitTask> ofBoat = new HashMap<>();
      visit.tasks().forEach(stop -> ofBoat.put(stop.key(), stop));
      stops.put(visit.boat(), ofBoat);
    }
    List<Assignment> tasks = new ArrayList<>();
    for (Assignment each : plan.assignments()) {
      VisitTask stop = stops.getOrDefault(each.boat(), Map.of()).get(each.task());
      if (stop == null || stop.parts().isEmpty()) {
        tasks.add(each);
      } else {
        split(season.pause(), stop, each, tasks);
      }
    }
    return new Plan(tasks, plan.undone(), plan.figures());
  }

  private static void split(
      Worker.Hours pause, VisitTask stop, Assignment whole, List<Assignment> tasks) {
    int at = whole.start();
    int done = 0;
    List<String> alone = whole.workers().subList(0, 1);
    for (VisitTask task : stop.parts()) {
      int start = pause.begin(at);
      int end = pause.end(start, task.minutes());
      boolean two = done >= stop.handFrom() && done < stop.handTo();
      tasks.add(
          new Assignment(
              whole.boat(), task.key(), two ? whole.workers() : alone, whole.day(), start, end));
      done += task.minutes();
      at = end;
    }
  }

  /** The key of the stop a task is in; null where the boat has no such task. */
  public static @Nullable String stopOf(Season season, UUID boat, String task) {
    for (Visit visit : season.visits()) {
      if (visit.boat().equals(boat)) {
        for (VisitTask stop : visit.tasks()) {
          if (stop.tasks().stream().anyMatch(one -> one.key().equals(task))) {
            return stop.key();
          }
        }
      }
    }
    return null;
  }
}
