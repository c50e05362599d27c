package elsko.core.procedure.layup;

import elsko.core.Words;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.fact.Procedure;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.card.StepOrder;
import elsko.core.procedure.request.CardRequest;
import elsko.core.procedure.request.OnCircuit;
import elsko.core.procedure.winterize.WinterizeCard;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Cylinders are oiled last of all: after whatever of the winterizing card still starts the engine.
 */
final class RunsToCome {
  private RunsToCome() {}

  /** Where winterizing still runs it: its cylinders are oiled after that. */
  static Step.@Nullable Elsewhere of(OnCircuit on) {
    CardRequest request = on.request();
    CardProgress winterizing = request.state().openCard(Procedure.WINTERIZE);
    if (winterizing == null) {
      return on.isLaidUp()
          ? null
          : Step.Elsewhere.of(
              Procedure.WINTERIZE,
              null,
              "It is not winterized yet. Where that starts it, oil its cylinders after it: last of all.");
    }
    List<Step> steps =
        new WinterizeCard()
            .steps(new CardRequest(request.state(), winterizing, request.practices()));
    List<String> runs =
        StepOrder.of(steps).stream()
            .filter(step -> !winterizing.isSettled(step.key()) && step.starts(on.engine()))
            .map(step -> "\"%s\"".formatted(step.title()))
            .toList();
    if (runs.isEmpty()) {
      return on.state().protection().isSafe()
          ? null
          : Step.Elsewhere.of(
              Procedure.WINTERIZE,
              null,
              "It is drained, filled and proven first: this comes last.");
    }
    return Step.Elsewhere.first(
        Procedure.WINTERIZE,
        "First %s, on the winterizing card: after its cylinders are oiled nothing starts it."
            .formatted(Words.list(runs)));
  }
}
