package elsko.core.boat;

import static elsko.core.boat.DrainArrangement.FOUR_DRAINS_ONE_SENSOR;
import static elsko.core.boat.DrainArrangement.ONE_CENTRAL_DRAIN;

import java.util.ArrayList;
import java.util.List;

/**
 * The template of a petrol V8 sterndrive whose raw water runs through the block. Volumes in liters
 * are the usual case: intake hose 1.0, pump 0.3, fuel cooler 0.3, power-steering cooler 0.4,
 * recirculation hose 1.5, block 9.0 in two sides, manifolds 2 × 2.2, risers 2 × 0.8.
 */
final class SterndrivePetrolV8 {
  /** Key of its one circuit. */
  static final String ENGINE = "engine";

  private static final String PORT = "port";
  private static final String STARBOARD = "starboard";
  private static final String CENTRAL_DRAIN = "central-drain";

  private SterndrivePetrolV8() {}

  static Boat boat(BoatDescription description) {
    return new Boat(description, List.of(circuit(description)), fittings(description));
  }

  private static Circuit circuit(BoatDescription description) {
    boolean central = description.drains() == ONE_CENTRAL_DRAIN;
    List<PathPart> path =
        List.of(
            new Segment("intake-hose", "intake hose", SegmentKind.HOSE, 1.0, false),
            new Segment("pump", "raw-water pump", SegmentKind.PUMP, 0.3, false),
            new Segment("fuel-cooler", "fuel cooler", SegmentKind.COOLER, 0.3, false),
            new Segment("steering-cooler", "steering cooler", SegmentKind.COOLER, 0.4, false),
            new Segment("recirculation", "recirculation hose", SegmentKind.HOSE, 1.5, true),
            new Parallel(List.of(side(PORT), side(STARBOARD)), List.of(0.5, 0.5)));
    List<LowPoint> lowPoints = new ArrayList<>();
    for (String side : List.of(STARBOARD, PORT)) {
      lowPoints.add(drained("block-" + side, side + " block", central, List.of("block-" + side)));
      lowPoints.add(
          drained(
              "manifold-" + side,
              side + " manifold",
              central,
              List.of("manifold-" + side, "riser-" + side)));
    }
    lowPoints.add(
        new LowPoint(
            "recirculation",
            "recirculation hose",
            "recirculation-hose",
            List.of("recirculation"),
            "recirculation",
            false));
    lowPoints.add(
        new LowPoint(
            "pump",
            "pump and coolers",
            "pump-hose",
            List.of("intake-hose", "pump", "fuel-cooler", "steering-cooler"),
            "intake-hose",
            false));
    return new Circuit(
        ENGINE,
        "engine raw water",
        path,
        lowPoints,
        pourPoints(),
        drains(description.drains()),
        List.of(
            "manifold-hose-port",
            "manifold-hose-starboard",
            "recirculation-hose",
            "cooler-hose",
            "pump-hose"),
        central);
  }

  private static List<PathPart> side(String side) {
    return List.of(
        new Segment("block-" + side, side + " block", SegmentKind.BLOCK, 4.5, true),
        new Segment("manifold-" + side, side + " manifold", SegmentKind.MANIFOLD, 2.2, false),
        new Segment("riser-" + side, side + " riser", SegmentKind.RISER, 0.8, false));
  }

  private static LowPoint drained(String key, String name, boolean central, List<String> empties) {
    return new LowPoint(key, name, central ? CENTRAL_DRAIN : key + "-drain", empties, key, true);
  }

  private static List<String> drains(DrainArrangement arrangement) {
    return arrangement == ONE_CENTRAL_DRAIN
        ? List.of(CENTRAL_DRAIN)
        : List.of(
            "block-starboard-drain",
            "manifold-starboard-drain",
            "block-port-drain",
            "manifold-port-drain");
  }

  private static List<PourPoint> pourPoints() {
    double dry = 1 - Circuit.RESIDUE_AFTER_CLEAR_DRAIN;
    return List.of(
        new PourPoint(
            "recirculation-hose",
            "recirculation hose and block",
            List.of("recirculation", "block-port", "block-starboard"),
            10.5 * dry,
            "until it stands level in the hose"),
        new PourPoint(
            "manifold-hose-port",
            "port manifold",
            List.of("manifold-port", "riser-port"),
            3.0 * dry,
            "until it runs over the riser"),
        new PourPoint(
            "manifold-hose-starboard",
            "starboard manifold",
            List.of("manifold-starboard", "riser-starboard"),
            3.0 * dry,
            "until it runs over the riser"),
        new PourPoint(
            "cooler-hose",
            "fuel and steering coolers",
            List.of("fuel-cooler", "steering-cooler"),
            0.7 * dry,
            "until it comes back"),
        new PourPoint(
            "pump-hose",
            "pump and intake hose",
            List.of("intake-hose", "pump"),
            1.3 * dry,
            "it should stand on the impeller; running straight through makes the impeller due"));
  }

  private static List<Fitting> fittings(BoatDescription description) {
    List<Fitting> fittings = new ArrayList<>();
    fittings.add(
        new Fitting(
            "hull-plug", "hull plug", FittingKind.HULL_PLUG, "transom, low", "by hand", true));
    if (description.drains() == ONE_CENTRAL_DRAIN) {
      fittings.add(
          new Fitting(
              CENTRAL_DRAIN,
              "central drain",
              FittingKind.DRAIN_PLUG,
              "front of the engine, low",
              "by hand",
              false));
    } else {
      addFourDrains(fittings, description.drains() == FOUR_DRAINS_ONE_SENSOR);
    }
    addHoses(fittings);
    fittings.add(setBy("drive", "drive", FittingKind.DRIVE, "helm, trim switch"));
    fittings.add(setBy("battery", "battery switch", FittingKind.BATTERY_SWITCH, "engine bay"));
    fittings.add(setBy("bilge-pump", "bilge pump", FittingKind.BILGE_PUMP, "helm"));
    fittings.add(setBy("key", "key", FittingKind.KEY, ""));
    fittings.add(setBy("feed", "feed of the raw-water pump", FittingKind.FEED, "drive leg"));
    fittings.add(setBy("impeller", "impeller", FittingKind.IMPELLER, "raw-water pump"));
    fittings.add(setBy("belt", "belt of the raw-water pump", FittingKind.BELT, "front of engine"));
    fittings.add(setBy("spark-plugs", "spark plugs", FittingKind.SPARK_PLUGS, ""));
    fittings.add(setBy("exhaust-cover", "exhaust cover", FittingKind.EXHAUST_COVER, "transom"));
    fittings.add(setBy("cover", "cover", FittingKind.COVER, ""));
    return fittings;
  }

  private static void addFourDrains(List<Fitting> fittings, boolean starboardIsSensor) {
    if (starboardIsSensor) {
      fittings.add(
          new Fitting(
              "block-starboard-wire",
              "starboard sensor wire",
              FittingKind.SENSOR_WIRE,
              "on the threaded sensor, starboard block",
              "by hand",
              false));
    }
    for (String side : List.of(STARBOARD, PORT)) {
      boolean sensor = starboardIsSensor && side.equals(STARBOARD);
      fittings.add(
          new Fitting(
              "block-" + side + "-drain",
              side + " block drain",
              sensor ? FittingKind.THREADED_SENSOR : FittingKind.DRAIN_PLUG,
              side + " side of the block, low, aft of the mount",
              sensor ? "22 mm socket, deep" : "9/16 in socket",
              false));
      fittings.add(
          new Fitting(
              "manifold-" + side + "-drain",
              side + " manifold drain",
              FittingKind.DRAIN_PLUG,
              "under the " + side + " manifold, aft end",
              "by hand",
              false));
    }
  }

  private static void addHoses(List<Fitting> fittings) {
    String housing = "thermostat housing";
    String screwdriver = "screwdriver, pick";
    fittings.add(hose("recirculation-hose", "recirculation hose", housing, screwdriver, false));
    fittings.add(hose("manifold-hose-port", "port manifold hose", housing, screwdriver, false));
    fittings.add(
        hose("manifold-hose-starboard", "starboard manifold hose", housing, screwdriver, false));
    fittings.add(hose("cooler-hose", "cooler hose", housing, screwdriver, false));
    fittings.add(hose("pump-hose", "pump hose", housing + " side of the pump", screwdriver, true));
  }

  private static Fitting hose(
      String key, String name, String where, String tool, boolean belowWaterline) {
    return new Fitting(key, name, FittingKind.HOSE_END, where, tool, belowWaterline);
  }

  private static Fitting setBy(String key, String name, FittingKind kind, String where) {
    return new Fitting(key, name, kind, where, "", false);
  }
}
