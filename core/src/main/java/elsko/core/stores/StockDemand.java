package elsko.core.stores;

import elsko.core.ledger.BoatState;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.fact.Procedure;
import elsko.core.limits.Interval;
import elsko.core.procedure.CardWriter;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.AskStatus;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.request.CardRequest;
import elsko.core.procedure.request.Choices;
import elsko.core.procedure.request.Practices;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;

/** Reads off a card what its open steps take from the shelf. */
public final class StockDemand {
  /** Antifreeze, ready to use, L. */
  public static final String ANTIFREEZE = "antifreeze";

  /** Descaler, mixed, L. */
  public static final String DESCALER = "descaler";

  private StockDemand() {}

  /**
   * What is still to be taken for a procedure on a boat.
   *
   * @param at now: where no card is open, it is written as it would be now
   */
  public static List<Wanted> of(
      BoatState state, Practices practices, Procedure procedure, Instant at) {
    CardProgress open = state.openCard(procedure);
    CardProgress progress =
        open == null
            ? CardProgress.openedNow(
                state, procedure, Choices.usual(state.boat(), procedure, practices), at)
            : open;
    List<Wanted> wanted = new ArrayList<>();
    for (Step step : CardWriter.write(new CardRequest(state, progress, practices)).steps()) {
      if (!progress.isSettled(step.key())) {
        AskStatus status = AskStatus.of(state, progress, step.key());
        step.asks().stream()
            .filter(ask -> !status.isAnswered(step, ask))
            .forEach(ask -> add(ask, step.key(), wanted));
      }
    }
    return wanted;
  }

  private static void add(Ask ask, String step, List<Wanted> wanted) {
    switch (ask) {
      case Ask.Fill fill -> wanted.add(new Wanted(ANTIFREEZE, fill.liters(), step));
      case Ask.Descale descale -> wanted.add(new Wanted(DESCALER, descale.liters(), step));
      case Ask.Service service -> {
        if (!Interval.of(service.item()).part().isEmpty()) {
          wanted.add(new Wanted(service.item(), 1, step));
        }
      }
      case Ask.Set set -> {}
      case Ask.Open open -> {}
      case Ask.Engine engine -> {}
      case Ask.Kick kick -> {}
      case Ask.Read read -> {}
      case Ask.See see -> {}
      case Ask.Pieces pieces -> {}
      case Ask.Catch caught -> {}
      case Ask.Disinfect disinfect -> {}
      case Ask.Pick pick -> {}
      case Ask.Count count -> {}
      case Ask.Jug jug -> {}
      case Ask.Sample sample -> {}
      case Ask.Coolant coolant -> {}
      case Ask.Frost frost -> {}
      case Ask.Oil oil -> {}
      case Ask.Remedy remedy -> {}
      case Ask.Photo photo -> {}
      case Ask.Complaints complaints -> {}
      case Ask.GiveUp given -> {}
      case Ask.Aboard aboard -> {}
      case Ask.Look look -> {}
      case Ask.Note note -> {}
      case Ask.Afloat afloat -> {}
    }
  }
}
