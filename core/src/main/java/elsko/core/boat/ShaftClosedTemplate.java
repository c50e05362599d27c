package elsko.core.boat;

import static elsko.core.boat.EnginePart.*;

import java.util.List;
import java.util.Set;

/**
 * A shaft inboard with a heat exchanger, petrol or diesel: hose 2.0, strainer 1.5, pump 0.5, oil
 * cooler 0.8, exchanger 4.0, manifold 3.0, muffler 25.
 */
final class ShaftClosedTemplate implements EngineTemplate {
  @Override
  public Set<EnginePart> usual(EngineDescription engine) {
    return Set.of(SEACOCK, STRAINER, OIL_COOLER);
  }

  @Override
  public Set<EnginePart> possible(EngineDescription engine) {
    return Set.of(
        SEACOCK,
        STRAINER,
        OIL_COOLER,
        TRANSMISSION_COOLER,
        FUEL_COOLER,
        SIPHON_BREAK,
        FLUSH_TEE,
        BILGE_BRANCH,
        SEPARATOR,
        FACE_SEAL);
  }

  @Override
  public void write(CircuitDraft circuit, FittedEngine engine) {
    circuit.methods(Method.DRAW, Method.DRY, Method.DRAW_UNDRAINED);
    Intake.fittings(circuit, engine, true);
    List<String> low = Intake.segments(circuit, engine, 2.0, 1.5);
    if (engine.has(TRANSMISSION_COOLER)) {
      low.add(
          circuit.segment("transmission-cooler", "gearbox cooler", SegmentKind.COOLER, 0.5).key());
    }
    low.add(circuit.segment("pump", "raw-water pump", SegmentKind.PUMP, 0.5).key());
    if (engine.has(OIL_COOLER)) {
      low.add(circuit.segment("oil-cooler", "oil cooler", SegmentKind.COOLER, 0.8).key());
    }
    if (engine.has(FUEL_COOLER)) {
      low.add(circuit.segment("fuel-cooler", "fuel cooler", SegmentKind.COOLER, 0.4).key());
    }
    Intake.pumpHoseLow(circuit, "intake, pump and coolers", low);
    circuit.segment("exchanger", "heat exchanger", SegmentKind.EXCHANGER, 4.0);
    circuit.segment("manifold", "manifold", SegmentKind.MANIFOLD, 3.0);
    circuit.drain(
        "exchanger",
        "heat exchanger",
        FittingKind.DRAIN_PLUG,
        "end cap of the exchanger",
        "by hand",
        "exchanger",
        "manifold");
    circuit.segment("muffler", "muffler", SegmentKind.MUFFLER, 25);
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
