package elsko.core.fill;

import elsko.core.fluid.Base;
import elsko.core.fluid.GlycolCurve;
import elsko.core.fluid.Policy;
import elsko.core.fluid.verdict.Need;
import elsko.core.fluid.verdict.Proof;

/**
 * What the weakest place of a path has to reach.
 *
 * @param massFraction glycol by mass; infinite when no mixture does
 */
public record FillTarget(double massFraction) {

  /** What a need asks; by the label policy that is nine tenths of the product's own strength. */
  public static FillTarget of(Need need, Base base, double product) {
    if (need.policy() == Policy.LABEL) {
      return strengthKept(product);
    }
    GlycolCurve curve = GlycolCurve.of(base);
    double needed = need.temperatureC();
    boolean freeze = need.policy() == Policy.FREEZE;
    if (needed < (freeze ? curve.lowestFreezePointC() : GlycolCurve.BURST_FLOOR_C)) {
      return new FillTarget(Double.POSITIVE_INFINITY);
    }
    return new FillTarget(
        freeze
            ? curve.withFreezePoint(needed).massFraction()
            : curve.withBurstPoint(needed).massFraction());
  }

  /** The part of the product's strength that a proven sample has to keep. */
  public static FillTarget strengthKept(double product) {
    return new FillTarget(Proof.STRENGTH_KEPT * product);
  }
}
