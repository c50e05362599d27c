package elsko.core.boat.template;

import elsko.core.boat.description.DrainArrangement;
import elsko.core.boat.description.EnginePart;
import elsko.core.boat.description.FittedEngine;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.Parallel;
import elsko.core.boat.path.PathPart;
import elsko.core.boat.path.Segment;
import elsko.core.boat.path.SegmentKind;
import java.util.ArrayList;
import java.util.List;

/**
 * The hot end of a petrol engine whose raw water runs through the block: recirculation hose, block
 * in one or two sides, manifold and riser each. Liters: hose 1.5, block 9.0 in two sides, manifold
 * 2.2, riser 0.8.
 */
final class BlockSides {
  private static final List<String> BOTH = List.of("starboard", "port");

  private BlockSides() {}

  static void write(
      CircuitDraft circuit, FittedEngine engine, List<String> coolers, List<String> beforeBlock) {
    List<String> sides = engine.description().hasTwoRows() ? BOTH : List.of("");
    circuit.add(new Segment("recirculation", "recirculation hose", SegmentKind.HOSE, 1.5, true));
    if (sides.size() == 2) {
      circuit.path.add(new Parallel(List.of(side("port"), side("starboard")), List.of(0.5, 0.5)));
    } else {
      side("").forEach(part -> circuit.path.add(part));
    }
    lowPoints(circuit, engine.drains(), sides);
    hoses(circuit, engine, sides, coolers, beforeBlock);
  }

  private static List<PathPart> side(String side) {
    return List.of(
        new Segment(key("block", side), named(side, "block"), SegmentKind.BLOCK, 4.5, true),
        new Segment(
            key("manifold", side), named(side, "manifold"), SegmentKind.MANIFOLD, 2.2, false),
        new Segment(key("riser", side), named(side, "riser"), SegmentKind.RISER, 0.8, false));
  }

  private static void lowPoints(CircuitDraft circuit, DrainArrangement drains, List<String> sides) {
    boolean central = drains == DrainArrangement.ONE_CENTRAL_DRAIN;
    if (central) {
      circuit.central();
      circuit.fitting(
          "central-drain",
          "central drain",
          FittingKind.DRAIN_PLUG,
          "front of the engine, low",
          "by hand",
          false);
    }
    boolean oneSensor = drains == DrainArrangement.FOUR_DRAINS_ONE_SENSOR;
    if (oneSensor) {
      circuit.fitting(
          "block-starboard-wire",
          "starboard sensor wire",
          FittingKind.SENSOR_WIRE,
          "on the threaded sensor, starboard block",
          "by hand",
          false);
    }
    for (String side : sides) {
      boolean sensor = oneSensor && side.equals("starboard");
      String block = key("block", side);
      String manifold = key("manifold", side);
      if (central) {
        circuit.lowPoint(block, named(side, "block"), "central-drain", true, block);
        circuit.lowPoint(
            manifold, named(side, "manifold"), "central-drain", true, manifold, key("riser", side));
        continue;
      }
      String where = side.isEmpty() ? "" : side + " ";
      circuit.drain(
          block,
          named(side, "block"),
          sensor ? FittingKind.THREADED_SENSOR : FittingKind.DRAIN_PLUG,
          where + "side of the block, low, aft of the mount",
          sensor ? "22 mm socket, deep" : "9/16 in socket",
          block);
      circuit.drain(
          manifold,
          named(side, "manifold"),
          FittingKind.DRAIN_PLUG,
          "under the " + where + "manifold, aft end",
          "by hand",
          manifold,
          key("riser", side));
    }
  }

  private static void hoses(
      CircuitDraft circuit,
      FittedEngine engine,
      List<String> sides,
      List<String> coolers,
      List<String> beforePump) {
    String housing = "thermostat housing";
    circuit.hose("recirculation-hose", "recirculation hose", housing, false);
    circuit.lowPoint(
        "recirculation", "recirculation hose", "recirculation-hose", false, "recirculation");
    if (!engine.has(EnginePart.THERMOSTAT_HOUSING)) {
      return;
    }
    List<String> block = new ArrayList<>(List.of("recirculation"));
    List<String> inOrder = sides.size() == 2 ? List.of("port", "starboard") : sides;
    inOrder.forEach(side -> block.add(key("block", side)));
    circuit.pour(
        "recirculation-hose",
        "recirculation hose and block",
        "until it stands level in the hose",
        block.toArray(String[]::new));
    for (String side : inOrder) {
      circuit.hose(key("manifold-hose", side), named(side, "manifold hose"), housing, false);
      circuit.pour(
          key("manifold-hose", side),
          named(side, "manifold"),
          "until it runs over the riser",
          key("manifold", side),
          key("riser", side));
    }
    if (!coolers.isEmpty()) {
      circuit.hose("cooler-hose", "cooler hose", housing, false);
      circuit.pour("cooler-hose", "coolers", "until it comes back", coolers.toArray(String[]::new));
    }
    circuit.pour(
        CircuitDraft.PUMP_HOSE,
        "pump and intake hose",
        "it should stand on the impeller; running straight through makes the impeller due",
        beforePump.toArray(String[]::new));
  }

  private static String key(String what, String side) {
    return side.isEmpty() ? what : what + "-" + side;
  }

  private static String named(String side, String what) {
    return side.isEmpty() ? what : side + " " + what;
  }
}
