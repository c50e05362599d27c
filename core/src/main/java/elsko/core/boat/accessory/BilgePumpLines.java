package elsko.core.boat.accessory;

import elsko.core.boat.description.Accessory;
import elsko.core.boat.path.CircuitKind;
import elsko.core.boat.path.Method;
import elsko.core.boat.path.SegmentKind;
import elsko.core.boat.path.Work.Piece;
import elsko.core.boat.template.CircuitDraft;

/** Lines of a bilge pump in which water stays. */
final class BilgePumpLines {
  private BilgePumpLines() {}

  static CircuitDraft written() {
    return Accessories.begun(Accessory.BILGE_PUMP_LINES, CircuitKind.BILGE_PUMP_LINES, "bilge ")
        .methods(Method.DRAW_UNDRAINED)
        .holds("lines", "pump and lines", SegmentKind.HOSE, 1.5)
        .lowPoint("lines", "pump well", null, true, "lines")
        .work(
            Piece.DRAW,
            "Leave a little antifreeze in the pump lines",
            "Bilge dry first. Pour it into the pump well and run the pump once.",
            null);
  }
}
