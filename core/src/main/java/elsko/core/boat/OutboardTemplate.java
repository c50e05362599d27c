package elsko.core.boat;

import java.util.Set;

/** An outboard: leg and powerhead drain themselves when vertical; tilted, 0.5 stays in coolers. */
final class OutboardTemplate implements EngineTemplate {
  @Override
  public Set<EnginePart> usual(EngineDescription engine) {
    return Set.of(EnginePart.TAKES_MUFFS);
  }

  @Override
  public Set<EnginePart> possible(EngineDescription engine) {
    return Set.of(EnginePart.TAKES_MUFFS, EnginePart.QUICK_CONNECTOR);
  }

  @Override
  public void write(CircuitDraft circuit, FittedEngine engine) {
    circuit.methods(Method.DRY);
    circuit.drainsItself();
    Intake.fittings(circuit, engine, true);
    circuit.segment("leg", "leg and powerhead", SegmentKind.LEG, 0.5);
    circuit.lowPoint("leg", "leg and powerhead", "drive", false, "leg");
    Intake.feed(circuit, "leg");
  }
}
