package elsko.core.procedure.winterize;

import static elsko.core.boat.path.FittingState.*;

import elsko.core.Words;
import elsko.core.boat.path.Fitting;
import elsko.core.boat.path.LowPoint;
import elsko.core.boat.path.PourPoint;
import elsko.core.fluid.verdict.Remedy;
import elsko.core.fluid.verdict.RemedyKind;
import elsko.core.ledger.circuit.Failure;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.part.Cautions;
import elsko.core.procedure.part.LowPoints;
import elsko.core.procedure.request.Contributor;
import elsko.core.procedure.request.MufflerChoice;
import elsko.core.procedure.request.OnCircuit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Samples from every required low point; after each fill that came out short, its remedy and
 * samples again.
 */
public final class Prove implements Contributor {
  public static final String KEY = "prove";
  public static final String REMEDY = "remedy";

  @Override
  public List<Step> steps(OnCircuit on) {
    if (!on.method().fills()) {
      return List.of();
    }
    List<Step> steps = new ArrayList<>();
    String filled = on.key(on.fillsAtHoses() ? Pour.KEY : Draw.KEY);
    steps.add(
        prove(
            on,
            KEY,
            "Sample every low point",
            filled,
            on.key(PlugsBack.KEY),
            on.key(Pour.CLAMP),
            on.key(MufflerDry.KEY)));
    int round = 1;
    for (Failure failure : on.state().failures()) {
      String remedy = REMEDY + "-" + round;
      String before = round == 1 ? KEY : KEY + "-" + round;
      steps.add(remedy(on, remedy, failure, on.key(before)));
      round++;
      steps.add(prove(on, KEY + "-" + round, "Sample every low point again", on.key(remedy)));
    }
    return steps;
  }

  private static Step prove(OnCircuit on, String key, String title, String... after) {
    List<Ask> asks = new ArrayList<>();
    asks.add(new Ask.Jug("undiluted jug", on.circuit().key()));
    for (LowPoint point : filledPoints(on)) {
      asks.add(new Ask.Sample(point.name(), point.key(), drainOf(on, point)));
    }
    return on.step(key, title)
        .how(
            "One clean bottle each, labelled before the drain is opened. A few centiliters do. Drain"
                + " back IN at once. Let it cool, read it against the jug of the same lot."
                + (on.circuit().centralDrain()
                    ? " At the central drain pinch the other three hoses so that one side runs alone."
                    : ""))
        .why(
            "Color at the exhaust proves nothing. Only a measured sample from the low point says what"
                + " stands there.")
        .tools(List.of("bottles and labels", "instrument, zero checked today"))
        .hazards(Cautions.CATCH)
        .asks(asks)
        .after(after)
        .minutes(5 + 3 * filledPoints(on).size())
        .written();
  }

  /** The required low points the fill gets to; the others were drained, looked at, and stay dry. */
  private static List<LowPoint> filledPoints(OnCircuit on) {
    Set<String> reached =
        on.fillsAtHoses()
            ? on.circuit().pourPoints().stream()
                .flatMap(pour -> pour.fills().stream())
                .collect(Collectors.toSet())
            : on.boat().drawReaches(on.circuit());
    return on.circuit().requiredLowPoints().stream()
        .filter(point -> reached.contains(point.segment()))
        .filter(point -> !MufflerChoice.isChosen(on) || !point.equals(on.circuit().mufflerDrain()))
        .toList();
  }

  /** The drain a bottle is filled at; null where a joint is slackened, or the place is dipped. */
  private static String drainOf(OnCircuit on, LowPoint point) {
    if (point.opens() == null) {
      return null;
    }
    Fitting fitting = on.boat().fitting(point.opens());
    return fitting.kind().isDrain() ? fitting.key() : null;
  }

  private static Step remedy(OnCircuit on, String key, Failure failure, String before) {
    List<Ask> asks = new ArrayList<>();
    Map<String, Double> pours = new LinkedHashMap<>();
    double drawn = 0;
    List<String> shorts = new ArrayList<>();
    for (Failure.Short point : failure.points()) {
      LowPoint low = on.boat().lowPoint(point.lowPoint());
      shorts.add(low.name());
      Remedy remedy = point.remedy();
      boolean drainAgain = remedy == null || remedy.kind() == RemedyKind.DRAIN_AND_REFILL;
      if (drainAgain) {
        drainAgain(on, low, asks);
      }
      double own = on.circuit().segment(low.segment()).liters();
      double liters = remedy == null ? own : remedy.litersFromTank();
      PourPoint pour = pourPointOf(on, low.segment());
      if (pour != null && (drainAgain || on.fillsAtHoses())) {
        pours.merge(pour.hose(), liters, Double::sum);
      } else {
        drawn = Math.max(drawn, drainAgain ? Draw.liters(on) : liters);
      }
    }
    pours.forEach((hose, liters) -> asks.addAll(refill(on, hose, liters)));
    if (drawn > 0) {
      asks.addAll(Draw.asks(on, drawn, false));
    }
    return on.step(key, "Fix: " + Words.list(shorts))
        .how("Do what the samples call for, then sample every low point again.")
        .why(
            "A point that is short was left with water in it. More of the same color on top does not"
                + " show whether it is gone.")
        .tools(on.toolsFor(on.circuit().drains()))
        .hazards(drawn > 0 && on.isEngine() ? Cautions.start(on) : List.of())
        .hazards(Cautions.CATCH)
        .asks(asks)
        .after(before)
        .minutes(20)
        .written();
  }

  private static void drainAgain(OnCircuit on, LowPoint low, List<Ask> asks) {
    asks.add(LowPoints.open(on, low));
    if (low.opens() != null) {
      asks.add(LowPoints.close(on, low));
    }
  }

  private static List<Ask> refill(OnCircuit on, String hose, double liters) {
    String name = on.boat().fitting(hose).name();
    return List.of(
        new Ask.Set(name + " OFF", hose, OFF),
        new Ask.Fill("into the " + name, on.circuit().key(), hose, liters, ""),
        new Ask.Set(name + " clamped", hose, CLAMPED));
  }

  private static PourPoint pourPointOf(OnCircuit on, String segment) {
    return on.circuit().pourPoints().stream()
        .filter(point -> point.fills().contains(segment))
        .findFirst()
        .orElse(null);
  }
}
