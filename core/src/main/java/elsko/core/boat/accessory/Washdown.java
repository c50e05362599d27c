package elsko.core.boat.accessory;

import static elsko.core.boat.path.SegmentKind.*;

import elsko.core.boat.description.Accessory;
import elsko.core.boat.path.CircuitKind;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.Method;
import elsko.core.boat.path.Work.Piece;
import elsko.core.boat.template.CircuitDraft;

/** A pump and a line to the nozzle that the deck is washed with. */
final class Washdown {
  private Washdown() {}

  static CircuitDraft written() {
    return Accessories.begun(Accessory.WASHDOWN, CircuitKind.WASHDOWN, "washdown ")
        .overboard()
        .methods(Method.DRY, Method.DRAW)
        .fitting("seacock", "seacock", FittingKind.SEACOCK, "washdown intake")
        .holds("intake-hose", "intake hose", HOSE, 0.5)
        .holds("pump", "pump", PUMP, 0.2)
        .holds("line", "line to the nozzle", HOSE, 1.5)
        .hoseLow(
            "intake",
            "intake and pump",
            "inlet-hose",
            "inlet hose",
            "at the pump",
            true,
            "intake-hose",
            "pump")
        .lowPoint("nozzle", "nozzle", null, true, "line")
        .pour(
            "inlet-hose",
            "inlet hose",
            "until color runs at the nozzle",
            "intake-hose",
            "pump",
            "line")
        .work(
            Piece.HOSES,
            "Empty pump and line",
            "Seacock SHUT, inlet hose off, nozzle open and low.",
            "Water stands in pump and lines after the tank is empty.")
        .work(
            Piece.POUR,
            "Pump antifreeze until color runs at the nozzle",
            "Inlet hose into the jug, nozzle open until color runs.",
            null);
  }
}
