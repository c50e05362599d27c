package elsko.core.ledger.fact;

import elsko.core.boat.Boat;
import elsko.core.boat.description.Cooling;
import elsko.core.boat.description.EngineDescription;
import elsko.core.boat.description.EnginePart;
import elsko.core.boat.description.Fuel;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.Position;
import elsko.core.boat.path.SegmentKind;
import elsko.core.limits.Interval;

/** What can fall due on an engine, from what it has. */
public final class FallsDue {
  private FallsDue() {}

  /** As it was described; most petrol engines with two rows have nothing to adjust. */
  private static boolean hasAdjustableValves(EngineDescription engine) {
    Boolean said = engine.details().adjustableValves();
    return said != null ? said : !engine.hasTwoRows();
  }

  /** Whether an interval is counted for the engine of this circuit. */
  public static boolean on(Boat boat, Circuit circuit, Interval interval) {
    EngineDescription engine = boat.engine(circuit);
    return switch (interval) {
      case ENGINE_OIL, FUEL_FILTER -> true;
      case VALVES -> hasAdjustableValves(engine);
      case GEAR_OIL -> circuit.engine() != Position.GENERATOR;
      case SPARK_PLUGS -> engine.fuel() == Fuel.PETROL;
      case IMPELLER, IMPELLER_LOOK, PUMP_SEALS ->
          !boat.fittingsOf(circuit, FittingKind.IMPELLER).isEmpty();
      case COOLANT -> engine.cooling() == Cooling.CLOSED;
      case ELBOW, ELBOW_REPLACED ->
          circuit.isRawWater()
              && (circuit.hasSegment(SegmentKind.ELBOW) || circuit.hasSegment(SegmentKind.RISER));
      case ANODES, DESCALE -> circuit.isRawWater();
      case SIPHON_BREAK -> boat.has(circuit, EnginePart.SIPHON_BREAK);
      case HOSES -> false;
    };
  }
}
