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

  public static Plan read(Board board, Told told, Lists lists) {
    DayPlay play = new DayPlay(board);
    List<Assignment> assignments = new ArrayList<>();
    long broken = 0;
    int walking = 0;
    for (int day = 0; day < board.days; day++) {
      play.play(day, lists.parts[day], lists.size[day]);
      broken += play.overtime + play.stuck + play.soakBreach + play.liftsOver;
      walking += play.walking;
      for (int p = 0; p < board.people; p++) {
        for (int i = 0; i < lists.size[day][p]; i++) {
          int part = lists.parts[day][p][i];
          if (!board.gives[part] && play.hasPlayed(board.taskOf[part])) {
            assignments.add(assignment(board, lists, play, part, day));
          }
        }
      }
    }
    VisitRules rules = new VisitRules(board, told, 1);
    List<UUID> undone = new ArrayList<>();
    long frost = 0;
    int late = 0;
    int otherwise = 0;
    for (int v = 0; v < board.visits; v++) {
      rules.look(v, lists);
      broken += rules.hard;
      frost += rules.frost;
      if (!lists.isPlannedVisit(v)) {
        undone.add(board.season.visits().get(v).boat());
      }
      int kept = lists.day(board.promisedTask[v]);
      late += kept > board.promised[v] ? kept - board.promised[v] : 0;
      for (int k = 0; k < board.taskCount[v]; k++) {
        int task = board.firstTask[v] + k;
        if (told.day()[task] >= 0 && !told.isKept(board, lists, task)) {
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

  private static Assignment assignment(Board board, Lists lists, DayPlay play, int part, int day) {
    int task = board.taskOf[part];
    List<String> workers = new ArrayList<>();
    workers.add(board.season.workers().get(lists.personOf[part]).name());
    int hand = board.handPart[task];
    if (hand >= 0 && lists.isPlanned(hand)) {
      workers.add(board.season.workers().get(lists.personOf[hand]).name());
    }
    return new Assignment(
        board.visit(task).boat(),
        board.task(task).key(),
        workers,
        day,
        play.start[task],
        play.end[task]);
  }

  /** The lists a plan was read from. */
  public static Lists lists(Board board, Plan plan) {
    return lists(board, Told.of(board, plan.assignments(), List.of()));
  }

  public static Lists lists(Board board, Told told) {
    Lists lists = new Lists(board);
    List<Integer> tasks = new ArrayList<>();
    for (int task = 0; task < board.tasks; task++) {
      if (told.day()[task] >= 0 && told.lead()[task] >= 0) {
        tasks.add(task);
      }
    }
    tasks.sort(
        Comparator.comparingInt((Integer task) -> told.day()[task])
            .thenComparingInt(task -> told.start()[task])
            .thenComparingInt(task -> task));
    tasks.forEach(task -> told.putOn(lists, board, task));
    return lists;
  }
}
