package elsko.core.boat.description;

import elsko.core.Refused;
import elsko.core.boat.path.Position;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * One engine as a person describes it.
 *
 * @param exhaust null for the usual one of its layout
 * @param drains null for the usual one of its layout
 * @param pumpDrive what turns the raw-water pump; null for the usual
 * @param parts what is fitted around it; null for what usually is
 */
public record EngineDescription(
    Position position,
    Fuel fuel,
    int cylinders,
    Cooling cooling,
    @Nullable Exhaust exhaust,
    @Nullable DrainArrangement drains,
    @Nullable PumpDrive pumpDrive,
    @Nullable Set<EnginePart> parts,
    EngineDetails details) {

  public EngineDescription {
    if (position == null) {
      throw Refused.value("position", "Say where the engine stands.");
    }
    if (fuel == null) {
      throw Refused.value("fuel", "Say whether it burns petrol or diesel.");
    }
    Refused.within("cylinders", cylinders, 1, 16, " cylinders");
    if (cooling == null) {
      throw Refused.value("cooling", "Say what cools the engine.");
    }
    parts = parts == null ? null : Set.copyOf(parts);
    details = details == null ? EngineDetails.NONE : details;
  }

  /** The usual engine of its kind at a position. */
  public static EngineDescription usual(
      Position position, Fuel fuel, int cylinders, Cooling cooling) {
    return new EngineDescription(
        position, fuel, cylinders, cooling, null, null, null, null, EngineDetails.NONE);
  }

  public EngineDescription with(DrainArrangement arrangement) {
    return new EngineDescription(
        position, fuel, cylinders, cooling, exhaust, arrangement, pumpDrive, parts, details);
  }

  public EngineDescription with(Exhaust other) {
    return new EngineDescription(
        position, fuel, cylinders, cooling, other, drains, pumpDrive, parts, details);
  }

  public EngineDescription with(Set<EnginePart> fitted) {
    return new EngineDescription(
        position, fuel, cylinders, cooling, exhaust, drains, pumpDrive, fitted, details);
  }

  public EngineDescription with(EngineDetails known) {
    return new EngineDescription(
        position, fuel, cylinders, cooling, exhaust, drains, pumpDrive, parts, known);
  }

  /** The same with its size: as it was described, else as its hull proposes. */
  public EngineDescription sizedFor(BoatDescription boat) {
    return details.powerClass() != null
        ? this
        : with(details.sized(PowerClass.proposed(this, boat.kind(), boat.hullLengthM())));
  }

  /** Two rows of cylinders, so two block sides and two manifolds. */
  public boolean hasTwoRows() {
    return fuel == Fuel.PETROL && cylinders >= 6;
  }
}
