package elsko.core.fluid;

import elsko.core.Quantity;
import elsko.core.Refused;
import elsko.core.Text;

/**
 * Water and concentrate mixed to one strength. Volumes are those of the table at 15.6 °C; the
 * glycol in the mixture is exactly the glycol of the concentrate.
 *
 * @param concentrateLiters taken from the jug, L
 * @param waterLiters clean water added, L
 * @param massFraction of the mixture, 0 to 1
 */
public record Blend(double concentrateLiters, double waterLiters, double massFraction) {
  private static final double MOST_LITERS = 100_000;

  /**
   * What {@code totalLiters} of a mixture take.
   *
   * @param concentrate glycol by mass in the jug, above 0 to 1
   * @param target glycol by mass wanted, 0 to {@code concentrate}
   */
  public static Blend of(Base base, double concentrate, double target, double totalLiters) {
    checkedConcentrate(concentrate);
    Refused.within("targetMassFraction", target, 0, 1, "");
    liters("totalLiters", totalLiters);
    if (target > concentrate) {
      throw weaker();
    }
    GlycolCurve curve = GlycolCurve.of(base);
    double taken =
        totalLiters * curve.toVolumeFraction(target) / curve.toVolumeFraction(concentrate);
    return new Blend(taken, totalLiters - taken, target);
  }

  /** The mixture that comes of pouring two together; each is liters at a mass fraction. */
  public static double together(
      Base base, double firstLiters, double first, double secondLiters, double second) {
    liters("firstLiters", firstLiters);
    liters("secondLiters", secondLiters);
    GlycolCurve curve = GlycolCurve.of(base);
    double glycol =
        firstLiters * curve.toVolumeFraction(first) + secondLiters * curve.toVolumeFraction(second);
    return curve.toMassFraction(Math.min(1, glycol / (firstLiters + secondLiters)));
  }

  static Refused weaker() {
    return Refused.value(
        "concentrateMassFraction",
        "The concentrate is weaker than the mixture that is wanted: no water makes it stronger.");
  }

  static void checkedConcentrate(double concentrate) {
    Refused.within("concentrateMassFraction", concentrate, 0, 1, "");
    if (concentrate == 0) {
      throw Refused.value("concentrateMassFraction", "Clean water is no concentrate.");
    }
  }

  public static void liters(String field, double liters) {
    if (!Double.isFinite(liters) || liters <= 0 || liters > MOST_LITERS) {
      throw Refused.value(
          field, Text.of("Must be a volume above 0, at most %s.", Quantity.liters(100_000)));
    }
  }
}
