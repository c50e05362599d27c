package elsko.core.procedure;

import elsko.core.boat.Position;
import elsko.core.fluid.Outcome;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.CircuitState;
import elsko.core.ledger.Entry;
import elsko.core.ledger.Fact;
import elsko.core.ledger.FittingStanding;
import elsko.core.ledger.PointState;
import elsko.core.ledger.StartBasis;
import java.util.List;
import java.util.Objects;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * Whether what a step asks for has been given. What is already so need not be done again; what the
 * step itself recorded stays answered, even when a later step changes it back.
 */
public final class AskStatus {
  private final BoatState state;
  private final List<Fact> said;

  private AskStatus(BoatState state, List<Entry> entries) {
    this.state = state;
    this.said = entries.stream().map(Entry::fact).toList();
  }

  /** The status of one step's asks. */
  public static AskStatus of(BoatState state, CardProgress card, String step) {
    return new AskStatus(state, card.step(step).entries());
  }

  /** Whether all of a step's asks are answered, in the order they stand. */
  public boolean isAnswered(Step step, Ask ask) {
    return switch (ask) {
      case Ask.Set set -> isSet(step, set);
      case Ask.Open open ->
          wasSaid(Fact.LowPointSeen.class, seen -> seen.lowPoint().equals(open.lowPoint()));
      case Ask.Engine engine -> turned(engine);
      case Ask.Kick kick ->
          wasSaid(
              Fact.EngineStarted.class,
              started ->
                  started.basis() == StartBasis.KICK && only(started.engine()) == kick.engine());
      case Ask.Read read ->
          wasSaid(
                  Fact.ReadingTaken.class,
                  taken ->
                      taken.limit().equals(read.limit()) && same(taken.engine(), read.engine()))
              || wasSeen(read.instead(), read.engine());
      case Ask.See see -> wasSeen(see.condition(), see.engine());
      case Ask.Pieces pieces -> !state.missingPieces().containsKey(only(pieces.engine()));
      case Ask.Fill fill ->
          wasSaid(
              Fact.FluidUsed.class,
              used ->
                  used.circuit().equals(fill.circuit())
                      && Objects.equals(used.pourPoint(), fill.pourPoint()));
      case Ask.Catch caught ->
          wasSaid(Fact.FluidCaught.class, it -> it.circuit().equals(caught.circuit()));
      case Ask.Disinfect dose ->
          wasSaid(Fact.Disinfected.class, it -> it.circuit().equals(dose.circuit()));
      case Ask.Pick pick ->
          wasSaid(
              Fact.PartPicked.class,
              it -> it.item().equals(pick.item()) && same(it.engine(), pick.engine()));
      case Ask.Descale descale ->
          wasSaid(Fact.DescalerUsed.class, it -> it.circuit().equals(descale.circuit()));
      case Ask.Count count -> wasSaid(Fact.BagCounted.class, it -> true);
      case Ask.Jug jug -> jugWasRead(state.circuit(jug.circuit()));
      case Ask.Sample sample -> isSampled(sample.lowPoint());
      case Ask.Coolant coolant ->
          wasSaid(Fact.CoolantRead.class, it -> it.circuit().equals(coolant.circuit()));
      case Ask.Frost frost -> found(frost) != null;
      case Ask.Service service ->
          wasSaid(
              Fact.ServiceDone.class,
              it -> it.item().equals(service.item()) && same(it.engine(), service.engine()));
      case Ask.Aboard aboard ->
          wasSaid(Fact.AccessorySeen.class, it -> it.accessory() == aboard.accessory());
      case Ask.Look look -> look.circuits().stream().allMatch(one -> lookedAt(one, look));
      case Ask.Note note -> wasSaid(Fact.Noted.class, it -> true);
      case Ask.Afloat afloat -> state.afloat();
    };
  }

  /**
   * Whether how a fitting stands decides, and nobody has to say it: it has not been said at this
   * step, it need not be looked at now, and the step sets it once.
   */
  public boolean restsOnStanding(Step step, Ask.Set set) {
    return !isSaid(set) && !set.now() && !isMovedTwice(step, set);
  }

  /**
   * What was found last at the step, by the key of its finding; null where nothing is looked at.
   */
  public String found(Ask ask) {
    return switch (ask) {
      case Ask.See see -> found(see);
      case Ask.Frost frost -> found(frost);
      case Ask.Set set -> null;
      case Ask.Open open -> null;
      case Ask.Engine engine -> null;
      case Ask.Kick kick -> null;
      case Ask.Read read -> null;
      case Ask.Pieces pieces -> null;
      case Ask.Fill fill -> null;
      case Ask.Catch caught -> null;
      case Ask.Disinfect disinfect -> null;
      case Ask.Pick pick -> null;
      case Ask.Descale descale -> null;
      case Ask.Count count -> null;
      case Ask.Jug jug -> null;
      case Ask.Sample sample -> null;
      case Ask.Coolant coolant -> null;
      case Ask.Service service -> null;
      case Ask.Aboard aboard -> null;
      case Ask.Look look -> null;
      case Ask.Note note -> null;
      case Ask.Afloat afloat -> null;
    };
  }

  private String found(Ask.See see) {
    return said(Fact.ConditionSeen.class)
        .filter(seen -> isThat(seen, see.condition(), see.engine()))
        .map(Fact.ConditionSeen::finding)
        .reduce((earlier, later) -> later)
        .orElse(null);
  }

  private String found(Ask.Frost frost) {
    return said(Fact.FrostLooked.class)
        .filter(looked -> looked.circuit().equals(frost.circuit()))
        .map(looked -> looked.found().key())
        .reduce((earlier, later) -> later)
        .orElse(null);
  }

  private <T extends Fact> Stream<T> said(Class<T> kind) {
    return said.stream().filter(kind::isInstance).map(kind::cast);
  }

  private <T extends Fact> boolean wasSaid(Class<T> kind, Predicate<T> fits) {
    return said(kind).anyMatch(fits);
  }

  private boolean wasSeen(String condition, Position engine) {
    return wasSaid(Fact.ConditionSeen.class, seen -> isThat(seen, condition, engine));
  }

  private boolean isThat(Fact.ConditionSeen seen, String condition, Position engine) {
    return seen.condition().equals(condition) && same(seen.engine(), engine);
  }

  private boolean turned(Ask.Engine ask) {
    return ask.start()
        ? wasSaid(
            Fact.EngineStarted.class,
            started -> started.basis() != StartBasis.KICK && only(started.engine()) == ask.engine())
        : wasSaid(Fact.EngineStopped.class, stopped -> only(stopped.engine()) == ask.engine());
  }

  private boolean jugWasRead(CircuitState circuit) {
    return circuit.lot() == null
        ? wasSaid(Fact.JugRead.class, it -> true)
        : circuit.jugs().containsKey(circuit.lot().number());
  }

  private boolean lookedAt(String circuit, Ask.Look look) {
    return wasSaid(
        Fact.CircuitSeen.class,
        seen -> seen.circuit().equals(circuit) && seen.inService() == look.inService());
  }

  private boolean isSet(Step step, Ask.Set set) {
    if (isSaid(set)) {
      return true;
    }
    return !set.now() && !(isMovedTwice(step, set) && movedBefore(step, set)) && stands(set);
  }

  private boolean isSaid(Ask.Set set) {
    return wasSaid(
        Fact.FittingSet.class, it -> it.fitting().equals(set.fitting()) && it.state() == set.to());
  }

  private static Stream<Ask.Set> setsOf(Step step, String fitting) {
    return step.asks().stream()
        .filter(Ask.Set.class::isInstance)
        .map(Ask.Set.class::cast)
        .filter(set -> set.fitting().equals(fitting));
  }

  /** Such a fitting is not back because it has not been moved yet. */
  private static boolean isMovedTwice(Step step, Ask.Set set) {
    return setsOf(step, set.fitting()).count() > 1;
  }

  /** Whether another ask about the same fitting comes earlier in the step and is still open. */
  private boolean movedBefore(Step step, Ask.Set set) {
    return setsOf(step, set.fitting())
        .takeWhile(other -> other != set)
        .anyMatch(other -> !isSaid(other));
  }

  private boolean isSampled(String lowPoint) {
    PointState point =
        state.circuit(state.boat().circuitOfLowPoint(lowPoint).key()).point(lowPoint);
    return point.couldNot() != null
        || point.verdict() != null && point.verdict().outcome() != Outcome.RETAKE;
  }

  private boolean stands(Ask.Set set) {
    FittingStanding standing = state.fitting(set.fitting());
    return standing.state() == set.to() && !standing.forSample();
  }

  private Position only(Position named) {
    return state.boat().engineMeant(named);
  }

  private boolean same(Position one, Position other) {
    return only(one) == only(other);
  }
}
