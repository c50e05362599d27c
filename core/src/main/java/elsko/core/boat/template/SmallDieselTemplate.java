package elsko.core.boat.template;

import static elsko.core.boat.description.EnginePart.*;

import elsko.core.boat.description.FittedEngine;
import elsko.core.boat.description.Layout;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.Method;
import elsko.core.boat.path.Segment;
import elsko.core.boat.path.SegmentKind;
import java.util.ArrayList;
import java.util.List;

/**
 * A small diesel on a saildrive or a shaft. Saildrive: leg passages 0.8, hose 0.8, strainer 0.6,
 * pump 0.2, exchanger 1.2, elbow 0.2, water lift 4.0. Shaft, raw water: hose 0.8, strainer 0.5,
 * pump 0.2, gearbox cooler 0.3, block 2.0, manifold 0.6, elbow 0.2, water lift 4.0.
 */
final class SmallDieselTemplate implements EngineTemplate {
  private final boolean onShaft;

  SmallDieselTemplate(boolean onShaft) {
    this.onShaft = onShaft;
  }

  @Override
  public void write(CircuitDraft circuit, FittedEngine engine) {
    boolean leg = engine.layout() == Layout.SAILDRIVE;
    Intake.fittings(circuit, engine, !leg);
    if (leg) {
      circuit.segment("leg", "leg passages", SegmentKind.LEG, 0.8);
      if (engine.has(SEACOCK)) {
        circuit.lowPoint("leg", "leg passages", "seacock", false, "leg");
      } else {
        circuit.lowPoint("leg", "leg passages", null, false, "leg");
      }
    }
    List<String> low = Intake.segments(circuit, engine, 0.8, leg ? 0.6 : 0.5);
    if (engine.has(TRANSMISSION_COOLER)) {
      low.add(
          circuit.segment("transmission-cooler", "gearbox cooler", SegmentKind.COOLER, 0.3).key());
    }
    low.add(circuit.segment("pump", "raw-water pump", SegmentKind.PUMP, 0.2).key());
    Intake.pumpHoseLow(circuit, "intake and pump", low);
    if (engine.isRawWater()) {
      block(circuit, engine, leg, low);
    } else {
      circuit.methods(Method.DRAW, Method.DRY, Method.DRAW_UNDRAINED);
      circuit.segment("exchanger", "heat exchanger", SegmentKind.EXCHANGER, 1.2);
      circuit.drain(
          "exchanger",
          "heat exchanger",
          FittingKind.DRAIN_PLUG,
          "end cap of the exchanger",
          "by hand",
          "exchanger");
    }
    circuit.segment("elbow", "mixing elbow", SegmentKind.ELBOW, 0.2);
    WaterLift.write(circuit, engine, 4.0, "elbow");
    if (!engine.liftsWater()) {
      circuit.lowPoint("elbow", "mixing elbow", null, false, "elbow");
    }
    Intake.feed(circuit, "seacock or strainer");
  }

  private static void block(
      CircuitDraft circuit, FittedEngine engine, boolean leg, List<String> low) {
    circuit.methods(Method.POUR, Method.DRAW, Method.DRY, Method.DRAW_UNDRAINED);
    circuit.add(new Segment("block", "block", SegmentKind.BLOCK, 2.0, true));
    circuit.segment("manifold", "manifold", SegmentKind.MANIFOLD, 0.6);
    circuit.drain(
        "block",
        "block",
        FittingKind.PETCOCK,
        "side of the block, low",
        "by hand",
        "block",
        "manifold");
    if (engine.has(THERMOSTAT_HOUSING)) {
      List<String> intake = new ArrayList<>(low);
      if (leg) {
        intake.add(0, "leg");
      }
      circuit.hose("thermostat-hose", "thermostat hose", "thermostat housing", false);
      circuit.hose("elbow-hose", "elbow hose", "mixing elbow", false);
      circuit.pour(
          "thermostat-hose", "block and manifold", "until it stands level", "block", "manifold");
      circuit.pour(
          "elbow-hose",
          "elbow and exhaust",
          "until color shows outside",
          engine.liftsWater() ? new String[] {"elbow", "water-lift"} : new String[] {"elbow"});
      circuit.pour(
          CircuitDraft.PUMP_HOSE,
          "pump and intake",
          "it should stand on the impeller; running straight through makes the impeller due",
          intake.toArray(String[]::new));
    }
  }
}
