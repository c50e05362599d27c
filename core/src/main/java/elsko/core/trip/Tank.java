package elsko.core.trip;

import elsko.core.Refused;
import org.jspecify.annotations.Nullable;

/**
 * A fuel tank and what draws from it.
 *
 * @param name "port tank"; may be empty when there is only one
 * @param capacityLiters full, L
 * @param gaugePercent what its gauge shows, % of the capacity
 * @param unusableLiters what nothing can draw, L; null: a tenth of the capacity
 * @param litersPerHour what all that draws from it burns at the planned speed, engines and
 *     generator, L/h
 */
public record Tank(
    String name,
    double capacityLiters,
    double gaugePercent,
    @Nullable Double unusableLiters,
    double litersPerHour) {
  private static final double UNUSABLE_SHARE = 0.1;

  public Tank {
    name = name == null ? "" : name.strip();
    Refused.within("capacityLiters", capacityLiters, 1, 20_000, " L");
    Refused.within("gaugePercent", gaugePercent, 0, 100, " %");
    if (unusableLiters != null) {
      Refused.within("unusableLiters", unusableLiters, 0, capacityLiters, " L");
    }
    Refused.within("litersPerHour", litersPerHour, 0.1, 2_000, " L/h");
  }

  double unusable() {
    return unusableLiters == null ? UNUSABLE_SHARE * capacityLiters : unusableLiters;
  }

  /** What can be drawn now, L; nothing when only the unusable part is left. */
  double usable() {
    return Math.max(0, gaugePercent / 100 * capacityLiters - unusable());
  }

  /** What can be drawn when it is full, L. */
  double usableFull() {
    return capacityLiters - unusable();
  }
}
