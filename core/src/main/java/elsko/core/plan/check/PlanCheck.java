package elsko.core.plan.check;

import elsko.core.plan.model.Assignment;
import elsko.core.plan.model.Equipment;
import elsko.core.plan.model.Opening;
import elsko.core.plan.model.Plan;
import elsko.core.plan.model.Season;
import elsko.core.plan.model.Visit;
import elsko.core.plan.model.VisitTask;
import elsko.core.plan.model.Worker;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;

/**
 * Holds a plan against the rules, minute by minute. Uses nothing the planner uses, so that a
 * mistake in one shows in the other.
 */
public final class PlanCheck {
  private PlanCheck() {}

  /** What is wrong with a plan, in words; empty when nothing is. */
  public static List<String> problems(Season season, Plan plan) {
    List<String> wrong = new ArrayList<>();
    Map<UUID, Map<String, Assignment>> byBoat = new HashMap<>();
    for (Assignment each : plan.assignments()) {
      if (byBoat.computeIfAbsent(each.boat(), b -> new HashMap<>()).put(each.task(), each)
          != null) {
        wrong.add(each.task() + " is there twice");
      }
    }
    for (Visit visit : season.visits()) {
      chain(season, visit, byBoat.getOrDefault(visit.boat(), Map.of()), plan, wrong);
    }
    people(season, plan, wrong);
    equipment(season, plan, wrong);
    return wrong;
  }

  /** What frost costs on average until each boat is safe, in hoses. */
  public static double frostLoss(Season season, Plan plan) {
    double sum = 0;
    for (Visit visit : season.visits()) {
      int day = season.days();
      for (Assignment each : plan.assignments()) {
        boolean makesSafe =
            visit.safeAfter() >= 0
                && each.boat().equals(visit.boat())
                && each.task().equals(visit.tasks().get(visit.safeAfter()).key());
        day = makesSafe ? each.day() : day;
      }
      sum += visit.lossOn(day);
    }
    return sum;
  }

  /** Minutes everybody walks between stops. */
  public static int walkingMinutes(Season season, Plan plan) {
    int sum = 0;
    for (List<Assignment> stops : walks(plan).values()) {
      int place = 0;
      for (Assignment stop : stops) {
        int there = place(season, stop.boat());
        sum += season.walkMinutes()[place][there];
        place = there;
      }
    }
    return sum;
  }

  /** Everybody's stops by person and day, in the order they begin. */
  private static Map<String, List<Assignment>> walks(Plan plan) {
    Map<String, List<Assignment>> walks = new HashMap<>();
    for (Assignment each : plan.assignments()) {
      each.workers()
          .forEach(
              w -> walks.computeIfAbsent(w + "/" + each.day(), k -> new ArrayList<>()).add(each));
    }
    walks.values().forEach(stops -> stops.sort((a, b) -> Integer.compare(a.start(), b.start())));
    return walks;
  }

  private static void chain(
      Season season, Visit visit, Map<String, Assignment> done, Plan plan, List<String> wrong) {
    if (done.isEmpty()) {
      if (!plan.undone().contains(visit.boat())) {
        wrong.add(visit.name() + " is neither planned nor said to be undone");
      }
      return;
    }
    Assignment before = null;
    VisitTask taskBefore = null;
    for (VisitTask task : visit.tasks()) {
      Assignment now = done.get(task.key());
      if (now == null) {
        wrong.add(visit.name() + " lacks " + task.key());
        return;
      }
      if (now.day() < visit.releaseDay()) {
        wrong.add(visit.name() + " is not there yet on day " + now.day());
      }
      // Two may stay together where one would do.
      int people = new HashSet<>(now.workers()).size();
      if (people < task.people() || people > 2 || people != now.workers().size()) {
        wrong.add(visit.name() + " " + task.key() + " has the wrong number of people");
      }
      Worker lead = worker(season, now.workers().get(0));
      if (!lead.skills().containsAll(task.skills())) {
        wrong.add(lead.name() + " cannot do " + task.key());
      }
      int worked = now.end() - now.start();
      Worker.Hours pause = season.pause();
      worked -= Math.max(0, Math.min(now.end(), pause.to()) - Math.max(now.start(), pause.from()));
      if (worked != task.minutes()) {
        wrong.add(task.key() + " takes " + worked + " instead of " + task.minutes());
      }
      hours(season, visit, task, now, wrong);
      if (before != null) {
        order(visit, taskBefore, before, now, wrong);
      }
      before = now;
      taskBefore = task;
    }
  }

  /** Every minute in which somebody works on it lies in the hours that it keeps to. */
  private static void hours(
      Season season, Visit visit, VisitTask task, Assignment now, List<String> wrong) {
    for (Opening kind : task.asks().openings()) {
      List<Worker.Hours> on = season.openings().on(kind, now.day());
      if (on == null) {
        continue;
      }
      int last = kind == Opening.SECOND_HANDS ? now.start() + 1 : now.end();
      boolean within = on.stream().anyMatch(h -> h.from() <= now.start() && last <= h.to());
      if (!within) {
        wrong.add(
            "%s: %s from %d to %d is not within %s"
                .formatted(visit.name(), task.key(), now.start(), now.end(), kind.words()));
      }
    }
  }

  private static void order(
      Visit visit, VisitTask taskBefore, Assignment before, Assignment now, List<String> wrong) {
    int gap = (now.day() - before.day()) * 1440 + now.start() - before.end();
    if (gap < 0) {
      wrong.add(visit.name() + ": " + now.task() + " before " + before.task() + " is over");
    }
    if (taskBefore.soak() != null
        && (gap < taskBefore.soak().fromMinutes() || gap > taskBefore.soak().toMinutes())) {
      wrong.add(visit.name() + ": soak of " + gap + " min after " + before.task());
    }
  }

  private static void people(Season season, Plan plan, List<String> wrong) {
    walks(plan)
        .forEach(
            (key, stops) -> {
              int slash = key.lastIndexOf('/');
              int day = Integer.parseInt(key.substring(slash + 1));
              Worker worker = worker(season, key.substring(0, slash));
              Worker.Hours hours = worker.hours().get(day);
              if (hours == null) {
                wrong.add(worker.name() + " is off on day " + day);
                return;
              }
              int free = hours.from();
              int place = 0;
              for (Assignment stop : stops) {
                int there = place(season, stop.boat());
                if (stop.start() < free + season.walkMinutes()[place][there]) {
                  wrong.add(worker.name() + " cannot be at " + stop.task() + " at " + stop.start());
                }
                free = stop.end();
                place = there;
              }
              if (free > hours.to()) {
                wrong.add(worker.name() + " works until " + free);
              }
            });
  }

  private static void equipment(Season season, Plan plan, List<String> wrong) {
    Map<String, Integer> used = new TreeMap<>();
    Map<Integer, Integer> lifts = new HashMap<>();
    Map<UUID, Visit> visits = new HashMap<>();
    season.visits().forEach(v -> visits.put(v.boat(), v));
    Map<String, Assignment> byKey = new HashMap<>();
    plan.assignments().forEach(each -> byKey.put(each.boat() + each.task(), each));
    for (Assignment each : plan.assignments()) {
      VisitTask task =
          visits.get(each.boat()).tasks().stream()
              .filter(t -> t.key().equals(each.task()))
              .findFirst()
              .orElseThrow();
      if (task.equipment() == null) {
        continue;
      }
      if (task.equipment() == Equipment.LIFT) {
        lifts.merge(each.day(), 1, Integer::sum);
      }
      Set<Integer> minutes = new HashSet<>();
      int until = each.end();
      if (task.asks().kitStays()) {
        List<VisitTask> all = visits.get(each.boat()).tasks();
        Assignment next = byKey.get(each.boat() + all.get(all.indexOf(task) + 1).key());
        until = next == null ? until : Math.max(until, next.start());
      }
      for (int minute = each.start(); minute < until; minute++) {
        minutes.add(minute);
      }
      for (int minute : minutes) {
        used.merge(task.equipment() + "/" + each.day() + "/" + minute, 1, Integer::sum);
      }
    }
    Set<String> said = new HashSet<>();
    used.forEach(
        (key, count) -> {
          Equipment kind = Equipment.valueOf(key.substring(0, key.indexOf('/')));
          boolean tooMany = count > season.equipment().getOrDefault(kind, 0);
          if (tooMany && said.add(key.substring(0, key.lastIndexOf('/')))) {
            wrong.add(count + " of " + key);
          }
        });
    lifts.forEach(
        (day, count) -> {
          if (count > season.liftSlots()[day]) {
            wrong.add(count + " lifts on day " + day);
          }
        });
  }

  private static int place(Season season, UUID boat) {
    return season.visits().stream()
        .filter(v -> v.boat().equals(boat))
        .findFirst()
        .orElseThrow()
        .place();
  }

  private static Worker worker(Season season, String name) {
    return season.workers().stream().filter(w -> w.name().equals(name)).findFirst().orElseThrow();
  }
}
