package elsko.core.boat;

import elsko.core.boat.description.DrainArrangement;
import elsko.core.boat.description.EngineContradictions;
import elsko.core.boat.description.EngineDescription;
import elsko.core.boat.description.EngineKind;
import elsko.core.boat.description.EnginePart;
import elsko.core.boat.description.Exhaust;
import elsko.core.boat.description.FittedEngine;
import elsko.core.boat.description.Layout;
import elsko.core.boat.description.PowerClass;
import elsko.core.boat.description.PumpDrive;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.Method;
import elsko.core.boat.path.Position;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * What can be said of one engine, and what holds while nothing is said.
 *
 * @param exhaust as described, or the usual one
 * @param drains as described, or the usual arrangement
 * @param parts as described, or what is usually fitted
 * @param powerClass as described, or what it most likely is
 * @param methods the ways it can be winterized, the usual one first
 */
public record EngineChoices(
    Position position,
    List<Exhaust> exhausts,
    Exhaust exhaust,
    List<DrainArrangement> arrangements,
    DrainArrangement drains,
    Set<EnginePart> possibleParts,
    Set<EnginePart> parts,
    PumpDrive pumpDrive,
    PowerClass powerClass,
    List<Method> methods) {

  /** The choices for every engine of a boat, generator last. */
  public static List<EngineChoices> of(Boat boat) {
    Layout layout = boat.description().layout();
    return boat.engineCircuits().stream()
        .map(circuit -> of(layout, boat.engine(circuit), circuit))
        .toList();
  }

  private static EngineChoices of(Layout layout, EngineDescription engine, Circuit circuit) {
    FittedEngine fitted = FittedEngine.of(layout, engine);
    return new EngineChoices(
        engine.position(),
        EngineContradictions.exhausts(layout, engine),
        fitted.exhaust(),
        DrainArrangement.of(layout, engine),
        fitted.drains(),
        inOrder(EngineKind.of(layout, engine).possible()),
        inOrder(fitted.parts()),
        fitted.pumpDrive(),
        PowerClass.of(engine),
        circuit.methods());
  }

  private static Set<EnginePart> inOrder(Set<EnginePart> parts) {
    return parts.isEmpty() ? Set.of() : EnumSet.copyOf(parts);
  }
}
