package elsko.core.procedure.request;

import elsko.core.boat.Boat;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.Method;
import elsko.core.ledger.fact.Procedure;
import java.util.List;

/** Whether the muffler alone is left dry, where the rest of the path is filled. */
public final class MufflerChoice {
  static final Choices.Option FILLED =
      new Choices.Option("FILLED", "filled with the rest", "nothing is opened again");
  private static final Choices.Option DRY =
      new Choices.Option(
          "DRY",
          "drained again after the run",
          "saves what it would hold; its plug must come back");
  static final List<Choices.Option> OPTIONS = List.of(FILLED, DRY);
  private static final String SUFFIX = ".muffler";

  private MufflerChoice() {}

  static String choice(Circuit circuit) {
    return circuit.key() + SUFFIX;
  }

  /** Whether it can be chosen for a circuit. */
  static boolean canBe(Circuit circuit, Procedure procedure) {
    return procedure == Procedure.WINTERIZE
        && circuit.engine() != null
        && circuit.isRawWater()
        && circuit.mufflerDrain() != null
        && circuit.methods().stream().anyMatch(Method::draws);
  }

  static boolean isChoice(Boat boat, String key, String chosen, Procedure procedure) {
    return boat.circuits().stream()
            .anyMatch(circuit -> canBe(circuit, procedure) && choice(circuit).equals(key))
        && OPTIONS.stream().anyMatch(option -> option.key().equals(chosen));
  }

  /** Whether it was chosen, and is filled at all. */
  public static boolean isChosen(OnCircuit on) {
    String chosen = on.request().progress().choices().get(choice(on.circuit()));
    return DRY.key().equals(chosen)
        && canBe(on.circuit(), on.request().progress().procedure())
        && on.method().draws();
  }
}
