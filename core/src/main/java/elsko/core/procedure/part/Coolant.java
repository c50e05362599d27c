package elsko.core.procedure.part;

import elsko.core.boat.path.CircuitKind;
import elsko.core.limits.Conditions;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.request.Contributor;
import elsko.core.procedure.request.OnCircuit;
import java.util.List;

/** The coolant side of a closed engine, read cold. */
public final class Coolant implements Contributor {
  public static final String KEY = "read";

  @Override
  public List<Step> steps(OnCircuit on) {
    if (on.circuit().kind() != CircuitKind.COOLANT) {
      return List.of();
    }
    Step.Elsewhere read = new OneVisit(on.request()).coolantRead(on, on.key(KEY));
    return List.of(
        on.step(KEY, "Read the coolant cold")
            .how(
                "Engine cold, cap off slowly. A drop on the EG scale. Level between the marks; color as it was"
                    + " filled.")
            .why(
                "It is the block's only frost protection, and it has been topped with plain water before.")
            .tools(List.of("instrument with an EG scale", "pipette"))
            .hazards(Cautions.COLD, "Ethylene glycol: poison to people and animals; spills wiped.")
            .asks(
                read != null
                    ? List.of()
                    : List.of(
                        new Ask.Coolant(on.circuit().name(), on.circuit().key()),
                        Ask.See.of(on.engine(), Conditions.COOLANT_LEVEL),
                        Ask.See.of(on.engine(), Conditions.COOLANT_LOOK)))
            .elsewhere(read)
            .minutes(read != null ? 0 : 4)
            .written());
  }
}
