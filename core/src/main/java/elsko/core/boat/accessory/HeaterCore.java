package elsko.core.boat.accessory;

import static elsko.core.boat.path.SegmentKind.*;

import elsko.core.boat.description.Accessory;
import elsko.core.boat.path.CircuitKind;
import elsko.core.boat.path.Method;
import elsko.core.boat.path.PocketKind;
import elsko.core.boat.path.Work.Piece;
import elsko.core.boat.template.CircuitDraft;

/** A cabin heater on the engine's water. It has no drain of its own. */
final class HeaterCore {
  private HeaterCore() {}

  static CircuitDraft written() {
    return Accessories.begun(Accessory.HEATER_CORE, CircuitKind.HEATER_CORE, "heater ")
        .methods(Method.DRY, Method.POUR)
        .holds("hoses", "hoses", HOSE, 1.0)
        .holds("core", "core", COOLER, 1.0)
        .pocket("core", PocketKind.HEATER_CORE)
        .hose("supply-hose", "supply hose", "engine end", false)
        .hose("return-hose", "return hose", "engine end", false)
        .lowPoint("core", "core", "return-hose", true, "core", "hoses")
        .pour("supply-hose", "supply hose", "until it runs from the return", "hoses", "core")
        .work(
            Piece.HOSES,
            "Take both hoses off and blow the core clear",
            "Both hoses off at the engine end; air at low pressure until no drop comes, or the core is filled.",
            "A heater core nobody listed is how boats crack: it has no drain of its own.")
        .work(
            Piece.POUR,
            "Fill the core",
            "Into the supply hose until it runs from the return.",
            null);
  }
}
