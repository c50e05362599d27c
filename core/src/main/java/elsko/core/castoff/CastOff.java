package elsko.core.castoff;

import elsko.core.Refused;
import elsko.core.Words;
import elsko.core.boat.Boat;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.Fact;
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
   * @throws Refused while something is open and nothing found yet is a stop, or when an engine was
   *     started before everything was looked at
   */
  public static Fact.RoundDone ended(BoatState state, Round round, Answers answers, TripFuel fuel) {
    enginesCameLast(state.boat(), round, answers);
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

  private static void enginesCameLast(Boat boat, Round round, Answers answers) {
    boolean started =
        round.parts().stream()
            .filter(part -> part.phase() == Part.Phase.RUNNING)
            .flatMap(part -> part.asks().stream())
            .anyMatch(ask -> GoNoGo.isAnswered(boat, ask, answers));
    if (started && !GoNoGo.isAnswered(boat, round, answers, Part.Phase.STOPPED)) {
      throw Refused.state("answers", "First everything with the engines stopped, then a start.");
    }
  }
}
