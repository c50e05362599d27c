package elsko.core.procedure.winterize;

import elsko.core.boat.path.CircuitKind;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.part.LowPoints;
import elsko.core.procedure.request.Contributor;
import elsko.core.procedure.request.OnCircuit;
import java.util.List;

/** What is left to somebody trained on it: the card asks for their word. */
final class Specialist implements Contributor {
  static final String KEY = "specialist";

  @Override
  public List<Step> steps(OnCircuit on) {
    if (on.circuit().kind() != CircuitKind.SPECIALIST) {
      return List.of();
    }
    return List.of(
        on.step(KEY, "Have it left dry by its specialist")
            .how(
                "Not a job for this yard's people: by its maker's note, by somebody trained on it. Enter what"
                    + " they say they left, and write down who it was.")
            .why("It holds water in places nobody else reaches.")
            .hazards("Do not open it yourself.")
            .asks(LowPoints.withAHose(on))
            .minutes(3)
            .written());
  }
}
