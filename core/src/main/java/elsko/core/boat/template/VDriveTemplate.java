package elsko.core.boat.template;

import static elsko.core.boat.description.EnginePart.*;

import elsko.core.boat.description.DrainArrangement;
import elsko.core.boat.description.FittedEngine;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.Method;
import elsko.core.boat.path.Parallel;
import elsko.core.boat.path.PathPart;
import elsko.core.boat.path.Segment;
import elsko.core.boat.path.SegmentKind;
import java.util.List;

/**
 * A V-drive inboard: strainer 0.6, V-drive cooler 0.5, transmission cooler 0.5, pump 0.3, then heat
 * exchanger 2.5, exhaust manifolds 2 × 1.5 and the crossover hose 0.8 between them, or the block.
 * The plugs change with the model year.
 */
final class VDriveTemplate implements EngineTemplate {
  @Override
  public void write(CircuitDraft circuit, FittedEngine engine) {
    boolean finger = engine.drains() == DrainArrangement.FINGER_PLUGS;
    Intake.fittings(circuit, engine, true);
    if (engine.has(STRAINER)) {
      strainer(circuit);
    }
    vDriveCooler(circuit, finger);
    if (engine.has(TRANSMISSION_COOLER)) {
      transmissionCooler(circuit, finger);
    }
    circuit.segment("pump", "raw-water pump", SegmentKind.PUMP, 0.3);
    circuit.hoseLow(
        "pump",
        "pump",
        CircuitDraft.PUMP_HOSE,
        "pump hose",
        "suction side of the pump",
        true,
        "pump");
    if (engine.isRawWater()) {
      circuit.methods(Method.POUR, Method.DRAW, Method.DRY, Method.DRAW_UNDRAINED);
      List<String> pourPump = new java.util.ArrayList<>();
      circuit.built().segments().forEach(segment -> pourPump.add(segment.key()));
      BlockSides.write(circuit, engine, List.of(), pourPump);
    } else {
      circuit.methods(Method.DRAW, Method.DRY, Method.DRAW_UNDRAINED);
      closed(circuit, finger);
    }
    if (engine.liftsWater()) {
      WaterLift.write(circuit, engine, 5.0);
    }
    Intake.feed(circuit, "hull intake");
  }

  private static void strainer(CircuitDraft circuit) {
    circuit.segment("strainer", "strainer", SegmentKind.STRAINER, 0.6);
    circuit.fitting(
        "hull-tee",
        "hull tee plug",
        FittingKind.DRAIN_PLUG,
        "tee at the hull intake",
        "by hand",
        false);
    circuit.lowPoint("hull-tee", "hull tee", "hull-tee", false, "strainer");
    circuit.fitting(
        "strainer-bowl",
        "strainer bowl plug",
        FittingKind.DRAIN_PLUG,
        "bottom of the strainer",
        "by hand",
        false);
    circuit.lowPoint("strainer", "strainer", "strainer-bowl", true, "strainer");
  }

  private static void vDriveCooler(CircuitDraft circuit, boolean finger) {
    circuit.segment("v-drive-cooler", "V-drive cooler", SegmentKind.COOLER, 0.5);
    circuit.fitting(
        "v-drive-plug",
        finger ? "V-drive finger plug" : "V-drive plug",
        FittingKind.DRAIN_PLUG,
        "under the V-drive; seat and tray out",
        finger ? "by hand" : "1-1/16 in socket",
        false);
    circuit.lowPoint("v-drive-cooler", "V-drive cooler", "v-drive-plug", true, "v-drive-cooler");
  }

  private static void transmissionCooler(CircuitDraft circuit, boolean finger) {
    circuit.segment("transmission-cooler", "transmission cooler", SegmentKind.COOLER, 0.5);
    circuit.fitting(
        "transmission-cooler-plug",
        finger ? "remote hose plug of the transmission cooler" : "transmission-cooler plug",
        FittingKind.DRAIN_PLUG,
        finger
            ? "end of the remote hose, clipped beside the oil fill"
            : "from the side, with a lamp",
        finger ? "by hand" : "7/16 in socket",
        false);
    circuit.lowPoint(
        "transmission-cooler",
        "transmission cooler",
        "transmission-cooler-plug",
        true,
        "transmission-cooler");
  }

  private static void closed(CircuitDraft circuit, boolean finger) {
    circuit.segment("exchanger", "heat exchanger", SegmentKind.EXCHANGER, 2.5);
    circuit.fitting(
        "exchanger-plug",
        "heat-exchanger finger plug",
        FittingKind.DRAIN_PLUG,
        "end cap of the exchanger",
        "by hand",
        false);
    circuit.lowPoint("exchanger", "heat exchanger", "exchanger-plug", true, "exchanger");
    circuit.path.add(
        new Parallel(List.of(manifold("port"), manifold("starboard")), List.of(0.5, 0.5)));
    circuit.segment("crossover", "crossover hose", SegmentKind.HOSE, 0.8);
    if (finger) {
      circuit.hose("crossover-joint", "crossover hose joint", "lowest bend of the hose", false);
    } else {
      circuit.fitting(
          "crossover-plug",
          "crossover hose plug",
          FittingKind.DRAIN_PLUG,
          "lowest bend of the hose",
          "by hand",
          false);
    }
    circuit.lowPoint(
        "crossover",
        "crossover hose and manifolds",
        finger ? "crossover-joint" : "crossover-plug",
        true,
        "crossover",
        "manifold-port",
        "manifold-starboard");
  }

  private static List<PathPart> manifold(String side) {
    return List.of(
        new Segment("manifold-" + side, side + " manifold", SegmentKind.MANIFOLD, 1.5, false));
  }
}
