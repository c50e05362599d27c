package elsko.core.procedure.winterize;

import static elsko.core.boat.path.FittingState.*;

import elsko.core.boat.path.CircuitKind;
import elsko.core.boat.path.Fitting;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.LowPoint;
import elsko.core.ledger.fact.Procedure;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Card;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.part.Coolant;
import elsko.core.procedure.part.FrostLook;
import elsko.core.procedure.part.LowPoints;
import elsko.core.procedure.part.WarmUp;
import elsko.core.procedure.request.CardPlan;
import elsko.core.procedure.request.CardRequest;
import elsko.core.procedure.request.Choices;
import elsko.core.procedure.request.Contributor;
import elsko.core.procedure.request.OnCircuit;
import java.util.ArrayList;
import java.util.List;

/** Every circuit, one after another; then the boat is closed. */
public final class WinterizeCard implements CardPlan {
  private static final List<Contributor> OF_A_CIRCUIT =
      List.of(
          new WarmUp(),
          new Drain(),
          new CleanStrainer(),
          new Kick(),
          new PlugsBack(),
          new Pour(),
          new Draw(),
          new MufflerDry(),
          new Prove());

  @Override
  public List<Step> steps(CardRequest request) {
    List<Step> steps = new ArrayList<>();
    Step froze = FrostLook.whereItFroze(request);
    if (froze != null) {
      steps.add(froze);
    }
    Contributor coolant = new Coolant();
    Contributor specialist = new Specialist();
    // Coolant is read cold, so before any engine is warmed.
    request.circuits().forEach(on -> steps.addAll(coolant.steps(on)));
    for (OnCircuit on : request.circuits()) {
      steps.addAll(specialist.steps(on));
      if (isWorkedOn(on)) {
        OF_A_CIRCUIT.forEach(contributor -> steps.addAll(contributor.steps(on)));
      }
    }
    steps.add(close(request));
    return steps;
  }

  private static boolean isWorkedOn(OnCircuit on) {
    return !on.circuit().methods().isEmpty() && on.circuit().kind() != CircuitKind.SPECIALIST;
  }

  @Override
  public List<Card.Chosen> chosen(CardRequest request) {
    return request.circuits().stream()
        .filter(WinterizeCard::isWorkedOn)
        .map(
            on ->
                new Card.Chosen(
                    on.circuit().key(),
                    on.circuit().name(),
                    on.method().words(),
                    Choices.whose(request, on.circuit()),
                    Choices.reason(on.circuit(), on.method())))
        .toList();
  }

  @Override
  public List<Card.NotCovered> notCovered(CardRequest request) {
    List<Card.NotCovered> left = new ArrayList<>();
    for (OnCircuit on : request.circuits()) {
      if (on.circuit().kind() == CircuitKind.UNANSWERED) {
        left.add(
            new Card.NotCovered(
                on.circuit().key(),
                on.circuit().name(),
                "Unknown whether it is aboard: treated as wet until somebody looks."));
      }
      for (LowPoint point : on.circuit().lowPoints()) {
        if (LowPoints.runsOnlyAshore(on, point)) {
          left.add(
              new Card.NotCovered(
                  on.circuit().key(),
                  point.name(),
                  "Afloat the sea stands in it below the seacock. It drains only ashore."));
        }
      }
    }
    return left;
  }

  private static Step close(CardRequest request) {
    List<Ask> asks = new ArrayList<>();
    if (request.boat().fittings().stream().anyMatch(f -> f.kind().isBagged())) {
      asks.add(new Ask.Count("plugs in the bag on the wheel"));
    }
    boolean seacocks = !request.boat().fittingsOf(FittingKind.SEACOCK).isEmpty();
    set(request, asks, FittingKind.BATTERY_SWITCH, OFF);
    set(request, asks, FittingKind.SEACOCK, SHUT);
    set(request, asks, FittingKind.KEY, seacocks ? ON_SEACOCK : OFFICE);
    set(request, asks, FittingKind.EXHAUST_COVER, ON);
    set(request, asks, FittingKind.VENT_MESH, ON);
    set(request, asks, FittingKind.COVER, TARP);
    return Step.called(Procedure.WINTERIZE.lastStep(), "Close the boat")
        .how(
            "Hang the bag on the wheel with the helm tag: what is out, shut, filled with what, by whom,"
                + " and DO NOT START. Seacocks SHUT and tagged, the key hung on one. Covers on, mesh only"
                + " on tank and battery vents; dry canvas, ventilation, desiccant.")
        .why("In spring somebody else must see at one look how the boat was left.")
        .tools(List.of("bag", "helm tag", "tarp"))
        .hazards(
            "A fuel vent is never sealed.", "Boat on stands: nobody moves a stand; lift crew only.")
        .asks(asks)
        .minutes(15)
        .written();
  }

  private static void set(CardRequest request, List<Ask> asks, FittingKind kind, FittingState to) {
    for (Fitting fitting : request.boat().fittingsOf(kind)) {
      asks.add(new Ask.Set(OnCircuit.words(fitting, to), fitting.key(), to));
    }
  }
}
