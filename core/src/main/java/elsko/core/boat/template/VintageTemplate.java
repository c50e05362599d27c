package elsko.core.boat.template;

import static elsko.core.boat.description.EnginePart.*;

import elsko.core.boat.description.FittedEngine;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.Method;
import elsko.core.boat.path.Segment;
import elsko.core.boat.path.SegmentKind;
import java.util.List;

/**
 * An old petrol inboard whose raw water runs through the block: hose 0.8, pump 0.3, block 4.5,
 * manifold 1.0, elbow 0.3, water lift 5.0. Petcocks; the flywheel can be turned by hand.
 */
final class VintageTemplate implements EngineTemplate {
  @Override
  public void write(CircuitDraft circuit, FittedEngine engine) {
    circuit.methods(Method.POUR, Method.DRAW, Method.DRY, Method.DRAW_UNDRAINED);
    Intake.fittings(circuit, engine, true);
    List<String> low = Intake.segments(circuit, engine, 0.8, 0.5);
    low.add(circuit.segment("pump", "raw-water pump", SegmentKind.PUMP, 0.3).key());
    Intake.pumpHoseLow(circuit, "intake and pump", low);
    circuit.add(new Segment("block", "block", SegmentKind.BLOCK, 4.5, true));
    circuit.drain(
        "block", "block", FittingKind.PETCOCK, "side of the block, low", "by hand", "block");
    circuit.segment("manifold", "manifold", SegmentKind.MANIFOLD, 1.0);
    circuit.drain(
        "manifold", "manifold", FittingKind.PETCOCK, "under the manifold", "by hand", "manifold");
    circuit.segment("elbow", "elbow", SegmentKind.ELBOW, 0.3);
    WaterLift.write(circuit, engine, 5.0, "elbow");
    if (!engine.liftsWater()) {
      circuit.lowPoint("elbow", "elbow", null, false, "elbow");
    }
    if (engine.has(THERMOSTAT_HOUSING)) {
      circuit.hose("thermostat-hose", "thermostat hose", "thermostat housing", false);
      circuit.hose("manifold-hose", "manifold hose", "thermostat housing", false);
      circuit.pour("thermostat-hose", "block", "until it stands level", "block");
      circuit.pour(
          "manifold-hose",
          "manifold and exhaust",
          "until color shows outside",
          engine.liftsWater()
              ? new String[] {"manifold", "elbow", "water-lift"}
              : new String[] {"manifold", "elbow"});
      circuit.pour(
          CircuitDraft.PUMP_HOSE,
          "pump and intake",
          "it should stand on the impeller; running straight through makes the impeller due",
          low.toArray(String[]::new));
    }
    Intake.feed(circuit, "hull intake");
  }
}
