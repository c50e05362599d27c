package elsko.core.boat.template;

import elsko.core.boat.description.EnginePart;
import elsko.core.boat.description.FittedEngine;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.Method;
import elsko.core.boat.path.SegmentKind;

/** A jet drive: cooler and manifold 1.5, muffler 2.0; engine port first, stern port second. */
final class JetTemplate implements EngineTemplate {
  @Override
  public void write(CircuitDraft circuit, FittedEngine engine) {
    circuit.methods(Method.DRAW, Method.DRY, Method.DRAW_UNDRAINED);
    circuit.segment("cooler", "cooler and manifold", SegmentKind.COOLER, 1.5);
    circuit.segment("muffler", "muffler", SegmentKind.MUFFLER, engine.muffler(2.0));
    circuit.fitting(
        "engine-port", "engine flush port", FittingKind.FLUSH_PORT, "at the engine, capped");
    circuit.fitting(
        "stern-port",
        "stern flush port",
        FittingKind.FLUSH_PORT,
        engine.has(EnginePart.PORT_VALVE)
            ? "transom, with a valve reached from inside"
            : "transom, capped");
    circuit.lowPoint("cooler", "cooler and manifold", "engine-port", true, "cooler");
    circuit.lowPoint("muffler", "muffler", "stern-port", true, "muffler");
    Intake.feed(circuit, "engine flush port");
  }
}
