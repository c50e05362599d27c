package elsko.core.procedure.pump;

import elsko.core.ledger.fact.Procedure;
import elsko.core.limits.RoundConditions;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Card;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.part.Cautions;
import elsko.core.procedure.request.CardPlan;
import elsko.core.procedure.request.CardRequest;
import elsko.core.procedure.request.OnCircuit;
import elsko.core.procedure.request.PumpVariant;
import java.util.ArrayList;
import java.util.List;

/**
 * A raw-water pump opened, put right and tried: why it failed, the impeller, what it ran in, its
 * seals and shaft, and a run that proves it.
 */
public final class PumpCard implements CardPlan {
  @Override
  public List<Step> steps(CardRequest request) {
    List<Step> steps = new ArrayList<>();
    for (OnCircuit on : request.circuits()) {
      steps.addAll(new PumpOpened(on).steps());
      steps.addAll(new PumpBuiltUp(on).steps());
    }
    steps.add(accepted(request));
    return steps;
  }

  @Override
  public List<Card.Chosen> chosen(CardRequest request) {
    return request.circuits().stream()
        .map(
            on -> {
              PumpVariant variant = request.pumpVariant(on.circuit());
              boolean usual = variant == PumpVariant.OVERHAUL;
              return Card.Chosen.variant(on.circuit(), usual, variant.words(), variant.reason());
            })
        .toList();
  }

  private static Step accepted(CardRequest request) {
    List<Ask> asks = new ArrayList<>();
    for (OnCircuit on : request.circuits()) {
      asks.add(Ask.See.of(on.engine(), RoundConditions.WATER_LEAKS));
    }
    return Step.called(Procedure.PUMP.lastStep(), "Look along it once more, cooled down")
        .how(
            "Every joint that was opened, with a dry rag; the bilge under it. Then it is accepted.")
        .why("What drips cold was squeezed shut while it was warm.")
        .hazards(Cautions.STOPPED)
        .asks(asks)
        .minutes(4)
        .written();
  }
}
