package elsko.core.trial;

import elsko.core.boat.Boat;
import elsko.core.boat.path.CircuitKind;
import elsko.core.boat.path.Fitting;
import elsko.core.frost.CircuitWater;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.circuit.CircuitState;
import elsko.core.trueboat.TrueBoat;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What Elsko says of a segment that would really break.
 *
 * @param kind of what was claimed
 */
record Claim(Kind kind, TrueBoat.Broken broken) {
  /** What can be claimed. */
  enum Kind {
    /** Proven, drained, or dry by its build; and it would break at the design low. */
    SAFE_TO_STORE,
    /** Nothing in it can freeze; and it would break at the design low. */
    NO_DEADLINE,
    /** On the evening before it broke its deadline was not yet there. */
    NOT_TONIGHT,
    /** Water stood in it when it broke; and days later nothing is feared of it. */
    WHOLE,
    /** Only what is seen to on the day stands before its launch; and it is open, or cracked. */
    READY_FOR_THE_LIFT
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
      if (!state.boat().hasCircuit(one.circuit())) {
        if (allIsSafe(state)) {
          denied.add(new Claim(Kind.SAFE_TO_STORE, one));
        }
        continue;
      }
      CircuitState circuit = state.circuit(one.circuit());
      if (circuit.protection().isSafe()) {
        denied.add(new Claim(Kind.SAFE_TO_STORE, one));
      } else if (!freezes(water, one, designLowC)) {
        denied.add(new Claim(Kind.NO_DEADLINE, one));
      }
    }
    return denied;
  }

  private static boolean allIsSafe(BoatState state) {
    return state.circuits().stream()
        .filter(circuit -> circuit.circuit().kind() != CircuitKind.COOLANT)
        .allMatch(circuit -> circuit.protection().isSafe());
  }

  /** What really stands open to the sea, or is cracked; null where nothing is. */
  static TrueBoat.@Nullable Broken open(Boat boat, TrueBoat truth, Winter winter) {
    for (Winter.Crack crack : winter.cracks()) {
      return new TrueBoat.Broken(crack.circuit(), crack.segment(), 0, 1);
    }
    Set<String> loose = truth.loose();
    for (Fitting fitting : boat.fittings()) {
      if (fitting.kind().keepsAshore() && loose.contains(fitting.key())) {
        return new TrueBoat.Broken(fitting.circuit(), fitting.key(), 0, 1);
      }
    }
    return null;
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
