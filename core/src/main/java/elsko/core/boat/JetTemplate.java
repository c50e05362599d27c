package elsko.core.boat;

import java.util.Set;

/** A jet drive: cooler and manifold 1.5, muffler 2.0; engine port first, stern port second. */
final class JetTemplate implements EngineTemplate {
  @Override
  public Set<EnginePart> usual(EngineDescription engine) {
    return Set.of();
  }

  @Override
  public Set<EnginePart> possible(EngineDescription engine) {
    return Set.of(EnginePart.PORT_VALVE);
  }

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
