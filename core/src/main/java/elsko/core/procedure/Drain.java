package elsko.core.procedure;

import elsko.core.boat.Circuit;
import elsko.core.boat.Fitting;
import elsko.core.boat.FittingKind;
import elsko.core.boat.FittingState;
import elsko.core.boat.LowPoint;
import java.util.ArrayList;
import java.util.List;

/**
 * Every low point opened, looked at and rodded until it runs; the plugs into the bag and counted.
 */
final class Drain implements Contributor {
  static final String KEY = "drain";
  static final String HOSES = "hoses-low";

  @Override
  public List<Step> steps(CardRequest request) {
    return List.of(drains(request), hosesLow(request));
  }

  private static Step drains(CardRequest request) {
    Circuit circuit = request.circuit();
    List<Ask> asks = new ArrayList<>();
    asks.add(
        new Ask.Set("battery OFF", request.only(FittingKind.BATTERY_SWITCH), FittingState.OFF));
    asks.add(
        new Ask.Set(
            "hull plug OUT, bagged", request.only(FittingKind.HULL_PLUG), FittingState.OUT_BAGGED));
    for (Fitting wire : request.boat().fittingsOf(FittingKind.SENSOR_WIRE)) {
      asks.add(new Ask.Set(wire.name() + " OFF", wire.key(), FittingState.OFF));
    }
    for (LowPoint point : circuit.lowPoints()) {
      if (circuit.drains().contains(point.opens())) {
        asks.add(open(request, point, FittingState.OUT_BAGGED));
      }
    }
    asks.add(new Ask.Count("plugs in the bag"));
    int count = circuit.drains().size();
    return Step.called(
            KEY,
            circuit.centralDrain()
                ? "Open the central drain"
                : "Open the %s drains, lowest first".formatted(count == 4 ? "four" : count))
        .how(
            circuit.centralDrain()
                ? "Drive down. All four low points run to one plug: watch each of its hoses run. One"
                    + " that does not run is rodded."
                : "Drive down. If a hole does not run, rod it: silt sits in front of the water.")
        .why(
            "Whatever stays behind dilutes the antifreeze, or freezes by itself. A hole that does"
                + " not run is blocked, not empty.")
        .tools(toolsFor(request, circuit.drains()))
        .hurts(
            "Water is hot for 30 minutes after a run. Keep hands from under the hole.",
            "Battery OFF while hands are in the bay.")
        .asks(asks)
        .after(WarmUp.KEY)
        .minutes(12)
        .written();
  }

  private static Step hosesLow(CardRequest request) {
    List<Ask> asks = new ArrayList<>();
    List<String> hoses = new ArrayList<>();
    for (LowPoint point : request.circuit().lowPoints()) {
      if (request.circuit().hoses().contains(point.opens())) {
        asks.add(open(request, point, FittingState.OFF));
        hoses.add(point.opens());
      }
    }
    return Step.called(HOSES, "Take two hoses off and hold them low")
        .how(
            "Break each loose by a twist, a pick and a little soapy water, never by pulling its end."
                + " Hold the end below the pump until nothing comes.")
        .why("Pump, coolers and the recirculation hose have no drain of their own.")
        .tools(toolsFor(request, hoses))
        .hurts("What runs out can still be hot.")
        .asks(asks)
        .after(WarmUp.KEY)
        .minutes(6)
        .written();
  }

  private static Ask open(CardRequest request, LowPoint point, FittingState to) {
    Circuit circuit = request.circuit();
    double liters =
        point.empties().stream().mapToDouble(key -> circuit.segment(key).liters()).sum();
    return new Ask.Open(point.name(), point.key(), point.opens(), to, liters);
  }

  static List<String> toolsFor(CardRequest request, List<String> fittings) {
    return fittings.stream()
        .map(key -> request.boat().fitting(key).tool())
        .filter(tool -> !tool.isEmpty())
        .distinct()
        .toList();
  }
}
