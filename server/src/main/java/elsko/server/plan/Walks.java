package elsko.server.plan;

import elsko.core.Refused;
import elsko.core.frost.Outlook;
import elsko.core.ledger.fact.Procedure;
import elsko.core.plan.explain.Move;
import elsko.core.plan.explain.PlanChanges;
import elsko.core.plan.explain.PlanCheck;
import elsko.core.plan.explain.Unmet;
import elsko.core.plan.explain.Why;
import elsko.core.plan.model.Assignment;
import elsko.core.plan.model.Effort;
import elsko.core.plan.model.Plan;
import elsko.core.plan.model.Season;
import elsko.core.plan.model.Visit;
import elsko.core.plan.model.VisitTask;
import elsko.core.plan.model.Worker;
import elsko.core.plan.search.Planning;
import elsko.server.live.Changed;
import elsko.server.live.Kept;
import elsko.server.plan.PlanDocument.Stop;
import elsko.server.plan.Visits.Work;
import elsko.server.problems.NotFound;
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
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Drafts and the published plan. */
@Service
public class Walks {
  /** Days a plan looks ahead. */
  static final int DAYS = 30;

  private static final int ROUNDED_TO_MINUTES = 5;

  private final PlanRepository plans;
  private final Crew crew;
  private final Visits visits;
  private final JsonMapper json;
  private final ApplicationEventPublisher events;
  private final Clock clock;
  private final Map<PlanRow.Standing, Kept<UUID, PlanDocument>> documents =
      new ConcurrentHashMap<>();

  Walks(
      PlanRepository plans,
      Crew crew,
      Visits visits,
      JsonMapper json,
      ApplicationEventPublisher events,
      Clock clock) {
    this.plans = plans;
    this.crew = crew;
    this.visits = visits;
    this.json = json;
    this.events = events;
    this.clock = clock;
  }

  /** What people were told for a day, in the order of the clock. */
  public List<DayStop> told(LocalDate day) {
    PlanDocument published = published();
    if (published == null) {
      return List.of();
    }
    Map<UUID, Visits.Work> byBoat = new HashMap<>();
    works().forEach(work -> byBoat.put(work.boat(), work));
    return published.stops().stream()
        .filter(stop -> stop.date().equals(day) && byBoat.containsKey(stop.boat()))
        .sorted(java.util.Comparator.comparingInt(Stop::start))
        .map(stop -> DayStop.of(stop, byBoat.get(stop.boat())))
        .toList();
  }

  public LocalDate today() {
    return now().toLocalDate();
  }

  private ZonedDateTime now() {
    return ZonedDateTime.now(clock);
  }

  /** What is to be planned from this minute on: what is begun stays, what was told counts. */
  @Transactional(readOnly = true)
  Planning planning() {
    return planning(List.of());
  }

  private Planning planning(List<Stop> alsoPinned) {
    LocalDate today = today();
    Visits.Laid laid = visits.lay(today, DAYS);
    Season season = season(laid.visits(), laid.walkMinutes());
    PlanDocument published = published();
    List<Assignment> told = published == null ? List.of() : open(published.stops(), season);
    List<Stop> held = new ArrayList<>(alsoPinned);
    if (published != null) {
      published.stops().stream().filter(Stop::pinned).forEach(held::add);
    }
    List<Assignment> pinned = new ArrayList<>(open(held, season));
    pinned.addAll(begun(season, pinned));
    return new Planning(
        season, told, pinned, 0, told.isEmpty() ? 0 : Planning.TOLD_WEIGHT, today.toEpochDay());
  }

  private Season season(List<Visit> left, int[][] walkMinutes) {
    LocalDate today = today();
    int minute = now().getHour() * 60 + now().getMinute();
    int from = (minute + ROUNDED_TO_MINUTES - 1) / ROUNDED_TO_MINUTES * ROUNDED_TO_MINUTES;
    List<WorkerRow> rows = crew.all();
    if (rows.isEmpty()) {
      throw Refused.state("workers", "Nobody is there to plan for: add people under Settings.");
    }
    MeansRow means = crew.means();
    int[] lifts = new int[DAYS];
    Arrays.fill(lifts, means.liftSlots());
    return new Season(
        today,
        DAYS,
        rows.stream().map(row -> row.worker(today, from, DAYS)).toList(),
        new Worker.Hours(means.pauseFrom(), means.pauseTo()),
        left,
        crew.equipment(),
        lifts,
        walkMinutes);
  }

  /** Stops that are still to be done, on a day that can still be worked. */
  private static List<Assignment> open(List<Stop> stops, Season season) {
    Map<UUID, Visit> byBoat = new HashMap<>();
    season.visits().forEach(visit -> byBoat.put(visit.boat(), visit));
    Set<String> names = new HashSet<>();
    season.workers().forEach(worker -> names.add(worker.name()));
    List<Assignment> open = new ArrayList<>();
    for (Stop stop : stops) {
      Visit visit = byBoat.get(stop.boat());
      int day = (int) ChronoUnit.DAYS.between(season.first(), stop.date());
      boolean left =
          visit != null && visit.tasks().stream().anyMatch(t -> t.key().equals(stop.task()));
      if (left && day >= 0 && day < season.days() && names.containsAll(stop.workers())) {
        open.add(
            new Assignment(
                stop.boat(), stop.task(), stop.workers(), day, stop.start(), stop.end()));
      }
    }
    return open;
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
          .filter(worker -> worker.skills().contains(next.skill()) && next.people() == 1)
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

  /** Plans and tells everybody, where nobody sits by to look at it first. */
  @Transactional
  public void planAndPublish(Effort effort, String by) {
    Planning planning = planning();
    keepDraft(planning, planning.solve(effort, null));
    publish(by);
  }

  /** From when on a boat may be worked on, and until when it was promised. */
  @Transactional
  public void setDates(
      UUID boat,
      @Nullable LocalDate releaseOn,
      @Nullable LocalDate promisedOn,
      @Nullable LocalDate launchOn) {
    if (releaseOn != null && promisedOn != null && promisedOn.isBefore(releaseOn)) {
      throw Refused.value("promisedOn", "It is promised before it may be worked on.");
    }
    visits.setDates(boat, releaseOn, promisedOn, launchOn);
    events.publishEvent(Changed.plan());
  }

  /**
   * The same, as somebody changes it: kinds they did not touch stay as they are by now, and one
   * they did touch must not have been changed meanwhile.
   */
  @Transactional
  public DatesView change(UUID boat, @Nullable DatesView was, @Nullable DatesView now) {
    if (was == null || now == null) {
      throw Refused.value("now", "Say the dates as they were, and as they shall be.");
    }
    visits.lock(boat);
    DatesView is = dates(boat);
    setDates(
        boat,
        merged("releaseOn", was.releaseOn(), now.releaseOn(), is.releaseOn()),
        merged("promisedOn", was.promisedOn(), now.promisedOn(), is.promisedOn()),
        merged("launchOn", was.launchOn(), now.launchOn(), is.launchOn()));
    return dates(boat);
  }

  private static @Nullable LocalDate merged(
      String kind, @Nullable LocalDate was, @Nullable LocalDate now, @Nullable LocalDate is) {
    if (Objects.equals(was, now) || Objects.equals(now, is)) {
      return is;
    }
    if (!Objects.equals(was, is)) {
      throw Refused.state(
          kind,
          "Somebody else has set this %s meanwhile. Look at it again, then save."
              .formatted(is == null ? "to no day" : "to " + is));
    }
    return now;
  }

  /** When each boat was promised to be afloat. */
  @Transactional(readOnly = true)
  public Map<UUID, LocalDate> launchDates() {
    Map<UUID, LocalDate> found = new HashMap<>();
    visits
        .dates()
        .forEach(
            (boat, dates) -> {
              if (dates.launchOn() != null) {
                found.put(boat, dates.launchOn());
              }
            });
    return found;
  }

  @Transactional(readOnly = true)
  public DatesView dates(UUID boat) {
    BoatDates known = visits.dates(boat);
    return known == null
        ? new DatesView(null, null, null)
        : new DatesView(known.releaseOn(), known.promisedOn(), known.launchOn());
  }

  /** Keeps a plan as the draft, in place of the one before. */
  @Transactional
  public void keepDraft(Planning planning, Plan plan) {
    plans.deleteByStanding(PlanRow.Standing.DRAFT);
    plans.flush();
    plans.save(new PlanRow(clock.instant(), json.writeValueAsString(document(planning, plan))));
    events.publishEvent(Changed.plan());
  }

  private PlanDocument document(Planning planning, Plan plan) {
    Season season = planning.season();
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
    planning.pinned().forEach(each -> pinned.add(each.boat() + each.task()));
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
                        tasks.get(each.boat()).get(each.task()).soak(),
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
    return new PlanDocument(season.first(), stops, plan.undone(), checked(season, plan), deadlines);
  }

  /** Counted a second way, by nothing the search uses: what breaks a rule must never be told. */
  private static Plan.Figures checked(Season season, Plan plan) {
    Plan.Figures said = plan.figures();
    int broken = PlanCheck.problems(season, plan).size();
    return new Plan.Figures(
        Math.max(said.brokenRules(), broken),
        said.frostLoss(),
        said.lateDays(),
        said.walkingMinutes(),
        said.toldOtherwise());
  }

  @Transactional(readOnly = true)
  @Nullable PlanDocument published() {
    return document(PlanRow.Standing.PUBLISHED);
  }

  @Transactional(readOnly = true)
  @Nullable PlanDocument draft() {
    return document(PlanRow.Standing.DRAFT);
  }

  /** A plan is never written anew: each is read out of its row once. */
  private @Nullable PlanDocument document(PlanRow.Standing standing) {
    UUID newest = plans.newest(standing).orElse(null);
    return newest == null
        ? null
        : documents
            .computeIfAbsent(standing, first -> new Kept<>())
            .of(newest, id -> read(plans.findById(id).orElseThrow()));
  }

  private PlanDocument read(PlanRow row) {
    return json.readValue(row.document(), PlanDocument.class);
  }

  @Transactional(readOnly = true)
  @Nullable PlanRow row(PlanRow.Standing standing) {
    return plans.findFirstByStandingOrderByMadeAtDesc(standing).orElse(null);
  }

  /**
   * Tells everybody: the draft becomes the plan. Refused when a rule is broken, or when the boats
   * have changed so much since it was made that it no longer fits.
   */
  @Transactional
  public void publish(String by) {
    PlanRow draft =
        plans
            .findFirstByStandingOrderByMadeAtDesc(PlanRow.Standing.DRAFT)
            .orElseThrow(() -> Refused.state("draft", "There is no draft to publish."));
    PlanDocument document = read(draft);
    if (document.figures().brokenRules() > 0) {
      throw Refused.state("draft", "This draft breaks a rule; plan again before it is published.");
    }
    if (document.first().isBefore(today())) {
      throw Refused.state("draft", "This draft was made on an earlier day; plan again first.");
    }
    plans
        .findFirstByStandingOrderByMadeAtDesc(PlanRow.Standing.PUBLISHED)
        .ifPresent(PlanRow::isPast);
    draft.publish(clock.instant(), by);
    events.publishEvent(Changed.plan());
  }

  @Transactional
  public void dropDraft() {
    plans.deleteByStanding(PlanRow.Standing.DRAFT);
    events.publishEvent(Changed.plan());
  }

  /** What it would mean to move a stop; kept in the draft when asked and no rule breaks. */
  @Transactional
  public MoveView move(MoveIn in) {
    if (in.boat() == null || in.task() == null || in.worker() == null || in.date() == null) {
      throw Refused.value("stop", "Say which stop goes where.");
    }
    PlanDocument from = draft();
    if (from == null) {
      from = published();
    }
    if (from == null) {
      throw Refused.state("draft", "There is no plan yet.");
    }
    Planning planning = planning(from.stops().stream().filter(Stop::pinned).toList());
    Plan plan = plan(from, planning);
    int day = (int) ChronoUnit.DAYS.between(planning.season().first(), in.date());
    Move move =
        Move.of(
            planning,
            plan,
            in.boat(),
            in.task(),
            in.worker(),
            day,
            in.index() == null ? Integer.MAX_VALUE : in.index());
    if (Boolean.TRUE.equals(in.keep())) {
      if (!move.broken().isEmpty()) {
        throw Refused.state("stop", String.join(" ", move.broken()));
      }
      List<Assignment> pinned = new ArrayList<>(planning.pinned());
      move.plan().assignments().stream()
          .filter(a -> a.boat().equals(in.boat()) && a.task().equals(in.task()))
          .forEach(pinned::add);
      keepDraft(
          new Planning(
              planning.season(),
              planning.told(),
              pinned,
              0,
              planning.toldWeight(),
              planning.seed()),
          move.plan());
    }
    return new MoveView(move.broken(), move.costs());
  }

  /** A kept plan as the planner reads it today: what is done or past has left it. */
  private static Plan plan(PlanDocument document, Planning planning) {
    List<Assignment> open = open(document.stops(), planning.season());
    return new Plan(open, document.undone(), document.figures());
  }

  /** Why a stop is where it is. */
  @Transactional(readOnly = true)
  public Why why(UUID boat, String task) {
    PlanDocument from = draft() == null ? published() : draft();
    if (from == null) {
      throw new NotFound("plan", "There is no plan yet.");
    }
    Planning planning = planning(from.stops().stream().filter(Stop::pinned).toList());
    return Why.of(planning, plan(from, planning), boat, task);
  }

  /** What is different between what people were told and the draft. */
  @Transactional(readOnly = true)
  public List<PlanChanges.Change> changes() {
    PlanDocument told = published();
    PlanDocument draft = draft();
    if (told == null || draft == null) {
      return List.of();
    }
    Map<UUID, PlanChanges.BoatThen> boats = new HashMap<>();
    Set<UUID> open = new HashSet<>();
    visits
        .all()
        .forEach(
            work -> {
              if (!work.left().tasks().isEmpty()) {
                open.add(work.boat());
              }
              boats.put(
                  work.boat(),
                  new PlanChanges.BoatThen(
                      work.name(),
                      told.deadlines().get(work.boat()),
                      draft.deadlines().get(work.boat())));
            });
    return PlanChanges.between(
        dated(told.stops().stream().filter(s -> open.contains(s.boat())).toList()),
        dated(draft.stops()),
        boats);
  }

  private static List<PlanChanges.Dated> dated(List<Stop> stops) {
    return stops.stream()
        .map(
            s ->
                new PlanChanges.Dated(
                    s.boat(), s.task(), s.title(), s.workers(), s.date(), s.start()))
        .toList();
  }

  /** What there is no room for, in words. */
  @Transactional(readOnly = true)
  public UnmetView unmet(@Nullable PlanDocument document) {
    if (document == null || document.undone().isEmpty()) {
      return new UnmetView(List.of(), List.of());
    }
    Season season = season(visits.visits(today(), DAYS), new int[0][0]);
    Plan plan = new Plan(List.of(), document.undone(), document.figures());
    return new UnmetView(Unmet.words(season, plan), Unmet.boats(season, plan));
  }

  Map<UUID, Outlook> outlooks() {
    return visits.outlooks();
  }

  List<Work> works() {
    return visits.all();
  }

  /** From when on a boat may be worked on, and until when it was promised. */
  public record DatesView(
      @Nullable LocalDate releaseOn,
      @Nullable LocalDate promisedOn,
      @Nullable LocalDate launchOn) {}

  /** A stop somebody takes up. */
  public record MoveIn(
      @Nullable UUID boat,
      @Nullable String task,
      @Nullable String worker,
      @Nullable LocalDate date,
      @Nullable Integer index,
      @Nullable Boolean keep) {}

  /** What letting go of it would mean. */
  public record MoveView(List<String> broken, List<String> costs) {}

  /** Hours short, and the boats it is about. */
  public record UnmetView(List<String> hoursShort, List<Unmet.Boat> boats) {}

  /**
   * A stop as a sheet of paper has it.
   *
   * @param procedure whose card it is on
   * @param start minutes after midnight
   * @param soakMinutes it must be left alone so long afterwards; 0 when it need not
   */
  public record DayStop(
      UUID boat,
      Procedure procedure,
      List<String> workers,
      int start,
      int end,
      String name,
      String berthName,
      String title,
      int soakMinutes) {
    private static DayStop of(Stop stop, Visits.Work work) {
      return new DayStop(
          work.boat(),
          work.left().procedure(),
          stop.workers(),
          stop.start(),
          stop.end(),
          work.name(),
          work.berthName(),
          stop.title(),
          stop.soak() == null ? 0 : stop.soak().fromMinutes());
    }
  }

  /** What is planned on a boat, or would be: whose work, when each step of its card is done. */
  public record PlannedBoat(
      UUID boat, String name, boolean spring, Map<String, LocalDate> dayOfStep) {}

  /** Every boat with something left to do; by the draft where there is one. */
  @Transactional(readOnly = true)
  public List<PlannedBoat> planned() {
    PlanDocument plan = draft() == null ? published() : draft();
    List<Stop> stops = plan == null ? List.of() : plan.stops();
    List<PlannedBoat> found = new ArrayList<>();
    for (Visits.Work work : works()) {
      if (!work.left().tasks().isEmpty()) {
        Map<String, LocalDate> days = new HashMap<>();
        for (Stop stop : stops) {
          if (stop.boat().equals(work.boat())) {
            work.left()
                .steps()
                .getOrDefault(stop.task(), List.of())
                .forEach(step -> days.put(step, stop.date()));
          }
        }
        found.add(new PlannedBoat(work.boat(), work.name(), work.isSpring(), days));
      }
    }
    return found;
  }
}
