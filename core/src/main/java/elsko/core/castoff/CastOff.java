package elsko.core.castoff;

import elsko.core.Refused;
import elsko.core.Text;
import elsko.core.Words;
import elsko.core.boat.Boat;
import elsko.core.boat.path.Position;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.RedTag;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.StartBasis;
import elsko.core.ledger.fact.TagCause;
import elsko.core.procedure.card.Ask;
import elsko.core.trip.TripFuel;
import java.util.List;

/** Ends a round: its answers become one entry of the log, with go or no-go and why. */
public final class CastOff {
  private static final int MOST_NAMED = 3;

  private CastOff() {}

  /**
   * The entry a round comes to.
   *
   * @param fuel null while nobody has worked it out
   * @throws Refused when something was answered that the round does not ask for, while something is
   *     open and nothing found yet is a stop, or when an engine was started before everything was
   *     looked at
   */
  public static Fact.RoundDone ended(BoatState state, Round round, Answers answers, TripFuel fuel) {
    onlyWhatIsAsked(state.boat(), round, answers);
    enginesCameLast(state, round, answers);
    noRedTag(state, round, answers);
    GoNoGo result = GoNoGo.of(state, round, answers, fuel);
    if (!result.stops() && !result.open().isEmpty()) {
      List<String> open = result.open();
      String named =
          open.size() <= MOST_NAMED
              ? Words.list(open)
              : "%s and %d more"
                  .formatted(
                      String.join(", ", open.subList(0, MOST_NAMED)), open.size() - MOST_NAMED);
      throw Refused.state("answers", "Still open: %s.".formatted(named));
    }
    return new Fact.RoundDone(
        round.kind(),
        answers.set(),
        answers.seen(),
        answers.read(),
        result.go(),
        result.reasons().stream().map(GoNoGo.Reason::words).toList());
  }

  /** Whoever goes a round changes nothing else on the boat. */
  private static void onlyWhatIsAsked(Boat boat, Round round, Answers answers) {
    answers.set().forEach(set -> onlyAsked(round.asksFor(set), set.fitting()));
    answers.seen().forEach(seen -> onlyAsked(round.asksFor(boat, seen), seen.condition()));
    answers.read().forEach(read -> onlyAsked(round.asksFor(boat, read), read.limit()));
  }

  private static void onlyAsked(boolean asked, String what) {
    if (!asked) {
      throw Refused.value("answers", "This round does not ask for \"%s\".".formatted(what));
    }
  }

  /** What is read off a running engine says that it was started. */
  private static void noRedTag(BoatState state, Round round, Answers answers) {
    boolean stopFound =
        answers.seen().stream()
            .anyMatch(
                seen ->
                    TagCause.by(seen) != null && round.isAskedBeforeAnyStart(state.boat(), seen));
    for (Part part : round.parts()) {
      for (Ask.OnRound ask : part.asks()) {
        Position engine = state.boat().engineMeant(Round.engineOf(ask));
        RedTag tag =
            part.phase() != Part.Phase.RUNNING || engine == null
                ? null
                : state.tagAgainst(engine, StartBasis.AFLOAT);
        boolean ran = part.phase() == Part.Phase.RUNNING && GoNoGo.isAnswered(state, ask, answers);
        if (ran && (tag != null || stopFound)) {
          throw Refused.state(
              "answers",
              tag != null
                  ? tag.refusal()
                  : Text.of(
                      "A stop was found with the engines stopped: none is started before it is put"
                          + " right."));
        }
      }
    }
  }

  private static void enginesCameLast(BoatState state, Round round, Answers answers) {
    boolean started =
        round.parts().stream()
            .filter(part -> part.phase() == Part.Phase.RUNNING)
            .flatMap(part -> part.asks().stream())
            .anyMatch(ask -> GoNoGo.isAnswered(state, ask, answers));
    if (started && !GoNoGo.isAnswered(state, round, answers, Part.Phase.STOPPED)) {
      throw Refused.state("answers", "First everything with the engines stopped, then a start.");
    }
  }
}
