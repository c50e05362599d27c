package elsko.core.boat.template;

import static elsko.core.boat.description.EnginePart.*;

import elsko.core.boat.description.FittedEngine;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.Method;
import elsko.core.boat.path.Segment;
import elsko.core.boat.path.SegmentKind;
import java.util.List;

/**
 * A generator: hose 1.0, strainer 0.6, pump 0.2, exchanger 1.0, elbow 0.2, water lift 5.0. Own
 * seacock and strainer: forgotten most often.
 */
final class GeneratorTemplate implements EngineTemplate {
  @Override
  public void write(CircuitDraft circuit, FittedEngine engine) {
    circuit.methods(Method.DRAW, Method.DRY, Method.DRAW_UNDRAINED);
    Intake.fittings(circuit, engine, true);
    List<String> low = Intake.segments(circuit, engine, 1.0, 0.6);
    low.add(circuit.segment("pump", "raw-water pump", SegmentKind.PUMP, 0.2).key());
    Intake.pumpHoseLow(circuit, "intake and pump", low);
    String core = engine.isRawWater() ? "block" : "exchanger";
    String coreName = engine.isRawWater() ? "block" : "heat exchanger";
    circuit.add(
        new Segment(
            core,
            coreName,
            engine.isRawWater() ? SegmentKind.BLOCK : SegmentKind.EXCHANGER,
            1.0,
            engine.isRawWater()));
    circuit.drain(
        core, coreName, FittingKind.DRAIN_PLUG, "low at the " + coreName, "by hand", core);
    circuit.segment("elbow", "mixing elbow", SegmentKind.ELBOW, 0.2);
    WaterLift.write(circuit, engine, 5.0, "elbow");
    if (!engine.liftsWater()) {
      circuit.lowPoint("elbow", "mixing elbow", null, false, "elbow");
    }
    Intake.feed(circuit, "seacock or strainer");
  }
}
