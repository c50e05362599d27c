package elsko.core.procedure;

import elsko.core.boat.Boat;
import elsko.core.boat.Circuit;
import elsko.core.boat.Fitting;
import elsko.core.boat.FittingKind;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.CircuitState;
import elsko.core.ledger.Method;

/**
 * What a card is written for.
 *
 * @param kickAllowed the yard allows a short kick without water
 */
public record CardRequest(BoatState state, Method method, boolean kickAllowed) {
  Boat boat() {
    return state.boat();
  }

  /** The circuit a winterizing card is about. */
  Circuit circuit() {
    return boat().circuits().get(0);
  }

  CircuitState circuitState() {
    return state.circuit(circuit().key());
  }

  String only(FittingKind kind) {
    return boat().fittingsOf(kind).stream().map(Fitting::key).findFirst().orElseThrow();
  }
}
