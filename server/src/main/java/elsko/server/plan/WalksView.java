package elsko.server.plan;

import elsko.core.ledger.fact.Procedure;
import elsko.core.plan.explain.Continuity;
import elsko.core.plan.explain.PlanChanges;
import elsko.core.plan.model.Plan;
import elsko.core.plan.model.VisitTask;
import elsko.server.plan.crew.Crew;
import elsko.server.work.view.RedTagView;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * The walks as the screen shows them.
 *
 * @param plan the draft where there is one, else what was published
 * @param changes what the draft changes for people who were told, boat by boat
 * @param toldBefore whether people were told any plan yet
 * @param changesFor the same for each of the crew it changes something for
 */
public record WalksView(
    LocalDate today,
    int days,
    @Nullable PlanView plan,
    PlanJob.@Nullable JobView job,
    Crew.CrewView crew,
    List<PlanChanges.Change> changes,
    List<ChangesFor> changesFor,
    boolean toldBefore,
    Walks.UnmetView unmet,
    List<DayLoads.DayLoad> loads,
    int boatsLeft) {

  /**
   * A plan.
   *
   * @param draft nobody was told of it yet
   * @param ahead every boat with work left, the tightest first
   * @param holds how likely each day of somebody ends within their hours
   * @param continuity how far each boat is one person's; null where that was not counted
   */
  public record PlanView(
      boolean draft,
      Instant madeAt,
      @Nullable Instant publishedAt,
      @Nullable String publishedBy,
      Plan.Figures figures,
      List<StopView> stops,
      int undone,
      @Nullable Continuity continuity,
      List<PlanDocument.DayHolds> holds,
      List<BoatAhead> ahead) {}

  /**
   * What a boat has ahead of it, held against what it must be done by. One that is late says so.
   *
   * @param races whether work on it must be done before the frost
   * @param deadline its frost deadline now; null where no frost reaches it
   * @param safeOn when it is safe from frost by this plan; null when it is not planned or is safe
   * @param slackDays between the two; null where there is no race
   * @param promisedOn when it was promised to be done, or in spring to be afloat
   * @param keptOn when that is so by this plan; null when it is not planned
   * @param late what this plan does not keep, in words; null when it keeps all
   * @param holds how often of a hundred all of it is done on its days; null where not reckoned
   */
  public record BoatAhead(
      UUID boat,
      String name,
      boolean races,
      @Nullable LocalDate deadline,
      @Nullable LocalDate safeOn,
      @Nullable Integer slackDays,
      @Nullable LocalDate promisedOn,
      @Nullable LocalDate keptOn,
      @Nullable String late,
      @Nullable Integer holds) {}

  /** What a draft changes for one person. */
  public record ChangesFor(String name, List<PlanChanges.Change> changes) {}

  /** How far a stop is. */
  public enum Standing {
    OPEN,
    BEGUN,
    DONE
  }

  /**
   * One stop.
   *
   * @param start minutes after midnight
   * @param soak what follows it while nobody is needed, or null
   * @param backAt when somebody is back at the boat after the soak, minutes after midnight
   * @param deadline the boat's frost deadline now
   * @param promisedOn when it was promised to be done, or in spring to be afloat
   * @param procedure whose card it is on
   * @param tags stops that stand: no start but the one they name
   * @param card that card, where it is open
   */
  public record StopView(
      UUID boat,
      String name,
      @Nullable UUID berth,
      String berthName,
      String task,
      String title,
      List<String> workers,
      LocalDate date,
      int start,
      int end,
      VisitTask.@Nullable Soak soak,
      @Nullable Integer backAt,
      boolean pinned,
      Standing standing,
      @Nullable LocalDate deadline,
      @Nullable LocalDate promisedOn,
      Procedure procedure,
      List<RedTagView> tags,
      @Nullable UUID card) {}
}
