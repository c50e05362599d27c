package elsko.core.plan.explain;

import elsko.core.plan.minutes.TaskMinutes;
import elsko.core.plan.model.Plan;
import elsko.core.plan.model.Season;
import elsko.core.plan.model.Visit;
import elsko.core.plan.model.VisitTask;
import elsko.core.plan.model.Worker;
import elsko.core.plan.play.DayPlay;
import elsko.core.plan.play.PlanReader;
import elsko.core.plan.play.SeasonArrays;
import elsko.core.plan.play.WalkLists;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;

/**
 * How likely a plan comes out as it is written: its days played many times over, each task in
 * minutes as it may turn out.
 *
 * @param days for everybody who has something to do on a day, how often it ends within their hours
 * @param boats for each boat that is planned, how often all of it is done on its days
 */
public record Holds(List<Day> days, List<Boat> boats) {
  /** One person's day; day 0 is the season's first. */
  public record Day(String worker, int day, double share) {}

  /** One boat. */
  public record Boat(UUID boat, double share) {}

  /** What is known of how long tasks take. */
  public interface Known {
    TaskMinutes of(UUID boat, VisitTask task);
  }

  /**
   * @param season by stops or by tasks, as the plan is
   * @param times how often it is played; 200 say it to a few in a hundred
   * @param seed the same seed says the same
   */
  public static Holds of(Season season, Plan plan, Known known, int times, long seed) {
    Random random = new Random(seed);
    int[][] kept = new int[season.workers().size()][season.days()];
    Map<UUID, Integer> done = new HashMap<>();
    SeasonArrays arrays = new SeasonArrays(season);
    WalkLists lists = PlanReader.lists(arrays, plan);
    for (int time = 0; time < times; time++) {
      SeasonArrays turnedOut = new SeasonArrays(turnsOut(season, known, random));
      boolean[] late = new boolean[turnedOut.visits];
      DayPlay play = new DayPlay(turnedOut);
      for (int day = 0; day < arrays.days; day++) {
        play.play(day, lists.parts[day], lists.size[day]);
        for (int p = 0; p < arrays.people; p++) {
          if (isInTime(turnedOut, lists, play, day, p, late)) {
            kept[p][day]++;
          }
        }
      }
      for (int v = 0; v < arrays.visits; v++) {
        if (lists.isPlannedVisit(v) && !late[v]) {
          done.merge(season.visits().get(v).boat(), 1, Integer::sum);
        }
      }
    }
    return said(arrays, lists, kept, done, times);
  }

  private static Season turnsOut(Season season, Known known, Random random) {
    List<Visit> visits = new ArrayList<>();
    for (Visit visit : season.visits()) {
      visits.add(
          visit.cutInto(
              visit.tasks().stream().map(task -> turnsOut(visit, task, known, random)).toList(),
              visit.promisedFor(),
              visit.safeAfter()));
    }
    return season.with(visits);
  }

  private static VisitTask turnsOut(Visit visit, VisitTask task, Known known, Random random) {
    if (task.parts().isEmpty()) {
      double taken = known.of(visit.boat(), task).taken(random.nextGaussian());
      return task.lasting((int) Math.max(1, Math.min(600, Math.round(taken))));
    }
    List<VisitTask> parts =
        task.parts().stream().map(part -> turnsOut(visit, part, known, random)).toList();
    return task.madeOf(parts);
  }

  private static boolean isInTime(
      SeasonArrays arrays, WalkLists lists, DayPlay play, int day, int p, boolean[] late) {
    boolean inTime = true;
    for (int i = 0; i < lists.size[day][p]; i++) {
      int part = lists.parts[day][p][i];
      int task = arrays.taskOf[part];
      if (!play.hasPlayed(task) || play.endOf(part) > arrays.to[p][day]) {
        inTime = false;
        late[arrays.visitOf[task]] = true;
      }
    }
    return inTime;
  }

  private static Holds said(
      SeasonArrays arrays, WalkLists lists, int[][] kept, Map<UUID, Integer> done, int times) {
    List<Day> days = new ArrayList<>();
    List<Worker> workers = arrays.season.workers();
    for (int day = 0; day < arrays.days; day++) {
      for (int p = 0; p < arrays.people; p++) {
        if (lists.size[day][p] > 0) {
          days.add(new Day(workers.get(p).name(), day, kept[p][day] / (double) times));
        }
      }
    }
    List<Boat> boats = new ArrayList<>();
    for (int v = 0; v < arrays.visits; v++) {
      if (lists.isPlannedVisit(v)) {
        UUID boat = arrays.season.visits().get(v).boat();
        boats.add(new Boat(boat, done.getOrDefault(boat, 0) / (double) times));
      }
    }
    return new Holds(days, boats);
  }
}
