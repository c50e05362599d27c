package elsko.core.boat.template;

import elsko.core.boat.description.FittedEngine;
import elsko.core.boat.path.Method;
import elsko.core.boat.path.SegmentKind;

/** An outboard: leg and powerhead drain themselves when vertical; tilted, 0.5 stays in coolers. */
final class OutboardTemplate implements EngineTemplate {
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
