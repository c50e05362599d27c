package elsko.core.trial;

import elsko.core.frost.CircuitWater;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.CircuitState;
import elsko.core.trueboat.TrueBoat;
import java.util.ArrayList;
import java.util.List;

/**
 * What Elsko says of a segment that would really break.
 *
 * @param kind of what was claimed
 */
record Claim(Kind kind, TrueBoat.Broken broken) {
  /** What can be claimed. */
  enum Kind {
    SAFE_TO_STORE,
    NO_DEADLINE
  }

  /** Every claim that the true boat denies at this temperature. */
  static List<Claim> denied(BoatState state, TrueBoat truth, double designLowC) {
    List<TrueBoat.Broken> broken = truth.breaksAt(designLowC);
    if (broken.isEmpty()) {
      return List.of();
    }
    List<CircuitWater> water = CircuitWater.of(state);
    List<Claim> denied = new ArrayList<>();
    for (TrueBoat.Broken one : broken) {
      CircuitState circuit = state.circuit(one.circuit());
      if (circuit.protection().isSafe()) {
        denied.add(new Claim(Kind.SAFE_TO_STORE, one));
      } else if (!freezes(water, one, designLowC)) {
        denied.add(new Claim(Kind.NO_DEADLINE, one));
      }
    }
    return denied;
  }

  /** Whether the frost clock knows that it can freeze before the design low. */
  private static boolean freezes(
      List<CircuitWater> water, TrueBoat.Broken broken, double designLowC) {
    return water.stream()
        .filter(circuit -> circuit.circuit().equals(broken.circuit()))
        .flatMap(circuit -> circuit.pockets().stream())
        .anyMatch(held -> held.pocket().freezePointC() > designLowC);
  }
}
