package elsko.core.boat.description;

import elsko.core.boat.path.Position;
import java.util.Set;

/** An engine with everything its description left to the usual case filled in. */
public record FittedEngine(
    EngineDescription description,
    Layout layout,
    Set<EnginePart> parts,
    Exhaust exhaust,
    DrainArrangement drains) {

  public static FittedEngine of(Layout layout, EngineDescription engine) {
    return new FittedEngine(
        engine,
        layout,
        engine.parts() == null ? EngineKind.of(layout, engine).usual(engine) : engine.parts(),
        engine.exhaust() == null
            ? EngineContradictions.exhausts(layout, engine).get(0)
            : engine.exhaust(),
        engine.drains() == null ? DrainArrangement.of(layout, engine).get(0) : engine.drains());
  }

  /** On a petrol sterndrive or V-drive the raw-water pump hangs on a belt; elsewhere on a gear. */
  public PumpDrive pumpDrive() {
    if (description.pumpDrive() != null) {
      return description.pumpDrive();
    }
    boolean onBelt =
        description.fuel() == Fuel.PETROL
            && description.position() != Position.GENERATOR
            && (layout == Layout.STERNDRIVE || layout == Layout.V_DRIVE);
    return onBelt ? PumpDrive.BELT : PumpDrive.GEAR;
  }

  /** What its muffler or water lift holds: as it was described, else as it usually does, L. */
  public double muffler(double usual) {
    Double known = description.details().mufflerLiters();
    return known == null ? usual : known;
  }

  public boolean has(EnginePart part) {
    return parts.contains(part);
  }

  public boolean isRawWater() {
    return description.cooling() == Cooling.RAW_WATER;
  }

  public boolean liftsWater() {
    return exhaust == Exhaust.WATER_LIFT;
  }
}
