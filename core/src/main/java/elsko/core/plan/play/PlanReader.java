package elsko.core.plan.play;

import elsko.core.plan.model.Assignment;
import elsko.core.plan.model.Plan;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;

/** Turns lists into a plan people can read. */
public final class PlanReader {
  private PlanReader() {}

  public static Plan read(SeasonArrays arrays, Published told, WalkLists lists) {
    DayPlay play = new DayPlay(arrays);
    List<Assignment> assignments = new ArrayList<>();
    long broken = 0;
    int walking = 0;
    for (int day = 0; day < arrays.days; day++) {
      play.play(day, lists.parts[day], lists.size[day]);
      broken += play.overtime + play.stuck + play.soakBreach + play.liftsOver;
      walking += play.walking;
      for (int p = 0; p < arrays.people; p++) {
        for (int i = 0; i < lists.size[day][p]; i++) {
          int part = lists.parts[day][p][i];
          if (!arrays.gives[part] && play.hasPlayed(arrays.taskOf[part])) {
            assignments.add(assignment(arrays, lists, play, part, day));
          }
        }
      }
    }
    VisitRules rules = new VisitRules(arrays, told, 1);
    List<UUID> undone = new ArrayList<>();
    long frost = 0;
    int late = 0;
    int otherwise = 0;
    for (int v = 0; v < arrays.visits; v++) {
      rules.look(v, lists);
      broken += rules.hard;
      frost += rules.frost;
      if (!lists.isPlannedVisit(v)) {
        undone.add(arrays.season.visits().get(v).boat());
      }
      int kept = lists.day(arrays.promisedTask[v]);
      late += kept > arrays.promised[v] ? kept - arrays.promised[v] : 0;
      for (int k = 0; k < arrays.taskCount[v]; k++) {
        int task = arrays.firstTask[v] + k;
        if (told.day()[task] >= 0 && !told.isKept(arrays, lists, task)) {
          otherwise++;
        }
      }
    }
    assignments.sort(
        Comparator.comparingInt(Assignment::day)
            .thenComparingInt(Assignment::start)
            .thenComparing(Assignment::task));
    return new Plan(
        assignments, undone, new Plan.Figures(broken, frost / 1000.0, late, walking, otherwise));
  }

  private static Assignment assignment(
      SeasonArrays arrays, WalkLists lists, DayPlay play, int part, int day) {
    int task = arrays.taskOf[part];
    List<String> workers = new ArrayList<>();
    workers.add(arrays.season.workers().get(lists.personOf[part]).name());
    int hand = arrays.handPart[task];
    if (hand >= 0 && lists.isPlanned(hand)) {
      workers.add(arrays.season.workers().get(lists.personOf[hand]).name());
    }
    return new Assignment(
        arrays.visit(task).boat(),
        arrays.task(task).key(),
        workers,
        day,
        play.start[task],
        play.end[task]);
  }

  /** The lists a plan was read from. */
  public static WalkLists lists(SeasonArrays arrays, Plan plan) {
    return lists(arrays, Published.of(arrays, plan.assignments(), List.of()));
  }

  public static WalkLists lists(SeasonArrays arrays, Published told) {
    WalkLists lists = new WalkLists(arrays);
    List<Integer> tasks = new ArrayList<>();
    for (int task = 0; task < arrays.tasks; task++) {
      if (told.day()[task] >= 0 && told.lead()[task] >= 0) {
        tasks.add(task);
      }
    }
    tasks.sort(
        Comparator.comparingInt((Integer task) -> told.day()[task])
            .thenComparingInt(task -> told.start()[task])
            .thenComparingInt(task -> task));
    tasks.forEach(task -> told.putOn(lists, arrays, task));
    return lists;
  }
}
