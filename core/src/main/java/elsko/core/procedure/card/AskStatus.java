package elsko.core.procedure.card;

import elsko.core.Text;
import elsko.core.fluid.verdict.Outcome;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.FittingStanding;
import elsko.core.ledger.circuit.CircuitState;
import elsko.core.ledger.circuit.PointState;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

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

  /** Whether an ask of a step is answered: by what was said at it, or by how the boat stands. */
  public boolean isAnswered(Step step, Ask ask) {
    return switch (ask) {
      case Ask.Set set -> isSet(step, set);
      case Ask.Pieces pieces ->
          !state.missingPieces().containsKey(state.boat().engineMeant(pieces.engine()));
      case Ask.Jug jug -> jugWasRead(jug, state.circuit(jug.circuit()));
      case Ask.Sample sample -> isSampled(sample.lowPoint());
      case Ask.Afloat afloat -> state.afloat();
      case Ask.Open open -> isSaid(open);
      case Ask.Engine engine -> isSaid(engine);
      case Ask.Kick kick -> isSaid(kick);
      case Ask.Read read -> isSaid(read);
      case Ask.See see -> isSaid(see);
      case Ask.Fill fill -> isSaid(fill);
      case Ask.Catch caught -> isSaid(caught);
      case Ask.Disinfect dose -> isSaid(dose);
      case Ask.Pick pick -> isSaid(pick);
      case Ask.Descale descale -> isSaid(descale);
      case Ask.Count count -> isSaid(count);
      case Ask.Coolant coolant -> isSaid(coolant);
      case Ask.Frost frost -> isSaid(frost);
      case Ask.Service service -> isSaid(service);
      case Ask.Oil oil -> isSaid(oil);
      case Ask.Remedy remedy -> isSaid(remedy);
      case Ask.Photo photo -> isSaid(photo);
      case Ask.Complaints complaints -> isSaid(complaints);
      case Ask.GiveUp given -> isSaid(given);
      case Ask.Aboard aboard -> isSaid(aboard);
      case Ask.Look look -> isSaid(look);
      case Ask.Note note -> isSaid(note);
    };
  }

  private boolean isSaid(Ask ask) {
    return Answers.of(state.boat(), ask).areGivenBy(said);
  }

  /**
   * Whether how a fitting stands decides, and nobody has to say it: it has not been said at this
   * step, it need not be looked at now, and the step sets it once.
   */
  public boolean restsOnStanding(Step step, Ask.Set set) {
    return !isSaid(set) && !set.now() && !isMovedTwice(step, set);
  }

  /**
   * What was found last at the step, by the key of its finding; null where nothing was looked at.
   */
  public String found(Ask.See see) {
    return last(see, Fact.ConditionSeen.class, Fact.ConditionSeen::finding);
  }

  /** The same of what frost did. */
  public String found(Ask.Frost frost) {
    return last(frost, Fact.FrostLooked.class, looked -> looked.found().key());
  }

  /** The number that was given last at the step, in words; null where there is none. */
  public @Nullable Text given(Ask ask) {
    Answers answers = Answers.of(state.boat(), ask);
    return said.reversed().stream()
        .filter(fact -> answers.areGivenBy(List.of(fact)))
        .findFirst()
        .map(GivenWords::of)
        .orElse(null);
  }

  private <T extends Fact> String last(Ask ask, Class<T> kind, Function<T, String> finding) {
    Answers answers = Answers.of(state.boat(), ask);
    return said.stream()
        .filter(fact -> answers.areGivenBy(List.of(fact)))
        .map(fact -> finding.apply(fact.as(kind)))
        .reduce((earlier, later) -> later)
        .orElse(null);
  }

  private boolean jugWasRead(Ask.Jug jug, CircuitState circuit) {
    return circuit.lot() == null ? isSaid(jug) : circuit.jugs().containsKey(circuit.lot().number());
  }

  private boolean isSet(Step step, Ask.Set set) {
    if (isSaid(set)) {
      return true;
    }
    return !set.now() && !(isMovedTwice(step, set) && movedBefore(step, set)) && stands(set);
  }

  private static Stream<Ask.Set> setsOf(Step step, String fitting) {
    return Ask.only(Ask.Set.class, step.asks()).filter(set -> set.fitting().equals(fitting));
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
}
