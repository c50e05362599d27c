package elsko.server.work.view;

import elsko.core.boat.Boat;
import elsko.core.boat.EngineChoices;
import elsko.core.boat.description.Accessory;
import elsko.core.boat.description.BoatDescription;
import elsko.core.fluid.verdict.Need;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.Ledger;
import java.util.List;

/**
 * A boat as its description would write it out, before it is kept.
 *
 * @param unanswered accessories nobody has said yes or no to
 */
public record DraftView(
    BoatDescription description,
    List<EngineChoices> engines,
    List<BoatView.CircuitView> circuits,
    List<BoatView.FittingView> fittings,
    List<Accessory> unanswered) {

  public static DraftView of(BoatDescription description, Need need) {
    Boat boat = Boat.of(description);
    BoatState state = Ledger.fold(boat, need, List.of());
    return new DraftView(
        description,
        EngineChoices.of(boat),
        BoatView.circuits(state),
        BoatView.fittings(state),
        state.unanswered());
  }
}
