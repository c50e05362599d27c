package elsko.core.procedure.winterize;

import static elsko.core.boat.path.FittingState.*;

import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.CircuitKind;
import elsko.core.boat.path.Fitting;
import elsko.core.boat.path.FittingKind;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.part.Cautions;
import elsko.core.procedure.part.LowPoints;
import elsko.core.procedure.part.OneVisit;
import elsko.core.procedure.part.WarmUp;
import elsko.core.procedure.request.Contributor;
import elsko.core.procedure.request.OnCircuit;
import elsko.core.procedure.request.StepKey;
import java.util.ArrayList;
import java.util.List;

/**
 * Every low point opened, looked at and rodded until it runs; the plugs into the bag and counted.
 */
final class Drain implements Contributor {

  @Override
  public List<Step> steps(OnCircuit on) {
    List<Step> steps = new ArrayList<>();
    if (on.circuit().kind() == CircuitKind.SPECIALIST) {
      return steps;
    }
    List<Ask> drains = LowPoints.withADrain(on);
    if (!drains.isEmpty()) {
      steps.add(drains(on, drains));
    }
    List<Ask> hoses = LowPoints.withAHose(on);
    if (!hoses.isEmpty()) {
      steps.add(hosesLow(on, hoses, drains.isEmpty()));
    }
    return steps;
  }

  private static Step drains(OnCircuit on, List<Ask> opens) {
    Circuit circuit = on.circuit();
    List<Ask> asks = first(on);
    asks.addAll(opens);
    if (!circuit.drains().isEmpty()) {
      asks.add(new Ask.Count("plugs in the bag"));
    }
    return on.step(StepKey.DRAIN, DrainWords.title(on))
        .how(DrainWords.how(on))
        .why(DrainWords.why(on))
        .tools(on.toolsFor(circuit.drains()))
        .hazards(DrainWords.hazards(on))
        .asks(asks)
        .after(on.key(WarmUp.KEY))
        .elsewhere(on.isEngine() ? new OneVisit(on.request()).oilFirst(on) : null)
        .minutes(4 + 2 * opens.size())
        .written();
  }

  private static Step hosesLow(OnCircuit on, List<Ask> opens, boolean isFirst) {
    List<Ask> asks = isFirst ? first(on) : new ArrayList<>();
    asks.addAll(opens);
    return on.step(StepKey.HOSES, DrainWords.hosesTitle(on, opens))
        .how(DrainWords.hosesHow(on))
        .why(DrainWords.hosesWhy(on))
        .tools(on.toolsFor(on.circuit().hoses()))
        .hazards(on.isEngine() ? "What runs out can still be hot." : Cautions.CATCH)
        .asks(asks)
        .after(on.key(WarmUp.KEY))
        .minutes(2 + 2 * opens.size())
        .written();
  }

  /** What has to be right before anything is opened. */
  private static List<Ask> first(OnCircuit on) {
    List<Ask> asks = new ArrayList<>();
    if (on.request().state().afloat()) {
      on.all(FittingKind.SEACOCK).forEach(seacock -> asks.add(set(seacock, SHUT)));
    } else if (isFirstOnTheCard(on)) {
      on.boat().fittingsOf(FittingKind.HULL_PLUG).forEach(plug -> asks.add(set(plug, OUT_BAGGED)));
    }
    if (on.isEngine()) {
      on.all(FittingKind.BATTERY_SWITCH).forEach(battery -> asks.add(set(battery, OFF)));
    }
    on.all(FittingKind.HEATER_BYPASS).forEach(bypass -> asks.add(set(bypass, BYPASSED)));
    on.all(FittingKind.SENSOR_WIRE).forEach(wire -> asks.add(set(wire, OFF)));
    return asks;
  }

  /** The hull plug comes out with the first circuit, so that the bilge empties. */
  private static boolean isFirstOnTheCard(OnCircuit on) {
    return on.request().circuits().stream()
        .filter(c -> !c.circuit().methods().isEmpty())
        .filter(c -> c.circuit().kind() != CircuitKind.SPECIALIST)
        .filter(c -> !LowPoints.withADrain(c).isEmpty() || !LowPoints.withAHose(c).isEmpty())
        .findFirst()
        .filter(c -> c.circuit().key().equals(on.circuit().key()))
        .isPresent();
  }

  private static Ask set(Fitting fitting, elsko.core.boat.path.FittingState to) {
    return new Ask.Set(OnCircuit.words(fitting, to), fitting.key(), to);
  }
}
