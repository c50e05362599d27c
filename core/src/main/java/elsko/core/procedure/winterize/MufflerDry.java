package elsko.core.procedure.winterize;

import elsko.core.boat.path.LowPoint;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.part.Cautions;
import elsko.core.procedure.part.LowPoints;
import elsko.core.procedure.request.Contributor;
import elsko.core.procedure.request.MufflerChoice;
import elsko.core.procedure.request.OnCircuit;
import java.util.List;

/** The muffler alone left dry, where the rest of the path is filled. */
final class MufflerDry implements Contributor {
  static final String KEY = "muffler-dry";

  @Override
  public List<Step> steps(OnCircuit on) {
    if (!MufflerChoice.isChosen(on)) {
      return List.of();
    }
    LowPoint point = on.circuit().mufflerDrain();
    return List.of(
        on.step(KEY, "Drain the muffler again")
            .how(
                "After the run, engine stopped: plug out over the catch until it stops running, and it"
                    + " stays out, bagged.")
            .why("It is left dry while the rest of the path stays filled.")
            .tools(List.of("catch pan", "bag"))
            .hazards(Cautions.HOT, Cautions.CATCH)
            .asks(List.of(LowPoints.open(on, point)))
            .after(on.key(Draw.KEY))
            .minutes(5)
            .written());
  }
}
