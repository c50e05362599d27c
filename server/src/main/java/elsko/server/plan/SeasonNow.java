package elsko.server.plan;

import elsko.core.Refused;
import elsko.core.plan.model.Assignment;
import elsko.core.plan.model.BoatStops;
import elsko.core.plan.model.BoatStops.Hands;
import elsko.core.plan.model.Season;
import elsko.core.plan.model.Visit;
import elsko.core.plan.model.VisitTask;
import elsko.core.plan.model.Worker;
import elsko.core.plan.search.Planning;
import elsko.server.plan.PlanDocument.Stop;
import elsko.server.plan.Visits.Work;
import elsko.server.plan.crew.Crew;
import elsko.server.plan.crew.MeansRow;
import elsko.server.plan.crew.WorkerRow;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The season as it stands this minute, as the planner is asked for it. */
@Component
class SeasonNow {
  private static final int ROUNDED_TO_MINUTES = 5;

  private final Crew crew;
  private final MinutesHere minutes;
  private final Visits visits;
  private final Clock clock;

  SeasonNow(Crew crew, MinutesHere minutes, Visits visits, Clock clock) {
    this.crew = crew;
    this.minutes = minutes;
    this.visits = visits;
    this.clock = clock;
  }

  /**
   * What is to be planned from this minute on: what is begun stays, what was told counts.
   *
   * @param published the plan people were told; null while there is none
   */
  Planning planning(@Nullable PlanDocument published, List<Stop> alsoPinned) {
    LocalDate today = LocalDate.now(clock);
    Visits.VisitSet laid = visits.lay(today, Walks.DAYS);
    List<Visit> left = minutes.of(laid.visits(), visits.all());
    Season season = BoatStops.of(of(left, laid.walkMinutes()), crew.means().hands(), List.of());
    List<Assignment> told = published == null ? List.of() : open(published.stops(), season);
    List<Stop> held = new ArrayList<>(alsoPinned);
    if (published != null) {
      published.stops().stream().filter(Stop::pinned).forEach(held::add);
    }
    List<Assignment> pinned = new ArrayList<>(open(held, season));
    // Nothing is held for somebody who is not there that day.
    pinned.removeIf(each -> !season.areThere(each));
    pinned.addAll(begun(season, pinned));
    return new Planning(
        season, told, pinned, 0, told.isEmpty() ? 0 : Planning.TOLD_WEIGHT, today.toEpochDay());
  }

  Season of(List<Visit> left, int[][] walkMinutes) {
    LocalDate today = LocalDate.now(clock);
    ZonedDateTime now = ZonedDateTime.now(clock);
    int minute = now.getHour() * 60 + now.getMinute();
    int from = (minute + ROUNDED_TO_MINUTES - 1) / ROUNDED_TO_MINUTES * ROUNDED_TO_MINUTES;
    List<WorkerRow> rows = crew.all();
    if (rows.isEmpty()) {
      throw Refused.state("workers", "Nobody is there to plan for: add people under Settings.");
    }
    MeansRow means = crew.means();
    int[] lifts = new int[Walks.DAYS];
    Arrays.fill(lifts, means.liftSlots());
    return new Season(
        today,
        Walks.DAYS,
        rows.stream().map(row -> row.worker(today, from, Walks.DAYS)).toList(),
        new Worker.Hours(means.pauseFrom(), means.pauseTo()),
        left,
        crew.equipment(),
        lifts,
        means
            .hours()
            .openings(today, Walks.DAYS, clock.getZone(), means.hands() == Hands.FIXED_HOUR),
        walkMinutes);
  }

  /**
   * What is still to be done, on a day that can still be worked.
   *
   * @param season by stops
   */
  static List<Assignment> open(List<Stop> stops, Season season) {
    Map<UUID, Visit> byBoat = new HashMap<>();
    season.visits().forEach(visit -> byBoat.put(visit.boat(), visit));
    Set<String> names = new HashSet<>();
    season.workers().forEach(worker -> names.add(worker.name()));
    List<Assignment> open = new ArrayList<>();
    for (Stop stop : stops) {
      Visit visit = byBoat.get(stop.boat());
      int day = (int) ChronoUnit.DAYS.between(season.first(), stop.date());
      boolean left =
          visit != null
              && visit.tasks().stream()
                  .flatMap(one -> one.tasks().stream())
                  .anyMatch(task -> task.key().equals(stop.task()));
      if (left && day >= 0 && day < season.days() && names.containsAll(stop.workers())) {
        open.add(
            new Assignment(
                stop.boat(), stop.task(), stop.workers(), day, stop.start(), stop.end()));
      }
    }
    return BoatStops.gather(season, open);
  }

  /** Whoever has begun on a boat goes on with it, today if they can. */
  private List<Assignment> begun(Season season, List<Assignment> pinned) {
    Set<UUID> already = new HashSet<>();
    pinned.forEach(each -> already.add(each.boat()));
    Map<UUID, Visit> byBoat = new HashMap<>();
    season.visits().forEach(visit -> byBoat.put(visit.boat(), visit));
    Set<String> busy = new HashSet<>();
    List<Assignment> begun = new ArrayList<>();
    for (Work work : visits.all()) {
      Visit visit = byBoat.get(work.boat());
      if (visit == null || !work.begun() || already.contains(work.boat())) {
        continue;
      }
      VisitTask next = visit.tasks().get(0);
      season.workers().stream()
          .filter(worker -> worker.name().equalsIgnoreCase(work.heldBy()))
          .filter(worker -> worker.skills().containsAll(next.skills()) && next.people() == 1)
          .filter(worker -> canStillDo(worker, next))
          .filter(worker -> busy.add(worker.name()))
          .findFirst()
          .ifPresent(
              worker ->
                  begun.add(
                      new Assignment(
                          work.boat(),
                          next.key(),
                          List.of(worker.name()),
                          0,
                          worker.hours().get(0).from(),
                          worker.hours().get(0).from() + next.minutes())));
    }
    return begun;
  }

  private static boolean canStillDo(Worker worker, VisitTask task) {
    Worker.Hours today = worker.hours().get(0);
    return today != null && today.from() + task.minutes() + 60 <= today.to();
  }
}
