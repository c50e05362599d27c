package elsko.core.fill;

import elsko.core.Quantity;
import elsko.core.Refused;
import elsko.core.Text;
import elsko.core.boat.path.Method;
import elsko.core.fluid.Base;
import elsko.core.fluid.GlycolCurve;
import org.jspecify.annotations.Nullable;

/**
 * What is to be predicted.
 *
 * @param massFraction glycol by mass in the product, 0 to 0.60
 * @param method POUR, DRAW or DRAW_UNDRAINED
 * @param liters poured or drawn, 0 or more
 * @param thermostatOpen what lies behind it is reached
 * @param target the fraction the weakest place has to reach; null when nothing is aimed at
 */
public record FillQuestion(
    Base base,
    double massFraction,
    Method method,
    double liters,
    boolean thermostatOpen,
    FillPath path,
    @Nullable FillTarget target) {
  private static final double MOST_LITERS = 10_000;

  public FillQuestion {
    if (base == null) {
      throw Refused.value("product.base", "Say which glycol it is: PG or EG.");
    }
    if (base == Base.EG) {
      throw Refused.value(
          "product.base",
          "Ethylene glycol is poisonous and never goes into raw or domestic water. Use propylene"
              + " glycol.");
    }
    Refused.within("product.massFraction", massFraction, 0, GlycolCurve.MAX_MASS_FRACTION, "");
    if (method == null || !method.fills()) {
      throw Refused.value("method", "Say how it is filled: POUR, DRAW or DRAW_UNDRAINED.");
    }
    if (!Double.isFinite(liters) || liters < 0 || liters > MOST_LITERS) {
      throw Refused.value(
          "liters", Text.of("Must be a volume from 0 to %s.", Quantity.liters(10_000)));
    }
    if (path == null) {
      throw Refused.value("path", "The path is empty: give at least one segment.");
    }
  }

  FillQuestion with(double otherLiters) {
    return new FillQuestion(base, massFraction, method, otherLiters, thermostatOpen, path, target);
  }
}
