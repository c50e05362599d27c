package elsko.core.boat.accessory;

import static elsko.core.boat.path.SegmentKind.*;

import elsko.core.boat.description.Accessory;
import elsko.core.boat.path.CircuitKind;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.Method;
import elsko.core.boat.path.Work.Piece;
import elsko.core.boat.template.CircuitDraft;

/** Heads with their pump, bowl and holding tank. */
final class Heads {
  private Heads() {}

  static CircuitDraft written() {
    return Accessories.begun(Accessory.HEADS, CircuitKind.HEADS, "heads ")
        .methods(Method.DRAW, Method.DRY)
        .fitting("seacock", "intake seacock", FittingKind.SEACOCK, "heads, forward")
        .fitting("outlet-seacock", "outlet seacock", FittingKind.SEACOCK, "heads, aft")
        .holds("intake-hose", "intake hose", HOSE, 0.5)
        .holds("pump", "pump", PUMP, 0.3)
        .hoseLow(
            "intake",
            "intake",
            "intake-hose",
            "intake hose",
            "at the heads pump",
            true,
            "intake-hose",
            "pump")
        .holds("bowl", "bowl and discharge", HOSE, 1.5)
        .lowPoint("bowl", "bowl", null, true, "bowl")
        .holds("holding-tank", "holding tank", TANK, 60)
        .lowPoint("holding-tank", "holding tank", null, true, "holding-tank")
        .pour(
            "intake-hose",
            "intake hose",
            "until color stands in the bowl and has run to the holding tank",
            "intake-hose",
            "pump",
            "bowl",
            "holding-tank")
        .work(
            Piece.HOSES,
            "Pump out the holding tank and empty the heads",
            "Holding tank pumped out at a station. Seacocks SHUT, bowl pumped dry, intake hose off at the"
                + " pump and held low.",
            "A full holding tank cannot be protected.")
        .work(
            Piece.POUR,
            "Pump antifreeze through to the holding tank",
            "By its maker's note. Intake hose into the jug; pump until color has passed the bowl.",
            null);
  }
}
