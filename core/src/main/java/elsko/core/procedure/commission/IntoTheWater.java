package elsko.core.procedure.commission;

import static elsko.core.boat.path.FittingState.*;

import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.CircuitKind;
import elsko.core.boat.path.Fitting;
import elsko.core.boat.path.FittingKind;
import elsko.core.ledger.fact.StartBasis;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.part.Cautions;
import elsko.core.procedure.part.LookOver;
import elsko.core.procedure.request.CardRequest;
import elsko.core.procedure.request.OnCircuit;
import elsko.core.procedure.request.Running;
import java.util.ArrayList;
import java.util.List;

/** Launch, the first start, the other seacocks. */
final class IntoTheWater {
  private IntoTheWater() {}

  static Step launch(CardRequest request) {
    List<Ask> asks = new ArrayList<>();
    for (Fitting seacock : request.boat().fittingsOf(FittingKind.SEACOCK)) {
      asks.add(new Ask.Set(seenShut(request, seacock), seacock.key(), SHUT, true));
    }
    for (Fitting pump : request.boat().fittingsOf(FittingKind.BILGE_PUMP)) {
      if (CommissionCard.isLoose(request, pump)) {
        asks.add(CommissionCard.back(pump));
      }
    }
    asks.add(new Ask.Afloat("launched"));
    return Step.called(CommissionCard.LAUNCH, "Launch")
        .how(
            "Every seacock checked SHUT today, worked once through. Then the lift crew launches; look below at once.")
        .why("Through an open seacock and an open hose a boat fills at the lift.")
        .hazards(
            "Flooding: a plug at hand, somebody below while it goes in.",
            "Boat on stands: lift crew only.")
        .asks(asks)
        .after(
            CommissionCard.PLUGS,
            CommissionCard.HOSES,
            CommissionCard.FITTED,
            CommissionCard.COVERS)
        .minutes(15)
        .people(2)
        .written();
  }

  /** Whoever looks at the seacock sees the key that was hung there in autumn. */
  private static String seenShut(CardRequest request, Fitting seacock) {
    boolean engines =
        request.boat().circuitOf(seacock).kind() == CircuitKind.RAW_WATER
            && request.boat().fittingsOf(FittingKind.KEY).stream()
                .anyMatch(key -> request.state().is(key, ON_SEACOCK));
    return seacock.name() + (engines ? " seen SHUT, the key on it" : " seen SHUT");
  }

  static Step start(OnCircuit on) {
    Fitting lid = on.the(FittingKind.STRAINER_LID);
    boolean seacock = on.has(FittingKind.SEACOCK);
    boolean primed = seacock && lid != null && !lid.belowWaterline();
    Running run = primed ? Running.of(on) : Running.throughTheSeacock(on);
    if (primed) {
      run.set(lid, OFF).set(lid, SEALED).start(StartBasis.PRIMED);
      run.set(FittingKind.SEACOCK, OPEN, "");
    } else {
      run.start(StartBasis.AFLOAT);
    }
    if (on.circuit().isRawWater()) {
      run.waterSeen();
    }
    LookOver.started(on).forEach(run::ask);
    if (on.circuit().isRawWater()) {
      run.plateau("gauge holds at");
    }
    LookOver.warm(on).forEach(run::ask);
    run.stop();
    String water =
        primed
            ? "Strainer above the waterline: fill it to the brim with the seacock SHUT, seal it, open the seacock as"
                + " the engine starts: the pump never runs dry. "
            : seacock ? "Open the seacock, watch, bleed at the strainer lid. " : "";
    return on.step(CommissionCard.START, "Start it and watch")
        .how(
            water
                + "Start, raise to about 1000 rpm so that the pump lifts. Water at the exhaust within a minute, or"
                + " stop. Warm up, watch the plateau, look for drips; engage both directions firmly below 850 rpm.")
        .why("Flow is proven at the exhaust; a normal gauge is no evidence of it.")
        .hazards(seacock ? List.of("One seacock at a time, watched.") : List.of())
        .hazards(Cautions.start(on))
        .asks(run.asks())
        .after(CommissionCard.LAUNCH, on.key(CommissionCard.OUT_INTO_A_CATCH))
        .minutes(20)
        .written();
  }

  /** Those that no engine draws through. */
  static Step seacocks(CardRequest request) {
    List<Ask> asks = new ArrayList<>();
    for (Fitting seacock : request.boat().fittingsOf(FittingKind.SEACOCK)) {
      Circuit circuit = request.boat().circuitOf(seacock);
      if (circuit.kind() != CircuitKind.RAW_WATER) {
        asks.add(CommissionCard.back(seacock));
      }
    }
    if (asks.isEmpty()) {
      return null;
    }
    return Step.called(CommissionCard.SEACOCKS, "Open the other seacocks, one at a time")
        .how("One, look, listen, the next. Prime the pumps that are not an engine's.")
        .why("A joint that leaks is found while only one is open.")
        .hazards("Flooding: a plug at hand; shut it again at the first drop.")
        .asks(asks)
        .after(CommissionCard.LAUNCH)
        .minutes(4 + 2 * asks.size())
        .written();
  }
}
