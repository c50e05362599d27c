package elsko.core.plan.explain;

import elsko.core.plan.model.Assignment;
import elsko.core.plan.model.Equipment;
import elsko.core.plan.model.Plan;
import elsko.core.plan.model.Season;
import elsko.core.plan.model.Visit;
import elsko.core.plan.model.VisitTask;
import elsko.core.plan.model.Worker;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * How far each boat is one person's from its opening to its closing. The lift has its own people,
 * and while something soaks nobody is needed; neither counts as a break.
 *
 * @param boats that are planned
 * @param inOne of them, those one person does without a break
 * @param changes how often somebody else goes on with a boat
 * @param returns how often a boat is left and gone back to
 */
public record Continuity(int boats, int inOne, int changes, int returns) {
  /** Part of the boats that one person does without a break; 1 where none is planned. */
  public double share() {
    return boats == 0 ? 1 : (double) inOne / boats;
  }

  /**
   * Of a plan by tasks.
   *
   * @param season by tasks
   */
  public static Continuity of(Season season, Plan plan) {
    Map<UUID, Map<String, Assignment>> byBoat = new HashMap<>();
    plan.assignments()
        .forEach(
            each ->
                byBoat
                    .computeIfAbsent(each.boat(), boat -> new HashMap<>())
                    .put(each.task(), each));
    int boats = 0;
    int inOne = 0;
    int changes = 0;
    int returns = 0;
    for (Visit visit : season.visits()) {
      Map<String, Assignment> done = byBoat.getOrDefault(visit.boat(), Map.of());
      if (done.isEmpty()) {
        continue;
      }
      int changed = 0;
      int returned = 0;
      List<VisitTask> tasks = visit.tasks();
      for (int i = 1; i < tasks.size(); i++) {
        Assignment before = done.get(tasks.get(i - 1).key());
        Assignment now = done.get(tasks.get(i).key());
        if (before == null || now == null || isLifted(tasks, i)) {
          continue;
        }
        boolean same = before.workers().get(0).equals(now.workers().get(0));
        changed += same ? 0 : 1;
        boolean left = !tasks.get(i - 1).isLeftToSoak() && !follows(season.pause(), before, now);
        returned += left ? 1 : 0;
      }
      boats++;
      inOne += changed + returned == 0 ? 1 : 0;
      changes += changed;
      returns += returned;
    }
    return new Continuity(boats, inOne, changes, returns);
  }

  private static boolean isLifted(List<VisitTask> tasks, int i) {
    return tasks.get(i).equipment() == Equipment.LIFT
        || tasks.get(i - 1).equipment() == Equipment.LIFT;
  }

  private static boolean follows(Worker.Hours pause, Assignment before, Assignment now) {
    boolean atOnce = now.start() == before.end();
    boolean afterThePause = before.end() == pause.from() && now.start() == pause.to();
    return now.day() == before.day() && (atOnce || afterThePause);
  }
}
