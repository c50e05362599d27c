package elsko.core.ledger.circuit;

import java.util.Collection;

/** The state of a circuit; nothing else decides whether a boat is safe. Worst first. */
public enum Protection {
  UNKNOWN,
  WET,
  HELD,
  FILLED,
  DRAINED,
  PROVEN,
  DRY_BUILT,
  IN_SERVICE;

  /** Whether it says that nothing has to be done before the winter. */
  public boolean isSafe() {
    return this == DRAINED || this == PROVEN || this == DRY_BUILT;
  }

  /**
   * A boat's state: the worst of its circuits. IN_SERVICE only when every circuit is that or
   * DRY_BUILT; beside anything else, water that is in a circuit on purpose is WET all the same.
   */
  public static Protection worstOf(Collection<Protection> circuits) {
    if (circuits.isEmpty()) {
      return UNKNOWN;
    }
    if (circuits.stream().allMatch(p -> p == DRY_BUILT)) {
      return DRY_BUILT;
    }
    if (circuits.stream().allMatch(p -> p == IN_SERVICE || p == DRY_BUILT)) {
      return IN_SERVICE;
    }
    return circuits.stream()
        .map(p -> p == IN_SERVICE ? WET : p)
        .min(Enum::compareTo)
        .orElse(UNKNOWN);
  }
}
