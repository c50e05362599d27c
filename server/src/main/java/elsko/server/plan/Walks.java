package elsko.server.plan;

import elsko.core.Refused;
import elsko.core.frost.Outlook;
import elsko.core.ledger.fact.Procedure;
import elsko.core.plan.explain.Move;
import elsko.core.plan.explain.Unmet;
import elsko.core.plan.explain.Why;
import elsko.core.plan.model.Assignment;
import elsko.core.plan.model.BoatStops;
import elsko.core.plan.model.Effort;
import elsko.core.plan.model.Plan;
import elsko.core.plan.model.Season;
import elsko.core.plan.search.Planning;
import elsko.server.plan.PlanDocument.Stop;
import elsko.server.plan.Visits.Work;
import elsko.server.problems.NotFound;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Drafts and the published plan. */
@Service
public class Walks {
  /** Days a plan looks ahead. */
  static final int DAYS = 30;

  /** So often something is worked out again that others have overtaken. */
  private static final int TURNS = 3;

  private final Drafts drafts;
  private final Visits visits;
  private final SeasonNow season;
  private final MinutesHere minutes;
  private final PlanDocuments documents;
  private final TransactionTemplate reading;
  private final Clock clock;

  Walks(
      Drafts drafts,
      Visits visits,
      SeasonNow season,
      MinutesHere minutes,
      PlanDocuments documents,
      PlatformTransactionManager transactions,
      Clock clock) {
    this.drafts = drafts;
    this.visits = visits;
    this.season = season;
    this.minutes = minutes;
    this.documents = documents;
    this.reading = new TransactionTemplate(transactions);
    this.reading.setReadOnly(true);
    this.clock = clock;
  }

  /** What people were told for a day, in the order of the clock. */
  public List<DayStop> told(LocalDate day) {
    PlanDocument published = documents.published();
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

  private Planning planning(List<Stop> alsoPinned) {
    return season.planning(documents.published(), alsoPinned);
  }

  /**
   * What is to be planned from this minute on, and the plans it was seen with: what is begun stays,
   * what was told counts.
   */
  @Transactional(readOnly = true)
  Ground ground() {
    // First which plans there are: what changes after that is seen when something is to be kept.
    Drafts.Known known = drafts.known();
    return new Ground(known, planning(List.of()));
  }

  /** What a plan is made from. */
  record Ground(Drafts.Known known, Planning planning) {}

  /** Plans and tells everybody, where nobody sits by to look at it first. */
  public void planAndPublish(Effort effort, String by) {
    for (int turn = 0; turn < TURNS; turn++) {
      Ground ground = reading.execute(status -> ground());
      Plan plan = ground.planning().solve(effort, null);
      if (drafts.keep(ground.known(), ground.planning(), plan)) {
        drafts.publish(by);
        return;
      }
    }
    throw meanwhile();
  }

  private static Refused meanwhile() {
    return Refused.state("draft", "The plan was changed meanwhile. Look at it, then try again.");
  }

  /** What it would mean to move a stop; kept in the draft when asked and no rule breaks. */
  public MoveView move(MoveIn in) {
    if (in.boat() == null || in.task() == null || in.worker() == null || in.date() == null) {
      throw Refused.value("stop", "Say which stop goes where.");
    }
    for (int turn = 0; turn < TURNS; turn++) {
      Moved moved = moved(in);
      Move move = moved.move();
      if (!Boolean.TRUE.equals(in.keep())) {
        return new MoveView(move.broken(), move.costs());
      }
      if (!move.broken().isEmpty()) {
        throw Refused.state("stop", String.join(" ", move.broken()));
      }
      if (drafts.keep(moved.known(), moved.pinning(in), move.plan())) {
        return new MoveView(move.broken(), move.costs());
      }
    }
    throw meanwhile();
  }

  private record Moved(Drafts.Known known, Planning planning, Move move) {
    /** The same, with the stop where it was put. */
    private Planning pinning(MoveIn in) {
      List<Assignment> pinned = new ArrayList<>(planning.pinned());
      move.plan().assignments().stream()
          .filter(a -> a.boat().equals(in.boat()))
          .filter(a -> a.task().equals(stop(planning, in.boat(), in.task())))
          .forEach(pinned::add);
      return new Planning(
          planning.season(), planning.told(), pinned, 0, planning.changePenalty(), planning.seed());
    }
  }

  private Moved moved(MoveIn in) {
    Seen seen = reading.execute(status -> seen());
    if (seen == null) {
      throw Refused.state("draft", "There is no plan yet.");
    }
    Planning planning = seen.ground().planning();
    int day = (int) ChronoUnit.DAYS.between(planning.season().first(), in.date());
    int index = in.index() == null ? Integer.MAX_VALUE : in.index();
    Plan plan = plan(seen.document(), planning);
    String stop = stop(planning, in.boat(), in.task());
    Move move = Move.of(planning, plan, in.boat(), stop, in.worker(), day, index);
    return new Moved(seen.ground().known(), planning, move);
  }

  /** The plan that is worked on, and what it is made from; null while there is none. */
  private @Nullable Seen seen() {
    Drafts.Known known = drafts.known();
    PlanDocument document = documents.draft() == null ? documents.published() : documents.draft();
    if (document == null) {
      return null;
    }
    List<Stop> pinned = document.stops().stream().filter(Stop::pinned).toList();
    return new Seen(document, new Ground(known, planning(pinned)));
  }

  private record Seen(PlanDocument document, Ground ground) {}

  /** A kept plan as the planner reads it today: what is done or past has left it. */
  private static Plan plan(PlanDocument document, Planning planning) {
    List<Assignment> open = SeasonNow.open(document.stops(), planning.season());
    return new Plan(open, document.undone(), document.figures());
  }

  /** The plan at hand as the planner reads it, and what it would be planned from. */
  AtHand atHand() {
    Seen seen = reading.execute(status -> seen());
    if (seen == null) {
      throw new NotFound("plan", "There is no plan yet.");
    }
    Planning planning = seen.ground().planning();
    return new AtHand(planning, plan(seen.document(), planning));
  }

  /** A plan, and what it would be planned from. */
  record AtHand(Planning planning, Plan plan) {}

  /** Why a stop is where it is. */
  public Why why(UUID boat, String task) {
    Seen seen = reading.execute(status -> seen());
    if (seen == null) {
      throw new NotFound("plan", "There is no plan yet.");
    }
    Planning planning = seen.ground().planning();
    Why why = Why.of(planning, plan(seen.document(), planning), boat, stop(planning, boat, task));
    Work work = works().stream().filter(one -> one.boat().equals(boat)).findFirst().orElse(null);
    return work == null ? why : why.learned(minutes.words(work, work.left().tasks()));
  }

  /** Whatever is done together with a task goes where it goes. */
  private static String stop(Planning planning, UUID boat, String task) {
    String stop = BoatStops.stopOf(planning.season(), boat, task);
    return stop == null ? task : stop;
  }

  /** What there is no room for, in words. */
  @Transactional(readOnly = true)
  public UnmetView unmet(@Nullable PlanDocument document) {
    if (document == null || document.undone().isEmpty()) {
      return new UnmetView(List.of(), List.of());
    }
    Season now = season.of(visits.visits(today(), DAYS), new int[0][0]);
    Plan plan = new Plan(List.of(), document.undone(), document.figures());
    return new UnmetView(Unmet.words(now, plan), Unmet.boats(now, plan));
  }

  Map<UUID, Outlook> outlooks() {
    return visits.outlooks();
  }

  List<Work> works() {
    return visits.all();
  }

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
    PlanDocument plan = documents.draft() == null ? documents.published() : documents.draft();
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
