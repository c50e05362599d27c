package elsko.core.fluid;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;

class CurveProperties {
  @Property
  void strongerNeverFreezesOrBurstsWarmer(
      @ForAll Base base,
      @ForAll @DoubleRange(max = 0.60) double a,
      @ForAll @DoubleRange(max = 0.60) double b) {
    GlycolCurve curve = GlycolCurve.of(base);
    Mixture weak = curve.atMassFraction(Math.min(a, b));
    Mixture strong = curve.atMassFraction(Math.max(a, b));
    assertThat(strong.freezePointC()).isLessThanOrEqualTo(weak.freezePointC() + 1e-12);
    assertThat(strong.burstPointC()).isLessThanOrEqualTo(weak.burstPointC());
  }

  @Property
  void burstIsNeverAboveFreeze(@ForAll Base base, @ForAll @DoubleRange(max = 0.60) double w) {
    Mixture mixture = GlycolCurve.of(base).atMassFraction(w);
    if (mixture.burstIsFloor()) {
      return; // the floor is where the table stops, not where the mixture bursts
    }
    assertThat(mixture.burstPointC()).isLessThanOrEqualTo(mixture.freezePointC());
  }

  @Property
  void freezePointAndBack(@ForAll Base base, @ForAll @DoubleRange(max = 0.60) double w) {
    GlycolCurve curve = GlycolCurve.of(base);
    double back = curve.withFreezePoint(curve.freezePointC(w)).massFraction();
    assertThat(back).isCloseTo(w, within(1e-9));
  }

  @Property
  void massAndVolumeAndBack(@ForAll Base base, @ForAll @DoubleRange(max = 1) double w) {
    GlycolCurve curve = GlycolCurve.of(base);
    assertThat(curve.toMassFraction(curve.toVolumeFraction(w))).isCloseTo(w, within(1e-12));
  }

  @Property
  void theFractionForABurstPointIsTheWeakestThatHasIt(
      @ForAll Base base, @ForAll @DoubleRange(min = -51, max = -0.1) double target) {
    GlycolCurve curve = GlycolCurve.of(base);
    Mixture enough = curve.withBurstPoint(target);
    assertThat(enough.burstPointC()).isLessThanOrEqualTo(target + 1e-9);
    Mixture weaker = curve.atVolumeFraction(Math.max(0, enough.volumeFraction() - 1e-4));
    assertThat(weaker.burstPointC()).isGreaterThan(target);
  }
}
