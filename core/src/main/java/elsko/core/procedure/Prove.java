package elsko.core.procedure;

import elsko.core.Words;
import elsko.core.boat.Circuit;
import elsko.core.boat.FittingState;
import elsko.core.boat.LowPoint;
import elsko.core.boat.PourPoint;
import elsko.core.fluid.Remedy;
import elsko.core.fluid.RemedyKind;
import elsko.core.ledger.Failure;
import elsko.core.ledger.Method;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Samples from every required low point; after each fill that came out short, its remedy and
 * samples again.
 */
final class Prove implements Contributor {
  static final String KEY = "prove";
  static final String REMEDY = "remedy";

  @Override
  public List<Step> steps(CardRequest request) {
    if (request.method() == Method.DRY) {
      return List.of();
    }
    List<Step> steps = new ArrayList<>();
    String filled = request.method() == Method.DRAW ? Draw.KEY : Pour.KEY;
    steps.add(prove(request, KEY, "Sample every low point", filled, PlugsBack.KEY));
    int round = 1;
    for (Failure failure : request.circuitState().failures()) {
      String remedy = REMEDY + "-" + round;
      String before = round == 1 ? KEY : KEY + "-" + round;
      steps.add(remedy(request, remedy, failure, before));
      round++;
      steps.add(prove(request, KEY + "-" + round, "Sample every low point again", remedy));
    }
    return steps;
  }

  /** Key of the last sampling step, which closing waits for. */
  static String lastKey(CardRequest request) {
    int failures = request.circuitState().failures().size();
    return failures == 0 ? KEY : KEY + "-" + (failures + 1);
  }

  private static Step prove(CardRequest request, String key, String title, String... after) {
    Circuit circuit = request.circuit();
    List<Ask> asks = new ArrayList<>();
    asks.add(new Ask.Jug("undiluted jug", circuit.key()));
    for (LowPoint point : circuit.requiredLowPoints()) {
      asks.add(new Ask.Sample(point.name(), point.key(), point.opens()));
    }
    return Step.called(key, title)
        .how(
            "One clean bottle each, labelled before the drain is opened. A few centiliters do. Drain"
                + " back IN at once. Let it cool, read it against the jug of the same lot."
                + (circuit.centralDrain()
                    ? " At the central drain pinch the other three hoses so that one side runs alone."
                    : ""))
        .why(
            "Color at the exhaust proves nothing. Only a measured sample from the low point says what"
                + " stands there.")
        .tools(List.of("bottles and labels", "instrument, zero checked today"))
        .hurts("Catch what runs out; do not let it reach the water where rules forbid it.")
        .asks(asks)
        .after(after)
        .minutes(15)
        .written();
  }

  private static Step remedy(CardRequest request, String key, Failure failure, String before) {
    Map<String, Ask> asks = new LinkedHashMap<>();
    Map<String, Double> pours = new LinkedHashMap<>();
    double drawn = 0;
    List<String> shorts = new ArrayList<>();
    for (Failure.Short point : failure.points()) {
      LowPoint low = request.boat().lowPoint(point.lowPoint());
      shorts.add(low.name());
      Remedy remedy = point.remedy();
      if (remedy == null || remedy.kind() == RemedyKind.DRAIN_AND_REFILL) {
        drainAgain(request, low, asks);
        double own = request.circuit().segment(low.segment()).liters();
        pours.merge(
            pourPointOf(request, low.segment()).hose(),
            remedy == null ? own : remedy.litersFromTank(),
            Double::sum);
      } else if (request.method() == Method.DRAW) {
        drawn = Math.max(drawn, remedy.litersFromTank());
      } else {
        pours.merge(
            pourPointOf(request, low.segment()).hose(), remedy.litersFromTank(), Double::sum);
      }
    }
    List<Ask> all = new ArrayList<>(asks.values());
    pours.forEach((hose, liters) -> all.addAll(refill(request, hose, liters)));
    if (drawn > 0) {
      all.addAll(Draw.asks(request, drawn));
    }
    return Step.called(key, "Make it good: " + Words.list(shorts))
        .how("Do what the samples call for, then sample every low point again.")
        .why(
            "A point that is short was left with water in it. More of the same color on top does not"
                + " show whether it is gone.")
        .tools(Drain.toolsFor(request, request.circuit().drains()))
        .hurts("Catch what runs out; do not let it reach the water where rules forbid it.")
        .asks(all)
        .after(before)
        .minutes(20)
        .written();
  }

  private static void drainAgain(CardRequest request, LowPoint low, Map<String, Ask> asks) {
    String drain = request.boat().fitting(low.opens()).name();
    double liters = request.circuit().segment(low.segment()).liters();
    asks.put(
        "open " + low.key(),
        new Ask.Open(low.name(), low.key(), low.opens(), FittingState.OUT_BAGGED, liters));
    asks.put("in " + low.opens(), new Ask.Set(drain + " IN", low.opens(), FittingState.IN));
  }

  private static List<Ask> refill(CardRequest request, String hose, double liters) {
    String name = request.boat().fitting(hose).name();
    return List.of(
        new Ask.Set(name + " OFF", hose, FittingState.OFF),
        new Ask.Fill("into the " + name, request.circuit().key(), hose, liters, ""),
        new Ask.Set(name + " clamped", hose, FittingState.CLAMPED));
  }

  private static PourPoint pourPointOf(CardRequest request, String segment) {
    return request.circuit().pourPoints().stream()
        .filter(point -> point.fills().contains(segment))
        .findFirst()
        .orElseThrow();
  }
}
