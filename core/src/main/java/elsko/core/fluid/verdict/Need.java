package elsko.core.fluid.verdict;

import elsko.core.Refused;
import elsko.core.fluid.LabelRates;
import elsko.core.fluid.Policy;
import elsko.core.fluid.Product;

/**
 * Frost standard.
 *
 * @param designLowC the coldest temperature the yard protects against, °C
 * @param marginK kept in hand below it
 */
public record Need(double designLowC, double marginK, Policy policy) {
  /** The yard's defaults. */
  public static final Need DEFAULT = new Need(-20, 5, Policy.BURST);

  public Need {
    Refused.within("designLowC", designLowC, -60, 5, " °C");
    Refused.within("marginK", marginK, 0, 30, " K");
    if (policy == null) {
      throw Refused.value("policy", "Say which policy: FREEZE, BURST or LABEL.");
    }
  }

  /** The temperature that must be withstood, °C. */
  public double temperatureC() {
    return Math.min(0, designLowC - marginK);
  }

  /** As it is judged for a product: a label that rates freeze protection is judged as FREEZE. */
  Need on(Product product) {
    return policy == Policy.LABEL && product.labelRates() == LabelRates.FREEZE
        ? new Need(designLowC, marginK, Policy.FREEZE)
        : this;
  }
}
