package elsko.core.procedure.request;

import elsko.core.boat.Boat;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.Method;
import elsko.core.boat.path.Position;
import elsko.core.due.DueItem;
import elsko.core.due.DueList;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.CardProgress;
import elsko.core.limits.Interval;
import java.time.Instant;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/** What a card is written for. What its steps ask of it again and again is worked out once. */
public final class CardRequest {
  private final BoatState state;
  private final CardProgress progress;
  private final Practices practices;
  private final @Nullable Instant now;
  private List<OnCircuit> circuits;
  private List<DueItem> due;

  /**
   * @param progress the opened card: its procedure, choices, and how the boat stood then
   */
  public CardRequest(BoatState state, CardProgress progress, Practices practices) {
    this(state, progress, practices, null);
  }

  /**
   * The same at a moment: what another card did so long ago does not count any more.
   *
   * @param now null: nothing is too long ago
   */
  public CardRequest(
      BoatState state, CardProgress progress, Practices practices, @Nullable Instant now) {
    this.state = state;
    this.progress = progress;
    this.practices = practices;
    this.now = now;
  }

  public @Nullable Instant now() {
    return now;
  }

  public BoatState state() {
    return state;
  }

  public CardProgress progress() {
    return progress;
  }

  public Practices practices() {
    return practices;
  }

  public Boat boat() {
    return state.boat();
  }

  /** The circuits the card takes up, in the order they are done. */
  public List<OnCircuit> circuits() {
    if (circuits == null) {
      circuits =
          boat().circuits().stream()
              .filter(circuit -> Choices.isOn(this, circuit))
              .map(circuit -> new OnCircuit(this, circuit))
              .toList();
    }
    return circuits;
  }

  /** What was due on an engine (null: on the boat) when the card was opened. */
  public Set<Interval> due(Position engine) {
    return intervals(engine, DueItem::isDue);
  }

  /** The same at a lay-up, which does what falls due before the next one. */
  public Set<Interval> dueBeforeNextLayUp(Position engine) {
    return intervals(engine, DueItem::isDueBeforeNextLayUp);
  }

  private Set<Interval> intervals(Position engine, Predicate<DueItem> wanted) {
    Set<Interval> found = EnumSet.noneOf(Interval.class);
    for (DueItem item : dueItems()) {
      if (item.engine() == engine && wanted.test(item)) {
        found.add(item.interval());
      }
    }
    return found;
  }

  private List<DueItem> dueItems() {
    if (due == null) {
      due = DueList.of(boat(), progress.before().services(), practices.othersWay(), openedAt());
    }
    return due;
  }

  /** A card nobody has opened looks at a boat without a past. */
  private Instant openedAt() {
    return progress.openedAt() == null ? Instant.EPOCH : progress.openedAt();
  }

  Method method(Circuit circuit) {
    String chosen = progress.choices().get(circuit.key());
    return chosen == null
        ? Choices.usualMethod(boat(), circuit, practices)
        : Method.valueOf(chosen);
  }

  public FlushVariant flushVariant(Circuit circuit) {
    String chosen = progress.choices().get(circuit.key());
    return chosen == null ? FlushVariant.usual(boat(), circuit) : FlushVariant.valueOf(chosen);
  }

  public PumpVariant pumpVariant(Circuit circuit) {
    String chosen = progress.choices().get(circuit.key());
    return chosen == null ? PumpVariant.OVERHAUL : PumpVariant.valueOf(chosen);
  }

  public DescaleVariant descaleVariant(Circuit circuit) {
    String chosen = progress.choices().get(circuit.key());
    return chosen == null ? DescaleVariant.usual(boat(), circuit) : DescaleVariant.valueOf(chosen);
  }
}
