package elsko.core.procedure;

import elsko.core.Words;
import elsko.core.boat.description.Accessory;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.CircuitKind;
import elsko.core.boat.path.FittingKind;
import elsko.core.ledger.fact.Procedure;
import elsko.core.limits.Limits;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.request.CardPlan;
import elsko.core.procedure.request.CardRequest;
import java.util.ArrayList;
import java.util.List;

/** The walk-round on arrival: readings, complaints, and what the boat really has. */
final class IntakeCard implements CardPlan {
  @Override
  public List<Step> steps(CardRequest request) {
    return List.of(arrival(request), circuits(request), water(request), decide());
  }

  private static Step arrival(CardRequest request) {
    List<Ask> asks = new ArrayList<>();
    for (Circuit circuit : request.boat().engineCircuits()) {
      asks.add(
          Ask.Read.of(circuit.engine().words() + " hours", circuit.engine(), Limits.ENGINE_HOURS));
    }
    asks.add(Ask.Read.of("fuel level", null, Limits.FUEL_LEVEL));
    asks.add(new Ask.Complaints("what the owner complains of"));
    asks.add(new Ask.Note("keys, covers, and the owner's own words"));
    return Step.called("arrival", "Walk round it")
        .how(
            "Hours, fuel, keys, covers. Ask what there is to complain of, and pick it, also when it is nothing:"
                + " its likely causes, what looking costs and the work stand on the boat's page then.")
        .why("What is not asked now is found in spring.")
        .asks(asks)
        .minutes(10)
        .written();
  }

  private static Step circuits(CardRequest request) {
    List<Ask> asks = new ArrayList<>();
    for (Accessory accessory : Accessory.values()) {
      asks.add(new Ask.Aboard(accessory.words(), accessory));
    }
    List<String> bare =
        request.boat().engineCircuits().stream()
            .filter(Circuit::isRawWater)
            .filter(c -> request.boat().fittingOf(c, FittingKind.SEACOCK) != null)
            .filter(c -> request.boat().fittingOf(c, FittingKind.STRAINER_LID) == null)
            .map(Circuit::name)
            .toList();
    String finding =
        bare.isEmpty()
            ? ""
            : " No strainer on %s: propose one between seacock and pump."
                .formatted(Words.list(bare));
    return Step.called("circuits", "Find every circuit on the hull")
        .how(
            "Follow every through-hull inward and open every locker. Say yes or no for each; the hull wins over"
                + " the papers."
                + finding)
        .why("An unlisted heater core or generator is how boats crack.")
        .asks(asks)
        .after("arrival")
        .minutes(12)
        .written();
  }

  private static Step water(CardRequest request) {
    List<String> wet =
        request.boat().circuits().stream()
            .filter(c -> !c.isDryBuilt() && c.kind() != CircuitKind.UNANSWERED)
            .map(Circuit::key)
            .toList();
    return Step.called("water", "Say what is in it")
        .how(
            "It came in from the water: everything that can hold water holds it, until somebody empties it.")
        .why("From now on the frost clock counts for it.")
        .asks(List.of(new Ask.Look("water in every circuit", wet, false)))
        .after("circuits")
        .minutes(2)
        .written();
  }

  private static Step decide() {
    return Step.called(Procedure.INTAKE.lastStep(), "Decide what is done to it")
        .how(
            "Methods, what is due, the owner's dates. What was found aboard and is not described is described"
                + " now.")
        .why("The cards that follow are written from this.")
        .asks(List.of(new Ask.Note("what was decided")))
        .minutes(5)
        .written();
  }
}
