package elsko.core.boat.accessory;

import static elsko.core.boat.path.SegmentKind.*;

import elsko.core.boat.description.Accessory;
import elsko.core.boat.path.CircuitKind;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.Method;
import elsko.core.boat.path.Work.Piece;
import elsko.core.boat.template.CircuitDraft;

/** Ballast tanks or bags with the pumps that fill and empty them. */
final class Ballast {
  private Ballast() {}

  static CircuitDraft written() {
    return Accessories.begun(Accessory.BALLAST, CircuitKind.BALLAST, "ballast ")
        .methods(Method.DRY)
        .fitting("seacock", "seacock", FittingKind.SEACOCK, "ballast intake")
        .holds("tanks", "tanks or bags", TANK, 300)
        .holds("pumps", "pumps and lines", PUMP, 2.5)
        .lowPoint("tanks", "tanks and pumps", null, false, "tanks", "pumps")
        .work(
            Piece.HOSES,
            "Run every emptying pump until dry",
            "Each pump until it runs dry, then its line held low.",
            "What the pumps leave stands in their housings and lines.");
  }
}
