package elsko.core.procedure.winterize;

import static elsko.core.boat.path.FittingState.*;

import elsko.core.boat.path.FittingKind;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.part.Cautions;
import elsko.core.procedure.part.OpenLid;
import elsko.core.procedure.request.Contributor;
import elsko.core.procedure.request.OnCircuit;
import elsko.core.procedure.request.StepKey;
import java.util.ArrayList;
import java.util.List;

/** The strainer emptied, its basket cleaned, its lid back by hand. */
final class CleanStrainer implements Contributor {

  @Override
  public List<Step> steps(OnCircuit on) {
    if (!OpenLid.isCleaned(on)) {
      return List.of();
    }
    boolean open = OpenLid.staysOffForTheTank(on);
    List<Ask> asks = new ArrayList<>();
    asks.addAll(on.set(FittingKind.STRAINER_LID, OFF));
    asks.addAll(on.set(FittingKind.STRAINER_BASKET, OUT));
    if (!open) {
      asks.addAll(on.set(FittingKind.STRAINER_BASKET, IN));
      asks.addAll(on.set(FittingKind.STRAINER_SEAL, SEATED));
      asks.addAll(on.set(FittingKind.STRAINER_LID, SEALED));
    }
    return List.of(
        on.step(StepKey.STRAINER, "Empty and clean the strainer")
            .how(
                open
                    ? "Basket out and brushed, ring set aside in sight. Bail the housing dry. Lid and basket"
                        + " stay off: the tank's adapter goes on there."
                    : "Basket keyed to its inlet; ring set aside in sight. Bail the housing dry. Screw lids are"
                        + " turned backwards until they drop into the thread, then by hand only; a ring that"
                        + " darkens evenly is seated.")
            .why(
                "Mud in the basket holds water, and a lid that leaks air starves the pump in spring.")
            .tools(List.of("sponge", "brush"))
            .hazards(Cautions.FLOODING)
            .asks(asks)
            .after(on.key(StepKey.DRAIN), on.key(StepKey.HOSES))
            .minutes(5)
            .written());
  }
}
