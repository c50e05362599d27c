package elsko.core.procedure;

import elsko.core.ledger.CardProgress;
import elsko.core.ledger.fact.Procedure;

/**
 * The lid of a strainer through one winterizing: it comes off once and goes back once. What needs
 * it open leaves it open for what comes next on the same card.
 */
final class OpenLid {
  private OpenLid() {}

  /** After the rinse, where the strainer is emptied next anyway. */
  static boolean staysOffForCleaning(OnCircuit on) {
    return isWinterizing(on) && CleanStrainer.isCalledFor(on);
  }

  /** After the cleaning, where the tank's adapter goes on it. */
  static boolean staysOffForTheTank(OnCircuit on) {
    return isWinterizing(on) && on.method().drains() && on.method().fills() && isAtTheLid(on);
  }

  /** Whether it lies open already when the tank comes: unless the cleaning was left out. */
  static boolean isOffForTheTank(OnCircuit on) {
    CardProgress.Standing cleaned =
        on.request().progress().step(on.key(CleanStrainer.KEY)).standing();
    return staysOffForTheTank(on)
        && CleanStrainer.isCalledFor(on)
        && cleaned != CardProgress.Standing.SKIPPED;
  }

  private static boolean isAtTheLid(OnCircuit on) {
    return on.isEngine() && !on.fillsAtHoses() && Rig.isTankAtTheStrainer(on);
  }

  private static boolean isWinterizing(OnCircuit on) {
    return on.request().progress().procedure() == Procedure.WINTERIZE;
  }
}
