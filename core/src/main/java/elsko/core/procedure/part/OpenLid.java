package elsko.core.procedure.part;

import elsko.core.boat.path.CircuitKind;
import elsko.core.boat.path.FittingKind;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.fact.Procedure;
import elsko.core.procedure.request.OnCircuit;
import elsko.core.procedure.request.StepKey;

/**
 * The lid of a strainer through one winterizing: it comes off once and goes back once. What needs
 * it open leaves it open for what comes next on the same card.
 */
public final class OpenLid {
  private OpenLid() {}

  /** After the rinse, where the strainer is emptied next anyway. */
  static boolean staysOffForCleaning(OnCircuit on) {
    return isWinterizing(on) && isCleaned(on);
  }

  /** After the cleaning, where the tank's adapter goes on it. */
  public static boolean staysOffForTheTank(OnCircuit on) {
    return isWinterizing(on) && on.method().drains() && on.method().fills() && isAtTheLid(on);
  }

  /** Whether it lies open already when the tank comes: unless the cleaning was left out. */
  public static boolean isOffForTheTank(OnCircuit on) {
    CardProgress.Standing cleaned =
        on.request().progress().step(on.key(StepKey.STRAINER)).standing();
    return staysOffForTheTank(on) && isCleaned(on) && cleaned != CardProgress.Standing.SKIPPED;
  }

  /** Whether the strainer is emptied and cleaned at all. */
  public static boolean isCleaned(OnCircuit on) {
    return on.has(FittingKind.STRAINER_LID)
        && on.method().drains()
        && on.circuit().kind() != CircuitKind.SPECIALIST;
  }

  private static boolean isAtTheLid(OnCircuit on) {
    return on.isEngine() && !on.fillsAtHoses() && WaterSupply.isTankAtTheStrainer(on);
  }

  private static boolean isWinterizing(OnCircuit on) {
    return on.request().progress().procedure() == Procedure.WINTERIZE;
  }
}
