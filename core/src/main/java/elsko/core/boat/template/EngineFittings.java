package elsko.core.boat.template;

import elsko.core.boat.description.Cooling;
import elsko.core.boat.description.EngineDescription;
import elsko.core.boat.description.Exhaust;
import elsko.core.boat.description.FittedEngine;
import elsko.core.boat.description.Fuel;
import elsko.core.boat.description.Layout;
import elsko.core.boat.description.PumpDrive;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.Position;
import elsko.core.boat.path.SegmentKind;

/** What every engine has beside its water path. */
public final class EngineFittings {
  private EngineFittings() {}

  public static void write(CircuitDraft circuit, FittedEngine engine) {
    EngineDescription d = engine.description();
    boolean wet = d.cooling() != Cooling.AIR;
    if (engine.layout().hasDrive() && d.position() != Position.GENERATOR) {
      circuit.fitting("drive", "drive", FittingKind.DRIVE, "helm, trim switch");
    }
    circuit.fitting("battery", "battery switch", FittingKind.BATTERY_SWITCH, "engine bay");
    if (wet && hasRubberPump(engine)) {
      circuit.fitting("impeller", "impeller", FittingKind.IMPELLER, "raw-water pump");
      if (engine.pumpDrive() == PumpDrive.BELT) {
        circuit.fitting(
            "belt", "belt of the raw-water pump", FittingKind.BELT, "front of the engine");
      }
    }
    if (circuit.has(SegmentKind.EXCHANGER)) {
      circuit.fitting(
          "outlet-hose",
          "outlet hose of the exchanger",
          FittingKind.OUTLET_HOSE,
          "behind the heat exchanger",
          "screwdriver",
          false);
    }
    if (d.fuel() == Fuel.PETROL) {
      circuit.fitting("spark-plugs", "spark plugs", FittingKind.SPARK_PLUGS, "");
    }
    if (d.position() != Position.GENERATOR && engine.layout() == Layout.OUTBOARD) {
      return; // its exhaust leaves under water through the leg
    }
    circuit.fitting(
        "exhaust-cover",
        "exhaust cover",
        FittingKind.EXHAUST_COVER,
        engine.exhaust() == Exhaust.DRY ? "at the stack" : "transom");
    if (wet) {
      circuit.fitting("load-limit", "load limit", FittingKind.LOAD_LIMIT, "tag at the helm");
    }
  }

  private static boolean hasRubberPump(FittedEngine engine) {
    return engine.layout() != Layout.JET || engine.description().position() == Position.GENERATOR;
  }
}
