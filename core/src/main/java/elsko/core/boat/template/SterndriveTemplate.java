package elsko.core.boat.template;

import static elsko.core.boat.description.EnginePart.*;

import elsko.core.boat.description.FittedEngine;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.Method;
import elsko.core.boat.path.Parallel;
import elsko.core.boat.path.PathPart;
import elsko.core.boat.path.Segment;
import elsko.core.boat.path.SegmentKind;
import java.util.ArrayList;
import java.util.List;

/**
 * A sterndrive: intake hose 1.0, pump 0.3, fuel cooler 0.3, steering cooler 0.4, then the block, or
 * a heat exchanger of 2.5 with manifolds of 2.2 and risers of 0.8.
 */
final class SterndriveTemplate implements EngineTemplate {
  @Override
  public void write(CircuitDraft circuit, FittedEngine engine) {
    Intake.fittings(circuit, engine, true);
    List<String> beforePump = Intake.segments(circuit, engine, 1.0, 0.6);
    beforePump.add(circuit.segment("pump", "raw-water pump", SegmentKind.PUMP, 0.3).key());
    List<String> coolers = coolers(circuit, engine);
    List<String> low = new ArrayList<>(beforePump);
    low.addAll(coolers);
    if (engine.isRawWater()) {
      circuit.methods(Method.POUR, Method.DRAW, Method.DRY, Method.DRAW_UNDRAINED);
      BlockSides.write(circuit, engine, coolers, beforePump);
    } else {
      circuit.methods(Method.DRAW, Method.DRY, Method.DRAW_UNDRAINED);
      closed(circuit, engine);
    }
    Intake.pumpHoseLow(circuit, coolers.isEmpty() ? "pump" : "pump and coolers", low);
    Intake.feed(circuit, "drive leg");
  }

  private static List<String> coolers(CircuitDraft circuit, FittedEngine engine) {
    List<String> coolers = new ArrayList<>();
    if (engine.has(OIL_COOLER)) {
      coolers.add(circuit.segment("oil-cooler", "oil cooler", SegmentKind.COOLER, 0.4).key());
    }
    if (engine.has(FUEL_COOLER)) {
      coolers.add(circuit.segment("fuel-cooler", "fuel cooler", SegmentKind.COOLER, 0.3).key());
    }
    if (engine.has(STEERING_COOLER)) {
      coolers.add(
          circuit.segment("steering-cooler", "steering cooler", SegmentKind.COOLER, 0.4).key());
    }
    return coolers;
  }

  private static void closed(CircuitDraft circuit, FittedEngine engine) {
    circuit.segment("exchanger", "heat exchanger", SegmentKind.EXCHANGER, 2.5);
    circuit.drain(
        "exchanger",
        "heat exchanger",
        FittingKind.DRAIN_PLUG,
        "end cap of the exchanger",
        "by hand",
        "exchanger");
    if (!engine.description().hasTwoRows()) {
      oneManifold(circuit);
      return;
    }
    List<List<PathPart>> branches = new ArrayList<>();
    for (String side : List.of("port", "starboard")) {
      branches.add(
          List.of(
              new Segment("manifold-" + side, side + " manifold", SegmentKind.MANIFOLD, 2.2, false),
              new Segment("riser-" + side, side + " riser", SegmentKind.RISER, 0.8, false)));
      manifoldDrain(circuit, "manifold-" + side, side + " manifold", "riser-" + side);
    }
    circuit.path.add(new Parallel(branches, List.of(0.5, 0.5)));
  }

  private static void oneManifold(CircuitDraft circuit) {
    circuit.segment("manifold", "manifold", SegmentKind.MANIFOLD, 2.2);
    circuit.segment("riser", "riser", SegmentKind.RISER, 0.8);
    manifoldDrain(circuit, "manifold", "manifold", "riser");
  }

  private static void manifoldDrain(
      CircuitDraft circuit, String manifold, String name, String riser) {
    circuit.drain(
        manifold,
        name,
        FittingKind.DRAIN_PLUG,
        "under the %s, aft end".formatted(name),
        "by hand",
        manifold,
        riser);
  }
}
