package elsko.core.fluid.mix;

import elsko.core.Refused;
import elsko.core.fluid.Base;
import elsko.core.fluid.Blend;
import elsko.core.fluid.GlycolCurve;

/**
 * What brings a mixture that is there already to another strength.
 *
 * @param addLiters poured on top where there is room for it, L
 * @param replaceLiters let out first and put back where there is no room, L
 */
public record Topping(double addLiters, double replaceLiters) {

  /**
   * What {@code liters} at {@code present} need to become {@code target}.
   *
   * @param with glycol by mass in what is poured in, 0 (water) to 1; the target lies between it and
   *     what is there
   */
  public static Topping of(Base base, double liters, double present, double target, double with) {
    Blend.liters("liters", liters);
    Refused.within("presentMassFraction", present, 0, 1, "");
    Refused.within("targetMassFraction", target, 0, 1, "");
    Refused.within("concentrateMassFraction", with, 0, 1, "");
    if (target == present) {
      return new Topping(0, 0);
    }
    boolean stronger = target > present;
    if (stronger ? with <= target : with >= target) {
      throw Refused.value(
          "concentrateMassFraction",
          stronger
              ? "What is poured in must be stronger than what is wanted."
              : "What is poured in must be weaker than what is wanted: use water.");
    }
    GlycolCurve curve = GlycolCurve.of(base);
    double there = curve.toVolumeFraction(present);
    double wanted = curve.toVolumeFraction(target);
    double poured = curve.toVolumeFraction(with);
    return new Topping(
        liters * (wanted - there) / (poured - wanted),
        liters * (wanted - there) / (poured - there));
  }
}
