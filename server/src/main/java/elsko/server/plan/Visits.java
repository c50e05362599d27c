package elsko.server.plan;

import elsko.core.frost.Outlook;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.circuit.Protection;
import elsko.core.ledger.fact.Procedure;
import elsko.core.plan.check.ByHandbook.OneBoat;
import elsko.core.plan.check.ByHandbook.Roof;
import elsko.core.plan.check.OffItsCards;
import elsko.core.plan.minutes.WorkKind;
import elsko.core.plan.minutes.WorkTimes;
import elsko.core.plan.model.Visit;
import elsko.core.plan.model.VisitTask;
import elsko.core.plan.visits.LayUp;
import elsko.core.plan.visits.SameDay;
import elsko.core.plan.visits.Spring;
import elsko.core.plan.visits.WorkLeft;
import elsko.server.fleet.Fleet;
import elsko.server.frost.FleetFrost;
import elsko.server.live.Changed;
import elsko.server.live.Kept;
import elsko.server.work.fold.FoldCache;
import elsko.server.work.fold.FoldCaches;
import elsko.server.work.log.Folded;
import elsko.server.work.view.RedTagView;
import elsko.server.yard.Berths;
import elsko.server.yard.Shelter;
import elsko.server.yard.YardPlan;
import elsko.server.yard.Yards;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;

/** What is left to do on every boat, as visits. */
@Service
class Visits {
  private static final double METERS_A_MINUTE = 60;

  /** Water goes back into an engine at most so long before its launch; our estimate. */
  private static final int SPRING_AHEAD_DAYS = 14;

  private final Fleet fleet;
  private final Yards yards;
  private final Berths berths;
  private final FleetFrost frost;
  private final BoatDatesRepository dates;
  private final Clock clock;
  private final FoldCache<Either> works;
  private final Kept<String, Map<UUID, BoatDates>> promised = new Kept<>();

  Visits(
      Fleet fleet,
      Yards yards,
      Berths berths,
      FleetFrost frost,
      BoatDatesRepository dates,
      FoldCaches caches,
      Clock clock) {
    this.fleet = fleet;
    this.yards = yards;
    this.berths = berths;
    this.frost = frost;
    this.dates = dates;
    this.clock = clock;
    this.works = caches.of(folded -> work(folded, yards, clock.instant()));
  }

  /**
   * One boat's work.
   *
   * @param left of its lay-up or, once it was promised to be afloat, of its commissioning
   * @param card the open card of that, or null
   * @param heldBy who works on that card
   * @param begun some of it was done
   * @param kind what it is like to winterize: of which boats it takes as long
   * @param asked the same work, read off its cards, for holding a plan against
   * @param promisedOn when it was promised to be done, or in spring to be afloat; or null
   */
  record Work(
      UUID boat,
      String name,
      @Nullable UUID berth,
      String berthName,
      boolean inService,
      WorkLeft left,
      @Nullable UUID card,
      @Nullable String heldBy,
      boolean begun,
      List<RedTagView> tags,
      WorkKind kind,
      OneBoat asked,
      @Nullable LocalDate promisedOn) {
    private Work promised(@Nullable LocalDate on) {
      return new Work(
          boat, name, berth, berthName, inService, left, card, heldBy, begun, tags, kind, asked,
          on);
    }

    boolean isSpring() {
      return left.procedure() == Procedure.COMMISSION;
    }
  }

  /** The same for winter and for spring: which of them it is depends on what was promised. */
  private record Either(Work layUp, Work spring, boolean commissioning, boolean afloat) {
    Work by(@Nullable BoatDates dates, LocalDate today) {
      boolean promised =
          !afloat
              && dates != null
              && dates.launchOn() != null
              && !dates.launchOn().isAfter(today.plusDays(Walks.DAYS));
      return commissioning || promised
          ? spring.promised(dates == null ? null : dates.launchOn())
          : layUp.promised(dates == null ? null : dates.promisedOn());
    }
  }

  @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT)
  @Order(Ordered.HIGHEST_PRECEDENCE)
  void forget(Changed changed) {
    if (changed.what() == Changed.What.PLAN) {
      promised.forget();
    }
  }

  private static Either work(Folded folded, Yards yards, Instant at) {
    BoatState state = folded.state();
    return new Either(
        work(folded, yards, withToday(state, yards, LayUp.of(state, yards.practices())), at),
        work(folded, yards, withToday(state, yards, Spring.of(state, yards.practices(), at)), at),
        state.openCard(Procedure.COMMISSION) != null,
        state.afloat());
  }

  private static WorkLeft withToday(BoatState state, Yards yards, WorkLeft left) {
    WorkLeft today = SameDay.of(state, yards.practices(), left);
    return today == null ? left : today;
  }

  private static Work work(Folded folded, Yards yards, WorkLeft left, Instant at) {
    CardProgress card = folded.state().openCard(left.procedure());
    return new Work(
        folded.row().id(),
        folded.boat().name(),
        folded.state().berth(),
        folded.state().berthName() == null ? "" : folded.state().berthName(),
        folded.state().protection() == Protection.IN_SERVICE,
        left,
        card == null ? null : card.card(),
        card == null ? null : card.heldBy(),
        card != null && !card.steps().isEmpty(),
        RedTagView.of(folded.state()),
        WorkTimes.kind(folded.boat(), "", yards.practices()),
        OffItsCards.read(folded.row().id(), folded.state(), yards.practices(), left, at),
        null);
  }

  List<Work> all() {
    return all(dates());
  }

  private LocalDate today() {
    return LocalDate.now(clock);
  }

  private List<Work> all(Map<UUID, BoatDates> known) {
    return works.of(fleet.ids()).stream()
        .map(either -> either.by(known.get(either.layUp().boat()), today()))
        .toList();
  }

  @Transactional(readOnly = true)
  Map<UUID, BoatDates> dates() {
    return promised.of(
        "all",
        all -> {
          Map<UUID, BoatDates> found = new HashMap<>();
          dates.findAll().forEach(row -> found.put(row.boatId(), row));
          return Map.copyOf(found);
        });
  }

  /** Of one boat, as they are kept at this moment; null while nobody said any. */
  @Transactional(readOnly = true)
  @Nullable BoatDates dates(UUID boat) {
    return dates.findById(boat).orElse(null);
  }

  /** Waits until nobody else changes this boat. */
  void lock(UUID boat) {
    fleet.lock(boat);
  }

  @Transactional
  void setDates(
      UUID boat,
      @Nullable LocalDate release,
      @Nullable LocalDate promised,
      @Nullable LocalDate launch) {
    fleet.boat(boat);
    dates.save(new BoatDates(boat, release, promised, launch));
  }

  /** What frost says of each boat; nothing while there is no weather. */
  Map<UUID, Outlook> outlooks() {
    Map<UUID, Outlook> found = new HashMap<>();
    frost.dated().forEach(dated -> found.put(dated.standing().boat(), dated.outlook()));
    return found;
  }

  /** The visits of a season and where each begins to walk from. */
  record VisitSet(List<Visit> visits, int[][] walkMinutes) {}

  /** Every boat with something left to do that may be worked on within these days. */
  VisitSet lay(LocalDate today, int days) {
    List<Work> included = included(dates());
    return new VisitSet(visits(included, dates(), today, days), walking(included));
  }

  /** The same, wherever they lie. */
  List<Visit> visits(LocalDate today, int days) {
    Map<UUID, BoatDates> known = dates();
    return visits(included(known), known, today, days);
  }

  private List<Work> included(Map<UUID, BoatDates> known) {
    return all(known).stream()
        .filter(work -> !work.left().tasks().isEmpty() && isOurs(work, known.get(work.boat())))
        .toList();
  }

  private List<Visit> visits(
      List<Work> included, Map<UUID, BoatDates> known, LocalDate today, int days) {
    Map<UUID, Outlook> outlooks = outlooks();
    Map<UUID, Shelter> shelters = berths.shelters();
    List<Visit> visits = new ArrayList<>();
    for (int i = 0; i < included.size(); i++) {
      Work work = included.get(i);
      BoatDates when = known.get(work.boat());
      Roof roof = roof(work, shelters);
      List<VisitTask> tasks =
          WorkLeft.standing(ours(work, when), roof == Roof.SHED, roof == Roof.NONE);
      visits.add(
          new Visit(
              work.boat(),
              work.name(),
              i + 1,
              work.berthName(),
              released(work, when, today),
              work.promisedOn() == null ? null : (Integer) day(today, work.promisedOn()),
              tasks,
              Math.min(work.left().promisedFor(), tasks.size() - 1),
              work.left().safeAfter(),
              loss(work, outlooks.get(work.boat()), days),
              safeBy(today, outlooks.get(work.boat()))));
    }
    return visits;
  }

  private static boolean isAsItWas(Visit visit, Work work) {
    return work.left().tasks().stream()
        .map(VisitTask::key)
        .toList()
        .containsAll(visit.tasks().stream().map(VisitTask::key).toList());
  }

  private static Roof roof(Work work, Map<UUID, Shelter> shelters) {
    Shelter shelter = work.berth() == null ? null : shelters.get(work.berth());
    return shelter == null
        ? Roof.OTHER
        : switch (shelter.kind()) {
          case SHED -> Roof.SHED;
          case ROWS -> Roof.NONE;
          default -> Roof.OTHER;
        };
  }

  /**
   * What the handbook asks of the boats of these visits, each task in its planned minutes. A boat
   * that was worked on since they were laid is left out.
   */
  List<OneBoat> asked(List<Visit> planned) {
    Map<UUID, Work> byBoat = new HashMap<>();
    all().forEach(work -> byBoat.put(work.boat(), work));
    Map<UUID, Shelter> shelters = berths.shelters();
    List<OneBoat> asked = new ArrayList<>();
    for (Visit visit : planned) {
      Work work = byBoat.get(visit.boat());
      if (work != null && isAsItWas(visit, work)) {
        Map<String, Integer> minutes = new HashMap<>();
        visit.tasks().forEach(task -> minutes.put(task.key(), task.minutes()));
        asked.add(
            work.asked()
                .at(visit.place(), visit.releaseDay(), roof(work, shelters))
                .lasting(minutes));
      }
    }
    return asked;
  }

  private static @Nullable Integer safeBy(LocalDate today, @Nullable Outlook outlook) {
    return outlook == null || outlook.deadline() == null
        ? null
        : (Integer) day(today, outlook.deadline());
  }

  /** Not before it is released, and in spring not long before it is launched. */
  private static int released(Work work, @Nullable BoatDates dates, LocalDate today) {
    int release = dates == null || dates.releaseOn() == null ? 0 : day(today, dates.releaseOn());
    return work.isSpring() && work.promisedOn() != null
        ? Math.max(release, day(today, work.promisedOn().minusDays(SPRING_AHEAD_DAYS)))
        : release;
  }

  /** What is worked on: all of a boat of ours, of another what does not wait. */
  private static List<VisitTask> ours(Work work, @Nullable BoatDates dates) {
    List<VisitTask> all = work.left().tasks();
    return SameDay.isIn(work.left()) && !isReleased(work, dates) ? all.subList(0, 1) : all;
  }

  private static boolean isOurs(Work work, @Nullable BoatDates dates) {
    return SameDay.isIn(work.left()) || isReleased(work, dates);
  }

  /** A boat in service is its owner's until somebody says from when on it is ours. */
  private static boolean isReleased(Work work, @Nullable BoatDates dates) {
    return work.isSpring() || !work.inService() || dates != null && dates.releaseOn() != null;
  }

  private static int day(LocalDate today, LocalDate date) {
    return (int) Math.max(0, ChronoUnit.DAYS.between(today, date));
  }

  private static List<Double> loss(Work work, @Nullable Outlook outlook, int days) {
    boolean sameDay = SameDay.isIn(work.left());
    List<Double> loss = new ArrayList<>();
    for (int day = 0; day <= days; day++) {
      double frost = outlook == null ? 0.0 : outlook.lossBy(outlook.first().plusDays(day));
      loss.add(sameDay ? frost + SameDay.lossAfter(day) : frost);
    }
    return loss;
  }

  private int[][] walking(List<Work> boats) {
    YardPlan plan = berths.plan();
    Map<UUID, YardPlan.BerthView> byId = new HashMap<>();
    plan.berths().forEach(berth -> byId.put(berth.id(), berth));
    int n = boats.size() + 1;
    double[] x = new double[n];
    double[] y = new double[n];
    for (int i = 1; i < n; i++) {
      YardPlan.BerthView berth = byId.get(boats.get(i - 1).berth());
      x[i] = berth == null ? 0 : berth.xM();
      y[i] = berth == null ? 0 : berth.yM();
    }
    int[][] minutes = new int[n][n];
    for (int a = 0; a < n; a++) {
      for (int b = 0; b < n; b++) {
        double meters = Math.abs(x[a] - x[b]) + Math.abs(y[a] - y[b]);
        minutes[a][b] = a == b ? 0 : 1 + (int) Math.round(meters / METERS_A_MINUTE);
      }
    }
    return minutes;
  }
}
