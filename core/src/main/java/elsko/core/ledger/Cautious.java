package elsko.core.ledger;

import elsko.core.ledger.circuit.CircuitState;
import elsko.core.ledger.circuit.Protection;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Of a boat as it stands with what nobody can vouch for, and without: the worse of each. */
final class Cautious {
  private Cautious() {}

  static BoatState of(BoatState all, BoatState sure) {
    List<CircuitState> circuits = new ArrayList<>();
    for (CircuitState circuit : all.circuits()) {
      circuits.add(worse(circuit, sure.circuit(circuit.circuit().key())));
    }
    Map<String, FittingStanding> fittings = new HashMap<>();
    all.fittings()
        .forEach(
            (key, standing) ->
                fittings.put(key, standing.isLooseEnd() ? standing : sure.fittings().get(key)));
    return all.with(List.copyOf(circuits), Map.copyOf(fittings));
  }

  private static CircuitState worse(CircuitState all, CircuitState sure) {
    return rank(sure) < rank(all) ? sure : all;
  }

  /** Water in it on purpose freezes as any other. */
  private static int rank(CircuitState circuit) {
    Protection protection = circuit.protection();
    return (protection == Protection.IN_SERVICE ? Protection.WET : protection).ordinal();
  }
}
