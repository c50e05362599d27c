package elsko.server.castoff;

import elsko.core.Units;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.Fitting;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.Position;
import elsko.core.castoff.GoNoGo;
import elsko.core.castoff.Part;
import elsko.core.castoff.Round;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.RoundStanding;
import elsko.core.ledger.decision.FlushDue;
import elsko.core.ledger.fact.RoundKind;
import elsko.core.procedure.card.Ask;
import elsko.core.trip.FuelFitted;
import elsko.server.text.ReadIn;
import elsko.server.work.view.AskView;
import elsko.server.work.view.AsksShown;
import elsko.server.work.view.ComplaintChoice;
import elsko.server.work.view.RedTagView;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * The round of one boat with all a device needs to go it without signal.
 *
 * @param standing what the log has against going, whatever is found
 * @param tags the stops that stand, and what lifts them
 * @param engines whose fuel counts, and what may run dry or hot
 * @param fuel null while nobody has described it
 * @param fuelVersion what a change of it is based on
 * @param flush why it is to be flushed; empty when it is not
 * @param complaints what its owner can complain of
 * @param units in which whoever goes it reads
 */
record RoundView(
    UUID boat,
    String name,
    RoundKind kind,
    List<RoundPart> parts,
    List<GoNoGo.Reason> standing,
    List<RedTagView> tags,
    List<RoundEngine> engines,
    @Nullable FuelFitted fuel,
    long fuelVersion,
    @Nullable RoundStanding lastRound,
    String flush,
    List<ComplaintChoice> complaints,
    Units units) {

  static RoundView of(
      UUID id,
      BoatState state,
      Round round,
      @Nullable FuelFitted fuel,
      long fuelVersion,
      Instant now) {
    return new RoundView(
        id,
        state.boat().name(),
        round.kind(),
        round.parts().stream().map(part -> RoundPart.of(state, part)).toList(),
        GoNoGo.standing(state, round),
        RedTagView.of(state),
        state.boat().engineCircuits().stream().map(RoundEngine::of).toList(),
        fuel,
        fuelVersion,
        state.lastRound(),
        FlushDue.words(state, now),
        ComplaintChoice.all(),
        ReadIn.units());
  }

  /** What is looked at together. */
  record RoundPart(
      Part.Phase phase,
      String key,
      String title,
      String how,
      List<String> hazards,
      List<RoundCheck> checks) {
    static RoundPart of(BoatState state, Part part) {
      return new RoundPart(
          part.phase(),
          part.key(),
          part.title(),
          part.how(),
          part.hazards(),
          part.asks().stream().map(ask -> RoundCheck.of(state, ask)).toList());
    }
  }

  /**
   * One thing to look at.
   *
   * @param fitting its name, where one is looked at; {@code otherwise} how it stands when it is not
   *     as it should be
   */
  record RoundCheck(
      AskView.RoundAsk ask,
      @Nullable String fitting,
      @Nullable FittingState otherwise,
      @Nullable String otherwiseWords) {
    static RoundCheck of(BoatState state, Ask.OnRound ask) {
      return switch (ask) {
        case Ask.Set set -> of(state, set);
        case Ask.See see -> new RoundCheck(AsksShown.of(state, see), null, null, null);
        case Ask.Read read -> new RoundCheck(AsksShown.of(state, read), null, null, null);
      };
    }

    private static RoundCheck of(BoatState state, Ask.Set set) {
      Fitting fitting = state.boat().fitting(set.fitting());
      FittingState otherwise =
          fitting.kind().states().stream().filter(one -> one != set.to()).findFirst().orElseThrow();
      return new RoundCheck(AsksShown.of(state, set), fitting.name(), otherwise, otherwise.words());
    }
  }

  /** An engine. */
  record RoundEngine(Position engine, String words) {
    static RoundEngine of(Circuit circuit) {
      return new RoundEngine(circuit.engine(), circuit.engine().words());
    }
  }
}
