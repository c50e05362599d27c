package elsko.server.plan;

import elsko.core.plan.explain.Continuity;
import elsko.core.plan.model.Plan;
import elsko.core.plan.model.VisitTask;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A plan with calendar dates, as it is kept and told.
 *
 * @param deadlines each boat's frost deadline when it was planned
 * @param holds how likely it comes out as written; null in a plan from before that was reckoned
 * @param continuity how far each boat is one person's; null in a plan from before that was counted
 */
record PlanDocument(
    LocalDate first,
    List<Stop> stops,
    List<UUID> undone,
    Plan.Figures figures,
    Map<UUID, @Nullable LocalDate> deadlines,
    @Nullable Continuity continuity,
    @Nullable Likely holds) {

  /** How often of a hundred somebody's day ends within their hours. */
  record DayHolds(String worker, LocalDate date, int percent) {}

  /**
   * How likely a plan comes out as written.
   *
   * @param boats how often of a hundred all of a boat is done on its days
   */
  record Likely(List<DayHolds> days, Map<UUID, Integer> boats) {}

  /**
   * One task on one or two people's walks.
   *
   * @param workers who leads, then who gives a hand
   * @param start minutes after midnight
   * @param soak what follows it while nobody is needed, or null
   * @param pinned somebody put it there by hand: planning again leaves it
   */
  record Stop(
      UUID boat,
      String task,
      String title,
      List<String> workers,
      LocalDate date,
      int start,
      int end,
      VisitTask.@Nullable Soak soak,
      boolean pinned) {}
}
