package elsko.core.boat.accessory;

import static elsko.core.boat.path.SegmentKind.*;

import elsko.core.boat.description.Accessory;
import elsko.core.boat.path.CircuitKind;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.Method;
import elsko.core.boat.path.Work.Piece;
import elsko.core.boat.template.CircuitDraft;

/** The condenser of a refrigerator, cooled by sea water that a small pump of its own moves. */
final class RefrigeratorCondenser {
  private RefrigeratorCondenser() {}

  static CircuitDraft written() {
    return Accessories.begun(
            Accessory.REFRIGERATOR_CONDENSER, CircuitKind.REFRIGERATOR_CONDENSER, "refrigerator ")
        .overboard()
        .methods(Method.DRAW, Method.DRY)
        .fitting("seacock", "seacock", FittingKind.SEACOCK, "at the through-hull")
        .strainer(true)
        .holds("intake-hose", "intake hose", HOSE, 0.5)
        .holds("strainer", "strainer", STRAINER, 0.3)
        .holds("pump", "pump", PUMP, 0.1)
        .pumpHoseLow("intake and pump", "intake-hose", "strainer", "pump")
        .holds("condenser", "condenser", COOLER, 0.5)
        .holds("discharge", "discharge", HOSE, 0.5)
        .hose("discharge-hose", "discharge hose", "low end of the condenser", false)
        .lowPoint("condenser", "condenser", "discharge-hose", true, "condenser", "discharge")
        .fitting("feed", "feed of its pump", FittingKind.FEED, "strainer")
        .work(
            Piece.HOSES,
            null,
            "Refrigerator OFF at its breaker. Each hose off by a twist, never by pulling its end, and held"
                + " low until nothing comes. The refrigerant side stays closed.",
            null)
        .work(
            Piece.DRAW,
            "Let its own pump draw it through",
            "Adapter on the strainer, strainer brim-full so that the pump is primed, then the refrigerator on"
                + " until color runs steady overboard into the catch. Its pump runs only while it cools.",
            null);
  }
}
