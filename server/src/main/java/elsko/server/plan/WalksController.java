package elsko.server.plan;

import elsko.core.plan.explain.PlanChanges;
import elsko.core.plan.explain.Why;
import elsko.core.plan.model.Plan;
import elsko.core.plan.search.Baseline;
import elsko.core.plan.search.Planning;
import elsko.core.procedure.Packing;
import elsko.server.csv.CsvText;
import elsko.server.people.SignedIn;
import elsko.server.plan.WalksView.PlanView;
import elsko.server.plan.WalksView.Standing;
import elsko.server.plan.WalksView.StopView;
import elsko.server.plan.crew.Crew;
import java.time.Instant;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/walks")
class WalksController {
  private final Walks walks;
  private final WhatIfs whatIfs;
  private final MinutesHere minutes;
  private final PlanDifferences differences;
  private final Drafts drafts;
  private final Promises promises;
  private final PlanJob job;
  private final Crew crew;
  private final PlanShown shown;
  private final PackingList packing;

  WalksController(
      Walks walks,
      WhatIfs whatIfs,
      MinutesHere minutes,
      PlanDifferences differences,
      Drafts drafts,
      Promises promises,
      PlanJob job,
      Crew crew,
      PlanShown shown,
      PackingList packing) {
    this.walks = walks;
    this.whatIfs = whatIfs;
    this.minutes = minutes;
    this.differences = differences;
    this.drafts = drafts;
    this.promises = promises;
    this.job = job;
    this.crew = crew;
    this.shown = shown;
    this.packing = packing;
  }

  /** The plan the coordinator works on: the draft, or what was published. */
  @GetMapping
  WalksView all(Authentication who) {
    PlanShown.Board board = shown.board();
    return new WalksView(
        walks.today(),
        Walks.DAYS,
        board.plan(),
        job.view(),
        crew.seenBy(SignedIn.by(who)),
        board.changes(),
        board.changesFor(),
        shown.told() != null,
        board.unmet(),
        board.loads(),
        board.boatsLeft());
  }

  /** The plan as a file. */
  @GetMapping(path = "/plan.csv", produces = "text/csv")
  String csv(Authentication who) {
    PlanView plan = all(who).plan();
    List<StopView> stops = plan == null ? List.of() : plan.stops();
    return CsvText.of(
        List.of("day", "from", "to", "who", "boat", "berth", "work", "standing", "deadline"),
        stops.stream()
            .map(
                stop ->
                    List.of(
                        stop.date().toString(),
                        clock(stop.start()),
                        clock(stop.end()),
                        String.join(", ", stop.workers()),
                        stop.name(),
                        stop.berthName(),
                        stop.title(),
                        stop.standing().name(),
                        stop.deadline() == null ? "" : stop.deadline().toString()))
            .toList());
  }

  private static String clock(int minutes) {
    return "%02d:%02d".formatted(minutes / 60, minutes % 60);
  }

  /** What one person was told for a day; without a date, for the next day with a stop left. */
  @GetMapping("/mine")
  MyWalk mine(@RequestParam(required = false) @Nullable LocalDate date, Authentication who) {
    String name = SignedIn.by(who).name();
    PlanView told = shown.told();
    List<StopView> mine =
        told == null
            ? List.of()
            : told.stops().stream()
                .filter(stop -> stop.workers().stream().anyMatch(name::equalsIgnoreCase))
                .toList();
    LocalDate day = date == null ? nextDay(mine) : date;
    return new MyWalk(
        name,
        walks.today(),
        day,
        told != null,
        mine.stream().filter(stop -> stop.date().equals(day)).toList(),
        told == null ? null : told.publishedAt(),
        differences.toldTo(name));
  }

  /** How long work takes whoever asks, beside the crew; nobody else sees it. */
  @GetMapping("/mine/minutes")
  List<MinutesHere.OwnMinutesView> ownMinutes(Authentication who) {
    return minutes.own(SignedIn.by(who).name());
  }

  /** What they carry for it: kit, fluids, parts and tools of what is open on its cards. */
  @GetMapping("/mine/packing")
  List<Packing.ToCarry> packing(
      @RequestParam(required = false) @Nullable LocalDate date, Authentication who) {
    return packing.of(mine(date, who).stops());
  }

  private LocalDate nextDay(List<StopView> mine) {
    LocalDate today = walks.today();
    return mine.stream()
        .filter(stop -> stop.standing() != Standing.DONE)
        .map(StopView::date)
        .filter(date -> !date.isBefore(today))
        .min(LocalDate::compareTo)
        .orElse(today);
  }

  /** Begins to plan in the background. */
  @PostMapping("/search")
  void begin(@RequestBody SearchIn in, Authentication who) {
    job.begin(in.seconds(), who.getName());
  }

  @DeleteMapping("/search")
  void stop() {
    job.stop();
  }

  /** Tells everybody. */
  @PostMapping("/publish")
  WalksView publish(Authentication who) {
    drafts.publish(SignedIn.by(who).name());
    return all(who);
  }

  /** Takes back what everybody was told within the last minute. */
  @DeleteMapping("/publish")
  WalksView takeBack(Authentication who) {
    drafts.takeBack();
    return all(who);
  }

  @DeleteMapping("/draft")
  WalksView dropDraft(Authentication who) {
    drafts.drop();
    return all(who);
  }

  /** What moving a stop would mean; with {@code keep} it is moved. */
  @PostMapping("/move")
  Walks.MoveView move(@RequestBody Walks.MoveIn in) {
    return walks.move(in);
  }

  /** Why a stop is when it is, and with whom. */
  @GetMapping("/why")
  Why why(@RequestParam UUID boat, @RequestParam String task) {
    return walks.why(boat, task);
  }

  /** What would become of the season if something were otherwise. Nothing is kept. */
  @PostMapping("/what-if")
  WhatIfs.SeasonThen whatIf(@RequestBody WhatIfs.SeasonWhatIf asked) {
    return whatIfs.of(asked);
  }

  /** Who could go home today without anything being late. */
  @PostMapping("/who-can-go-home")
  WhatIfs.GoHome whoCanGoHome() {
    return new WhatIfs.GoHome(whatIfs.whoCanGoHome());
  }

  /** What simple rules would come to on the same boats, people and days. */
  @GetMapping("/yardsticks")
  List<Measured> yardsticks() {
    Map<Baseline.Rule, Plan> plans = new EnumMap<>(Baseline.Rule.class);
    Planning planning = walks.ground().planning();
    for (Baseline.Rule rule :
        List.of(Baseline.Rule.EARLIEST_DEADLINE_FIRST, Baseline.Rule.ROW_ORDER)) {
      plans.put(rule, Baseline.plan(planning, rule, 0));
    }
    return plans.entrySet().stream()
        .map(
            entry ->
                new Measured(
                    entry.getKey(), entry.getValue().figures(), entry.getValue().undone().size()))
        .toList();
  }

  @GetMapping("/crew")
  Crew.CrewView crew(Authentication who) {
    return crew.seenBy(SignedIn.by(who));
  }

  @PutMapping("/crew")
  Crew.CrewView put(
      @RequestBody Crew.WorkerChange change,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch) {
    return crew.put(change, ifMatch);
  }

  @DeleteMapping("/crew/{id}")
  Crew.CrewView remove(@PathVariable UUID id) {
    return crew.remove(id);
  }

  @PutMapping("/crew/{id}/days-off")
  Crew.CrewView dayOff(@PathVariable UUID id, @RequestBody DayOffIn in) {
    return crew.dayOff(id, in.date(), !Boolean.FALSE.equals(in.off()));
  }

  @PostMapping("/crew/{id}/feed")
  Crew.CrewView newFeed(@PathVariable UUID id) {
    return crew.newFeed(id);
  }

  @PutMapping("/means")
  Crew.CrewView means(
      @RequestBody Crew.MeansChange change,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch) {
    return crew.change(change, ifMatch);
  }

  /**
   * From when on a boat may be worked on, and until when it was promised. A kind of date that was
   * not touched stays as it is, whatever became of it meanwhile.
   */
  @PutMapping("/boats/{id}/dates")
  Promises.DatesView dates(@PathVariable UUID id, @RequestBody DatesIn in) {
    return promises.change(id, in.was(), in.now());
  }

  @GetMapping("/boats/{id}/dates")
  Promises.DatesView dates(@PathVariable UUID id) {
    return promises.dates(id);
  }

  record SearchIn(@Nullable Double seconds) {}

  record DayOffIn(@Nullable LocalDate date, @Nullable Boolean off) {}

  /**
   * @param was the dates as they were when somebody began to change them
   * @param now as they shall be
   */
  record DatesIn(Promises.@Nullable DatesView was, Promises.@Nullable DatesView now) {}

  /** What a simple rule comes to. */
  record Measured(Baseline.Rule rule, Plan.Figures figures, int undone) {}

  /**
   * One person's stops of a day.
   *
   * @param toldAt when they were told; null while they were told nothing
   * @param changed what is different for them from what they were told before
   */
  record MyWalk(
      String name,
      LocalDate today,
      LocalDate date,
      boolean published,
      List<StopView> stops,
      @Nullable Instant toldAt,
      List<PlanChanges.Change> changed) {}
}
