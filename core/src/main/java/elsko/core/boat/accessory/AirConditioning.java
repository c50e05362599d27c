package elsko.core.boat.accessory;

import static elsko.core.boat.path.SegmentKind.*;

import elsko.core.boat.description.Accessory;
import elsko.core.boat.path.CircuitKind;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.Method;
import elsko.core.boat.path.Work.Piece;
import elsko.core.boat.template.CircuitDraft;

/** No engine pulls its water: its own pump does, and must be primed. */
final class AirConditioning {
  private AirConditioning() {}

  static CircuitDraft written() {
    return Accessories.begun(
            Accessory.AIR_CONDITIONING, CircuitKind.AIR_CONDITIONING, "air conditioning ")
        .overboard()
        .methods(Method.DRAW, Method.DRY)
        .fitting("seacock", "seacock", FittingKind.SEACOCK, "at the through-hull")
        .strainer(true)
        .holds("intake-hose", "intake hose", HOSE, 2.0)
        .holds("strainer", "strainer", STRAINER, 0.6)
        .holds("pump", "pump", PUMP, 0.3)
        .pumpHoseLow("intake and pump", "intake-hose", "strainer", "pump")
        .holds("condenser", "condenser", COOLER, 1.5)
        .holds("discharge", "discharge", HOSE, 1.5)
        .drain(
            "condenser",
            "condenser",
            FittingKind.DRAIN_PLUG,
            "low end of the condenser",
            "by hand",
            "condenser",
            "discharge")
        .fitting("feed", "feed of its pump", FittingKind.FEED, "strainer")
        .work(
            Piece.DRAIN,
            null,
            "Its power OFF. If a hole does not run, rod it: silt sits in front of the water.",
            null)
        .work(
            Piece.DRAW,
            "Let its own pump draw it through",
            "No engine pulls it: adapter on the strainer, strainer brim-full so that the pump is primed, then"
                + " the pump on until color runs steady overboard into the catch.",
            null);
  }
}
