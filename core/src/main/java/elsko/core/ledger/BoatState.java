package elsko.core.ledger;

import elsko.core.boat.Boat;
import elsko.core.boat.description.Accessory;
import elsko.core.boat.description.Answer;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.Fitting;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.Position;
import elsko.core.fluid.verdict.Need;
import elsko.core.ledger.circuit.CircuitState;
import elsko.core.ledger.circuit.Protection;
import elsko.core.ledger.engine.Due;
import elsko.core.ledger.engine.DueAtOnce;
import elsko.core.ledger.engine.EngineRun;
import elsko.core.ledger.engine.ServiceRecords;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Procedure;
import elsko.core.ledger.fact.ReadingStanding;
import elsko.core.ledger.fact.StartBasis;
import elsko.core.ledger.learned.DrainTrouble;
import elsko.core.ledger.learned.FittingPhoto;
import elsko.core.ledger.learned.Learned;
import elsko.core.limits.Call;
import elsko.core.limits.Judgement;
import elsko.core.limits.Limit;
import elsko.core.limits.Limits;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Everything that follows from a boat's log at one moment.
 *
 * @param berth null while it has none
 * @param running the engines that run, and on what they were started
 * @param runs how each engine's gauges went
 * @param kicked the engines that were kicked since their drains came out
 * @param inBay people recorded in the engine bay
 * @param aboard what somebody found to be there or not, by looking
 * @param services what the log says of all that falls due
 * @param backAt when it came back from its last trip; null when nobody said
 * @param lastRound before casting off; null when none was gone
 * @param descaled segments the last descale reached, by circuit key
 * @param cards oldest first
 * @param work what has to be done beside them, oldest first
 * @param complaints of its owner, settled ones too, oldest first
 * @param readings each as it was taken last
 * @param tags stops that stand, the oldest first
 * @param missingPieces of impellers, still somewhere in an engine
 * @param learned what the boat has taught of itself in earlier years
 * @param drainTrouble what low points gave trouble with in its last lay-ups before this one
 * @param photos by which fittings are found, one of each that has one
 * @param stays where it stood and how it was covered, oldest first
 * @param contradicted what came in late and does not go with the rest, until somebody says how it
 *     was; oldest first
 */
public record BoatState(
    Boat boat,
    Need need,
    Map<String, FittingStanding> fittings,
    List<CircuitState> circuits,
    BagState bag,
    UUID berth,
    String berthName,
    boolean afloat,
    Map<Position, StartBasis> running,
    Map<Position, EngineRun> runs,
    Set<Position> kicked,
    Set<String> inBay,
    Map<Accessory, Boolean> aboard,
    ServiceRecords services,
    Instant backAt,
    RoundStanding lastRound,
    Map<String, List<String>> descaled,
    List<CardProgress> cards,
    List<OpenWork> work,
    List<ComplaintStanding> complaints,
    List<ReadingStanding> readings,
    List<RedTag> tags,
    Map<Position, Integer> missingPieces,
    List<Learned> learned,
    List<DrainTrouble> drainTrouble,
    List<FittingPhoto> photos,
    List<Stay> stays,
    List<Entry> contradicted) {

  /** The same with other circuits and fittings. */
  public BoatState with(
      List<CircuitState> otherCircuits, Map<String, FittingStanding> otherFittings) {
    return copy(otherCircuits, otherFittings, running, cards);
  }

  /** The same as it is expected to stand later: fittings set otherwise, other engines running. */
  public BoatState expected(Map<String, FittingState> set, Map<Position, StartBasis> otherRunning) {
    Map<String, FittingStanding> otherFittings = new HashMap<>(fittings);
    set.forEach((key, to) -> otherFittings.put(key, FittingStanding.asked(boat.fitting(key), to)));
    return copy(circuits, otherFittings, otherRunning, cards);
  }

  private BoatState copy(
      List<CircuitState> otherCircuits,
      Map<String, FittingStanding> otherFittings,
      Map<Position, StartBasis> otherRunning,
      List<CardProgress> otherCards) {
    return new BoatState(
        boat,
        need,
        otherFittings,
        otherCircuits,
        bag,
        berth,
        berthName,
        afloat,
        otherRunning,
        runs,
        kicked,
        inBay,
        aboard,
        services,
        backAt,
        lastRound,
        descaled,
        otherCards,
        work,
        complaints,
        readings,
        tags,
        missingPieces,
        learned,
        drainTrouble,
        photos,
        stays,
        contradicted);
  }

  /** The same without what was entered on its cards, to be kept for every boat of a yard. */
  public BoatState withoutCards() {
    return copy(circuits, fittings, running, List.of());
  }

  /** The same without the circuits that are accepted as they are. */
  public BoatState notAccepted() {
    if (circuits.stream().allMatch(circuit -> circuit.accepted() == null)) {
      return this;
    }
    return with(circuits.stream().filter(circuit -> circuit.accepted() == null).toList(), fittings);
  }

  /** By which a fitting is found; null where nobody has taken one. */
  public @Nullable FittingPhoto photoOf(String fitting) {
    return photos.stream().filter(one -> one.fitting().equals(fitting)).findAny().orElse(null);
  }

  /** What is due before its date, and why. */
  public Map<Due, DueAtOnce> dueAtOnce() {
    return services.atOnce();
  }

  /** What was found aboard and is not in the description: nobody knows what is in it. */
  public List<Accessory> unlisted() {
    return Stream.of(Accessory.values())
        .filter(a -> Boolean.TRUE.equals(aboard.get(a)))
        .filter(a -> boat.description().has(a) == Answer.NO)
        .toList();
  }

  /** What nobody has answered, neither in the description nor by looking. */
  public List<Accessory> unanswered() {
    return Stream.of(Accessory.values())
        .filter(a -> boat.description().has(a) == Answer.UNKNOWN)
        .filter(a -> boat.hasCircuit(a.key()))
        .filter(a -> !Boolean.FALSE.equals(aboard.get(a)))
        .toList();
  }

  /** The worst of its circuits, and of what was found aboard without being described. */
  public Protection protection() {
    if (!unlisted().isEmpty()) {
      return Protection.UNKNOWN;
    }
    return Protection.worstOf(circuits.stream().map(CircuitState::protection).toList());
  }

  /** The circuits in which whoever looked last for what frost did found ice or damage. */
  public List<CircuitState> brokenByFrost() {
    return circuits.stream()
        .filter(c -> c.history().found() != null && c.history().found().call() == Call.STOP)
        .toList();
  }

  /**
   * Whether water in a circuit would undo what is proven of it, filled or recorded empty, while
   * nobody has given that up. In spring it is meant to; and a card that drains it may still wet it
   * once more.
   */
  public boolean wouldBeUndoneByWater(Circuit circuit) {
    CircuitState now = circuit(circuit.key());
    if (now.givenUp() || openCard(Procedure.COMMISSION) != null) {
      return false;
    }
    return now.protection() == Protection.PROVEN
        || now.protection() == Protection.FILLED && now.unreached() == null
        || now.protection() == Protection.DRAINED && openCard(Procedure.WINTERIZE) == null;
  }

  public FittingStanding fitting(String key) {
    return fittings.get(boat.fitting(key).key());
  }

  public boolean is(Fitting fitting, FittingState state) {
    return fittings.get(fitting.key()).state() == state;
  }

  /** How a reading stands, by what is known of its engine now. */
  public Judgement judged(Fact.ReadingTaken read) {
    return limit(read.engine(), read.limit()).judge(read.value(), read.against());
  }

  /** A limit as it is for an engine, by what is known of it now. */
  public Limit limit(@Nullable Position said, String key) {
    Position engine = boat.engineMeant(said);
    return engine == null || !Limits.isPlateau(key)
        ? Limits.of(key)
        : runs.get(engine).limits().limit(boat.engine(boat.engineCircuit(engine)));
  }

  /** What it has taught of something; null where it has not, or is not gone by. */
  public @Nullable Learned learned(Learned.Kind kind, String about) {
    return learned.stream()
        .filter(one -> one.kind() == kind && one.about().equals(about) && one.used())
        .findFirst()
        .orElse(null);
  }

  /** The red tag under which an engine is not started so; null where none stands. */
  public @Nullable RedTag tagAgainst(Position engine, StartBasis basis) {
    return tags.stream()
        .filter(tag -> tag.engine() == null || tag.engine() == engine)
        .filter(tag -> !tag.leavesOpen(basis))
        .findFirst()
        .orElse(null);
  }

  /** Fittings that are not in their in-commission state, in the order a person walks to them. */
  public List<FittingStanding> looseEnds() {
    return boat.fittings().stream()
        .map(fitting -> fittings.get(fitting.key()))
        .filter(FittingStanding::isLooseEnd)
        .toList();
  }

  public CircuitState circuit(String key) {
    for (CircuitState state : circuits) {
      if (state.circuit().key().equals(key)) {
        return state;
      }
    }
    throw new NoSuchElementException(key);
  }

  /** The card with this id, or null. */
  public CardProgress card(UUID id) {
    return cards.stream().filter(card -> card.card().equals(id)).findFirst().orElse(null);
  }

  /** Whether the sea can get into a path; one without a seacock counts as open. */
  public boolean isSeacockOpen(Circuit circuit) {
    List<Fitting> seacocks = boat.fittingsOf(circuit, FittingKind.SEACOCK);
    return seacocks.isEmpty() || seacocks.stream().anyMatch(f -> is(f, FittingState.OPEN));
  }

  /** The reading of this key on an engine ({@code null}: on the boat), as last taken; or null. */
  public ReadingStanding reading(Position engine, String key) {
    Position meant = boat.engineMeant(engine);
    return readings.stream()
        .filter(one -> one.engine() == meant && one.key().equals(key))
        .findFirst()
        .orElse(null);
  }

  /** The card of this procedure that is not closed, the newest should there be two; or null. */
  public CardProgress openCard(Procedure procedure) {
    return cards.stream()
        .filter(card -> card.procedure() == procedure && !card.isClosed())
        .reduce((first, second) -> second)
        .orElse(null);
  }
}
