package elsko.server.plan;

import elsko.core.plan.check.ByHandbook;
import elsko.core.plan.check.PlanCheck;
import elsko.core.plan.explain.Continuity;
import elsko.core.plan.explain.Holds;
import elsko.core.plan.model.Assignment;
import elsko.core.plan.model.BoatStops;
import elsko.core.plan.model.Plan;
import elsko.core.plan.model.Season;
import elsko.core.plan.model.Visit;
import elsko.core.plan.model.VisitTask;
import elsko.core.plan.search.Planning;
import elsko.server.live.Kept;
import elsko.server.plan.PlanDocument.DayHolds;
import elsko.server.plan.PlanDocument.Likely;
import elsko.server.plan.PlanDocument.Stop;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Plans as they are kept, with calendar dates: each is read out of its row once. */
@Component
class PlanDocuments {
  private final PlanRepository plans;

  /** So often a plan is played to say how likely it holds: to a few in a hundred. */
  private static final int TIMES = 150;

  private final Visits visits;
  private final MinutesHere minutes;
  private final JsonMapper json;
  private final Map<PlanRow.Standing, Kept<UUID, PlanDocument>> documents =
      new ConcurrentHashMap<>();

  PlanDocuments(PlanRepository plans, Visits visits, MinutesHere minutes, JsonMapper json) {
    this.plans = plans;
    this.visits = visits;
    this.minutes = minutes;
    this.json = json;
  }

  String written(PlanDocument document) {
    return json.writeValueAsString(document);
  }

  PlanDocument of(Planning planning, Plan ofStops) {
    Season season = BoatStops.apart(planning.season());
    Plan plan = BoatStops.split(planning.season(), ofStops);
    Map<UUID, Map<String, VisitTask>> tasks = new HashMap<>();
    season
        .visits()
        .forEach(
            visit ->
                visit
                    .tasks()
                    .forEach(
                        task ->
                            tasks
                                .computeIfAbsent(visit.boat(), b -> new HashMap<>())
                                .put(task.key(), task)));
    Set<String> pinned = new HashSet<>();
    Map<UUID, Visit> visitOf = new HashMap<>();
    planning.season().visits().forEach(visit -> visitOf.put(visit.boat(), visit));
    for (Assignment held : planning.pinned()) {
      visitOf.get(held.boat()).tasks().stream()
          .filter(stop -> stop.key().equals(held.task()))
          .flatMap(stop -> stop.tasks().stream())
          .forEach(task -> pinned.add(held.boat() + task.key()));
    }
    List<Stop> stops =
        plan.assignments().stream()
            .map(
                each ->
                    new Stop(
                        each.boat(),
                        each.task(),
                        tasks.get(each.boat()).get(each.task()).title(),
                        each.workers(),
                        season.first().plusDays(each.day()),
                        each.start(),
                        each.end(),
                        soakAfter(tasks.get(each.boat()).get(each.task())),
                        pinned.contains(each.boat() + each.task())))
            .toList();
    Map<UUID, @Nullable LocalDate> deadlines = new HashMap<>();
    visits
        .outlooks()
        .forEach(
            (boat, outlook) -> {
              if (outlook.deadline() != null) {
                deadlines.put(boat, outlook.deadline());
              }
            });
    return new PlanDocument(
        season.first(),
        stops,
        plan.undone(),
        checked(season, plan),
        deadlines,
        Continuity.of(season, plan),
        likely(planning.season(), ofStops));
  }

  private Likely likely(Season stops, Plan plan) {
    Holds holds =
        Holds.of(stops, plan, minutes.known(visits.all()), TIMES, stops.first().toEpochDay());
    Map<UUID, Integer> boats = new HashMap<>();
    holds.boats().forEach(boat -> boats.put(boat.boat(), percent(boat.share())));
    return new Likely(
        holds.days().stream()
            .map(
                day ->
                    new DayHolds(
                        day.worker(), stops.first().plusDays(day.day()), percent(day.share())))
            .toList(),
        boats);
  }

  private static int percent(double share) {
    return (int) Math.round(100 * share);
  }

  /** What follows at once is no soak. */
  private static VisitTask.@Nullable Soak soakAfter(VisitTask task) {
    return task.isLeftToSoak() ? task.soak() : null;
  }

  /**
   * Held against the handbook, by nothing the search uses: what breaks a rule must never be told.
   */
  private Plan.Figures checked(Season season, Plan plan) {
    Plan.Figures said = plan.figures();
    Season asked = ByHandbook.asked(season, visits.asked(season.visits()));
    int broken = PlanCheck.problems(asked, plan).size();
    return new Plan.Figures(
        Math.max(said.brokenRules(), broken),
        said.frostLoss(),
        said.lateDays(),
        said.walkingMinutes(),
        said.toldOtherwise());
  }

  @Transactional(readOnly = true)
  @Nullable PlanDocument published() {
    return newest(PlanRow.Standing.PUBLISHED);
  }

  @Transactional(readOnly = true)
  @Nullable PlanDocument draft() {
    return newest(PlanRow.Standing.DRAFT);
  }

  /** What people were told before that; null when there was nothing. */
  @Transactional(readOnly = true)
  @Nullable PlanDocument before() {
    return newest(PlanRow.Standing.PAST);
  }

  /** A plan is never written anew: each is read out of its row once. */
  private @Nullable PlanDocument newest(PlanRow.Standing standing) {
    UUID newest = plans.newest(standing).orElse(null);
    return newest == null
        ? null
        : documents
            .computeIfAbsent(standing, first -> new Kept<>())
            .of(newest, id -> read(plans.findById(id).orElseThrow()));
  }

  PlanDocument read(PlanRow row) {
    return json.readValue(row.document(), PlanDocument.class);
  }

  @Transactional(readOnly = true)
  @Nullable PlanRow row(PlanRow.Standing standing) {
    return plans.findFirstByStandingOrderByMadeAtDesc(standing).orElse(null);
  }
}
