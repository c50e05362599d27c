package elsko.core.boat.template;

import static elsko.core.boat.description.EnginePart.*;

import elsko.core.boat.description.FittedEngine;
import elsko.core.boat.description.PowerClass;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.Method;
import elsko.core.boat.path.SegmentKind;
import java.util.List;

/**
 * A shaft inboard with a heat exchanger, petrol or diesel. What it holds goes by its power class.
 */
final class ShaftClosedTemplate implements EngineTemplate {
  /** Where a small one has an oil cooler all the same, L. */
  private static final double LEAST_COOLER = 0.3;

  @Override
  public void write(CircuitDraft circuit, FittedEngine engine) {
    PowerClass size = PowerClass.of(engine.description());
    circuit.methods(Method.DRAW, Method.DRY, Method.DRAW_UNDRAINED);
    Intake.fittings(circuit, engine, true);
    List<String> low = Intake.segments(circuit, engine, size.hose(), size.strainer());
    if (engine.has(TRANSMISSION_COOLER)) {
      low.add(
          circuit.segment("transmission-cooler", "gearbox cooler", SegmentKind.COOLER, 0.5).key());
    }
    low.add(circuit.segment("pump", "raw-water pump", SegmentKind.PUMP, size.pump()).key());
    if (engine.has(OIL_COOLER)) {
      double liters = size.cooler() > 0 ? size.cooler() : LEAST_COOLER;
      low.add(circuit.segment("oil-cooler", "oil cooler", SegmentKind.COOLER, liters).key());
    }
    if (engine.has(FUEL_COOLER)) {
      low.add(circuit.segment("fuel-cooler", "fuel cooler", SegmentKind.COOLER, 0.4).key());
    }
    Intake.pumpHoseLow(circuit, "intake, pump and coolers", low);
    circuit.segment("exchanger", "heat exchanger", SegmentKind.EXCHANGER, size.exchanger());
    circuit.segment("manifold", "manifold", SegmentKind.MANIFOLD, size.manifold());
    circuit.drain(
        "exchanger",
        "heat exchanger",
        FittingKind.DRAIN_PLUG,
        "end cap of the exchanger",
        "by hand",
        "exchanger",
        "manifold");
    circuit.segment("muffler", "muffler", SegmentKind.MUFFLER, engine.muffler(size.muffler()));
    circuit.drain(
        "muffler",
        "muffler",
        FittingKind.DRAIN_PLUG,
        "bottom of the muffler",
        "by hand",
        "muffler");
    WaterLift.separator(circuit, engine);
    Intake.feed(circuit, "seacock or strainer");
  }
}
