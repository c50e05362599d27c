package elsko.server.plan;

import elsko.core.frost.Outlook;
import elsko.core.plan.explain.PlanChanges;
import elsko.server.live.Changed;
import elsko.server.live.Kept;
import elsko.server.plan.PlanDocument.Stop;
import elsko.server.plan.Visits.Work;
import elsko.server.plan.WalksView.PlanView;
import elsko.server.plan.WalksView.Standing;
import elsko.server.plan.WalksView.StopView;
import java.time.Clock;
import java.time.LocalDateTime;
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

/**
 * The plan as it is shown: how far each stop is, what the draft changes, what finds no room. Worked
 * out once after each change for all who look at it.
 */
@Service
class PlanShown {
  private final Walks walks;
  private final PlanDifferences differences;
  private final PlanDocuments documents;
  private final DayLoads loads;
  private final Clock clock;
  private final Kept<LocalDateTime, Board> board = new Kept<>();
  private final Kept<LocalDateTime, Told> told = new Kept<>();

  PlanShown(
      Walks walks,
      PlanDifferences differences,
      PlanDocuments documents,
      DayLoads loads,
      Clock clock) {
    this.walks = walks;
    this.differences = differences;
    this.documents = documents;
    this.loads = loads;
    this.clock = clock;
  }

  /** What a coordinator works on: the draft, or what was published. */
  public record Board(
      @Nullable PlanView plan,
      List<PlanChanges.Change> changes,
      List<WalksView.ChangesFor> changesFor,
      Walks.UnmetView unmet,
      List<DayLoads.DayLoad> loads,
      int boatsLeft) {}

  private record Told(@Nullable PlanView plan) {}

  /** Behind what it rests on, before screens are told. */
  @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT)
  @Order(Ordered.HIGHEST_PRECEDENCE + 10)
  void forget(Changed changed) {
    if (changed.what() == Changed.What.JOBS) {
      return;
    }
    board.forget();
    told.forget();
  }

  @Transactional(readOnly = true)
  public Board board() {
    return board.of(
        hour(),
        hour -> {
          PlanDocument draft = documents.draft();
          PlanDocument shown = draft == null ? documents.published() : draft;
          return new Board(
              shown == null ? null : view(shown, draft != null),
              differences.ofDraft(),
              differences.ofDraftForEach(),
              walks.unmet(shown),
              loads.of(shown),
              (int) walks.works().stream().filter(work -> !work.left().tasks().isEmpty()).count());
        });
  }

  /** What people were told; null while they were told nothing. */
  @Transactional(readOnly = true)
  public @Nullable PlanView told() {
    return told.of(
            hour(),
            hour -> {
              PlanDocument published = documents.published();
              return new Told(published == null ? null : view(published, false));
            })
        .plan();
  }

  /** With the hour what frost says changes. */
  private LocalDateTime hour() {
    return LocalDateTime.now(clock).truncatedTo(ChronoUnit.HOURS);
  }

  private PlanView view(PlanDocument document, boolean draft) {
    PlanRow row = documents.row(draft ? PlanRow.Standing.DRAFT : PlanRow.Standing.PUBLISHED);
    Map<UUID, Work> works = new HashMap<>();
    walks.works().forEach(work -> works.put(work.boat(), work));
    Map<UUID, Outlook> outlooks = walks.outlooks();
    Map<UUID, List<Stop>> byBoat = new HashMap<>();
    document
        .stops()
        .forEach(stop -> byBoat.computeIfAbsent(stop.boat(), b -> new ArrayList<>()).add(stop));
    Map<UUID, Integer> holds = document.holds() == null ? Map.of() : document.holds().boats();
    return new PlanView(
        draft,
        row.madeAt(),
        row.publishedAt(),
        row.publishedBy(),
        document.figures(),
        document.stops().stream()
            .filter(stop -> works.containsKey(stop.boat()))
            .map(
                stop ->
                    view(
                        stop,
                        backAt(stop, byBoat.get(stop.boat())),
                        works.get(stop.boat()),
                        outlooks.get(stop.boat())))
            .toList(),
        document.undone().size(),
        document.continuity(),
        document.holds() == null ? List.of() : document.holds().days(),
        works.values().stream()
            .filter(work -> !work.left().tasks().isEmpty())
            .map(
                work ->
                    Ahead.of(
                        work,
                        outlooks.get(work.boat()),
                        byBoat.get(work.boat()),
                        holds.get(work.boat())))
            .sorted(Ahead.TIGHTEST_FIRST)
            .toList());
  }

  private static @Nullable Integer backAt(Stop stop, List<Stop> ofBoat) {
    if (stop.soak() == null) {
      return null;
    }
    return ofBoat.stream()
        .filter(next -> next.date().equals(stop.date()))
        .map(Stop::start)
        .filter(start -> start >= stop.end())
        .min(Integer::compareTo)
        .orElse(null);
  }

  private static StopView view(
      Stop stop, @Nullable Integer backAt, Work work, @Nullable Outlook outlook) {
    List<String> left = work.left().tasks().stream().map(task -> task.key()).toList();
    Standing standing =
        !left.contains(stop.task())
            ? Standing.DONE
            : work.begun() && left.get(0).equals(stop.task()) ? Standing.BEGUN : Standing.OPEN;
    return new StopView(
        stop.boat(),
        work.name(),
        work.berth(),
        work.berthName(),
        stop.task(),
        stop.title(),
        stop.workers(),
        stop.date(),
        stop.start(),
        stop.end(),
        stop.soak(),
        backAt,
        stop.pinned(),
        standing,
        outlook == null ? null : outlook.deadline(),
        work.promisedOn(),
        work.left().procedure(),
        work.tags(),
        work.card());
  }
}
