package elsko.core.boat.accessory;

import static elsko.core.boat.path.SegmentKind.*;

import elsko.core.boat.description.Accessory;
import elsko.core.boat.path.CircuitKind;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.Method;
import elsko.core.boat.path.Work.Piece;
import elsko.core.boat.template.CircuitDraft;

/** A well that sea water is pumped through. */
final class LiveWell {
  private LiveWell() {}

  static CircuitDraft written() {
    return Accessories.begun(Accessory.LIVE_WELL, CircuitKind.LIVE_WELL, "live-well ")
        .overboard()
        .methods(Method.DRY)
        .fitting("seacock", "seacock", FittingKind.SEACOCK, "live-well intake")
        .holds("pump", "pump and hose", PUMP, 1.2)
        .holds("well", "well", TANK, 40)
        .drain(
            "well",
            "bottom",
            FittingKind.DRAIN_PLUG,
            "bottom of the well",
            "by hand",
            "well",
            "pump")
        .work(Piece.DRAIN, "Drain the well", null, null);
  }
}
