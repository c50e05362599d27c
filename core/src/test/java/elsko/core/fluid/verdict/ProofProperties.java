package elsko.core.fluid.verdict;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import elsko.core.fluid.Base;
import elsko.core.fluid.GlycolCurve;
import elsko.core.fluid.Instrument;
import elsko.core.fluid.InstrumentKind;
import elsko.core.fluid.LabelRates;
import elsko.core.fluid.Policy;
import elsko.core.fluid.Product;
import elsko.core.fluid.Scale;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;

class ProofProperties {
  private static final GlycolCurve PG = GlycolCurve.of(Base.PG);

  private static Verdict judge(Need need, double product, double sample, double accuracy) {
    return Proof.judge(
        new ProofQuestion(
            need,
            new Product(Base.PG, product, -60.0, LabelRates.BURST),
            new Instrument(InstrumentKind.REFRACTOMETER, Scale.PG_FREEZE, accuracy, 0, 30, 0, 1),
            PG.freezePointC(product),
            PG.freezePointC(sample),
            15,
            new SampledSegment(4.5, 0.5, false),
            ProofQuestion.TANK_LITERS));
  }

  @Property
  void aStrongerSampleIsNeverJudgedWorse(
      @ForAll Policy policy,
      @ForAll @DoubleRange(min = 0.1, max = 0.55) double product,
      @ForAll @DoubleRange(max = 1) double a,
      @ForAll @DoubleRange(max = 1) double b,
      @ForAll @DoubleRange(max = 3) double accuracy) {
    Need need = new Need(-20, 5, policy);
    Verdict weak = judge(need, product, product * Math.min(a, b), accuracy);
    Verdict strong = judge(need, product, product * Math.max(a, b), accuracy);
    assertThat(rank(strong)).isLessThanOrEqualTo(rank(weak));
  }

  @Property
  void aLessAccurateInstrumentNeverProvesMore(
      @ForAll @DoubleRange(max = 0.38) double sample,
      @ForAll @DoubleRange(max = 3) double fine,
      @ForAll @DoubleRange(max = 3) double coarser) {
    Verdict exact = judge(Need.DEFAULT, 0.38, sample, fine);
    Verdict rough = judge(Need.DEFAULT, 0.38, sample, Math.min(20, fine + coarser));
    assertThat(rank(exact)).isLessThanOrEqualTo(rank(rough));
  }

  @Property
  void whatIsProvenWithstandsTheNeedAtItsWorst(
      @ForAll @DoubleRange(min = -40, max = 0) double designLow,
      @ForAll @DoubleRange(max = 10) double margin,
      @ForAll @DoubleRange(min = 0.2, max = 0.55) double product,
      @ForAll @DoubleRange(min = 0.5, max = 1) double kept) {
    Verdict verdict =
        judge(new Need(designLow, margin, Policy.BURST), product, product * kept, 0.5);
    Assume.that(verdict.outcome().proves());
    assertThat(verdict.worstCaseMassFraction())
        .isGreaterThanOrEqualTo(Policy.LEAST_MASS_FRACTION - 1e-9);
    assertThat(verdict.burstPointC()).isLessThanOrEqualTo(designLow - margin + 1e-9);
    assertThat(verdict.worstCaseMassFraction()).isLessThanOrEqualTo(product * kept + 1e-9);
  }

  @Property
  void theRemedyReallyMendsIt(
      @ForAll @DoubleRange(max = 0.34) double sample,
      @ForAll @DoubleRange(max = 1) double accuracy) {
    Verdict held = judge(Need.DEFAULT, 0.38, sample, accuracy);
    Assume.that(held.outcome() == Outcome.HELD);
    Assume.that(held.remedy().kind() == RemedyKind.MORE_THROUGH);
    double through = held.remedy().litersThroughSegment();
    double after = 0.38 + (sample - 0.38) * Math.exp(-through / 4.5);
    assertThat(judge(Need.DEFAULT, 0.38, after, accuracy).outcome()).isEqualTo(Outcome.PROVEN);
    assertThat(held.remedy().litersFromTank()).isCloseTo(2 * through, within(1e-9));
  }

  private static int rank(Verdict verdict) {
    return switch (verdict.outcome()) {
      case PROVEN -> 0;
      case PROVEN_WITH_REMARK -> 1;
      case HELD -> 2;
      case CHANGE_PRODUCT -> 3;
      case RETAKE -> 4;
    };
  }
}
