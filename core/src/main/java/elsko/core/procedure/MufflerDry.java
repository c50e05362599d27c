package elsko.core.procedure;

import elsko.core.boat.Boat;
import elsko.core.boat.Circuit;
import elsko.core.boat.LowPoint;
import elsko.core.boat.Method;
import elsko.core.ledger.fact.Procedure;
import java.util.List;

/** The muffler alone left dry, where the rest of the path is filled. */
final class MufflerDry implements Contributor {
  static final String KEY = "muffler-dry";
  static final Choices.Option FILLED =
      new Choices.Option("FILLED", "filled with the rest", "nothing is opened again");
  private static final Choices.Option DRY =
      new Choices.Option(
          "DRY",
          "drained again after the run",
          "saves what it would hold; its plug must come back");
  static final List<Choices.Option> OPTIONS = List.of(FILLED, DRY);
  private static final String SUFFIX = ".muffler";

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
  static boolean isChosen(OnCircuit on) {
    String chosen = on.request().progress().choices().get(choice(on.circuit()));
    return DRY.key().equals(chosen)
        && canBe(on.circuit(), on.request().progress().procedure())
        && on.method().draws();
  }

  @Override
  public List<Step> steps(OnCircuit on) {
    if (!isChosen(on)) {
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
            .hurts(Cautions.HOT, Cautions.CATCH)
            .asks(List.of(LowPoints.open(on, point)))
            .after(on.key(Draw.KEY))
            .minutes(5)
            .written());
  }
}
