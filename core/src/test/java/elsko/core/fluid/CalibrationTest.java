package elsko.core.fluid;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import elsko.core.Refused;
import elsko.core.fluid.Calibration.Glass;
import elsko.core.fluid.verdict.Need;
import elsko.core.fluid.verdict.Outcome;
import elsko.core.fluid.verdict.Proof;
import elsko.core.fluid.verdict.ProofQuestion;
import elsko.core.fluid.verdict.Reason;
import elsko.core.fluid.verdict.RemedyKind;
import elsko.core.fluid.verdict.SampledSegment;
import elsko.core.fluid.verdict.Verdict;
import java.util.List;
import org.junit.jupiter.api.Test;

class CalibrationTest {
  private static final Product P38 = new Product(Base.PG, 0.38, -59.4, LabelRates.BURST);
  private static final Calibration BRIX =
      Calibration.ofSeries(
          Base.PG,
          0.38,
          List.of(
              new Glass(1, 0, 28.4),
              new Glass(3, 1, 21.8),
              new Glass(1, 1, 14.8),
              new Glass(1, 3, 7.5),
              new Glass(0, 1, 0)));

  private static Instrument brix(double accuracy, Calibration calibration) {
    return new Instrument(
        InstrumentKind.REFRACTOMETER, Scale.BRIX, accuracy, 10, 30, 0, 1, calibration);
  }

  private static Verdict judge(Instrument with, double jug, double sample) {
    return Proof.judge(
        new ProofQuestion(
            Need.DEFAULT, P38, with, jug, sample, 15, new SampledSegment(4.5, 0.5, false), 19));
  }

  @Test
  void itIsExactAtItsPointsAndRisesBetweenThem() {
    assertThat(BRIX.massFraction("reading", 28.4)).isCloseTo(0.38, within(1e-9));
    assertThat(BRIX.massFraction("reading", 0)).isCloseTo(0, within(1e-9));
    GlycolCurve curve = GlycolCurve.of(Base.PG);
    double half = curve.toMassFraction(curve.toVolumeFraction(0.38) / 2);
    assertThat(BRIX.massFraction("reading", 14.8)).isCloseTo(half, within(1e-9));
    double before = -1;
    for (double reading = 0; reading <= 28.4; reading += 0.1) {
      double strength = BRIX.massFraction("reading", reading);
      assertThat(strength).isGreaterThan(before);
      before = strength;
    }
  }

  @Test
  void outsideItsPointsItIsRefused() {
    assertThatThrownBy(() -> BRIX.massFraction("sampleReading", 28.6))
        .isInstanceOfSatisfying(
            Refused.class, r -> assertThat(r.field()).isEqualTo("sampleReading"))
        .hasMessageContaining("0 to 28.4");
    assertThatThrownBy(() -> judge(brix(0.2, BRIX), 28, 30)).isInstanceOf(Refused.class);
  }

  @Test
  void glassesThatTurnBackAreRefusedWithTheTwo() {
    assertThatThrownBy(
            () ->
                Calibration.ofSeries(
                    Base.PG,
                    0.38,
                    List.of(new Glass(1, 0, 28), new Glass(1, 1, 29), new Glass(0, 1, 0))))
        .hasMessageContaining("19 %")
        .hasMessageContaining("turn back");
    assertThatThrownBy(
            () ->
                Calibration.ofSeries(
                    Base.PG,
                    0.38,
                    List.of(new Glass(1, 1, 28), new Glass(2, 2, 20), new Glass(0, 1, 0))))
        .hasMessageContaining("same strength");
    assertThatThrownBy(() -> Calibration.ofSeries(Base.PG, 0.38, List.of(new Glass(1, 0, 28))))
        .hasMessageContaining("3 to 20");
    assertThatThrownBy(
            () ->
                Calibration.ofSeries(
                    Base.PG,
                    0.38,
                    List.of(new Glass(0, 0, 28), new Glass(1, 1, 3), new Glass(0, 1, 0))))
        .hasMessageContaining("parts");
  }

  @Test
  void withACurveOfItsOwnABrixScaleProves() {
    assertThat(judge(brix(0.2, null), 28, 27).outcome()).isEqualTo(Outcome.RETAKE);
    Verdict good = judge(brix(0.2, BRIX), 28.4, 27.6);
    assertThat(good.outcome()).isEqualTo(Outcome.PROVEN);
    assertThat(good.worstCaseMassFraction()).isLessThan(0.375);
    Verdict held = judge(brix(0.2, BRIX), 28.4, 15);
    assertThat(held.outcome()).isEqualTo(Outcome.HELD);
    assertThat(held.remedy().kind()).isEqualTo(RemedyKind.MORE_THROUGH);
  }

  @Test
  void itsAccuracyCountsTowardWeakAndAgainstTheRemedy() {
    assertThat(judge(brix(0, BRIX), 28.4, 22.4).outcome()).isNotEqualTo(Outcome.HELD);
    assertThat(judge(brix(1.5, BRIX), 28.4, 22.4).outcome()).isEqualTo(Outcome.HELD);
    double exact = judge(brix(0, BRIX), 28.4, 10).remedy().litersFromTank();
    double rough = judge(brix(0.3, BRIX), 28.4, 10).remedy().litersFromTank();
    assertThat(rough).isGreaterThan(exact);
  }

  @Test
  void aScaleThatFallsWithStrengthIsCalibratedAsWell() {
    Calibration label =
        Calibration.ofSeries(
            Base.PG, 0.38, List.of(new Glass(1, 0, -59), new Glass(1, 1, -20), new Glass(0, 1, 0)));
    Instrument with =
        new Instrument(InstrumentKind.REFRACTOMETER, Scale.LABEL, 1, 10, 30, 0, 1, label);
    assertThat(judge(with, -59, -57).outcome()).isEqualTo(Outcome.PROVEN);
    assertThat(judge(with, -59, -21).outcome()).isEqualTo(Outcome.HELD);
  }

  @Test
  void densityNeverTellsPropyleneGlycol() {
    Instrument floats =
        new Instrument(InstrumentKind.HYDROMETER, Scale.BRIX, 1, 10, 30, 0, 1, BRIX);
    assertThat(floats.tellsStrengthOf(Base.PG)).isFalse();
    assertThat(judge(floats, 28, 27).outcome()).isEqualTo(Outcome.RETAKE);
  }

  @Test
  void aWeakEndThatLeavesTheCurveProvesNothing() {
    Calibration strong =
        new Calibration(
            List.of(
                new Calibration.Point(0.30, 21),
                new Calibration.Point(0.45, 31),
                new Calibration.Point(0.60, 40)));
    Product p40 = new Product(Base.PG, null, null, null);
    for (double accuracy : new double[] {0.1, 10}) {
      Verdict verdict =
          Proof.judge(
              new ProofQuestion(Need.DEFAULT, p40, brix(accuracy, strong), 32, 21, 15, null, 19));
      assertThat(verdict.outcome()).isEqualTo(Outcome.RETAKE);
      assertThat(verdict.reasons()).contains(Reason.OUTSIDE_THE_CURVE);
      assertThat(verdict.worstCaseMassFraction()).isNull();
    }
    Verdict reaches =
        Proof.judge(
            new ProofQuestion(Need.DEFAULT, p40, brix(0.1, strong), 32, 21.2, 15, null, 19));
    assertThat(reaches.outcome()).isEqualTo(Outcome.PROVEN_WITH_REMARK);
    Need colder = new Need(-40, 5, Policy.BURST);
    Verdict shortAnyway =
        Proof.judge(new ProofQuestion(colder, p40, brix(0.1, strong), 39, 21, 15, null, 19));
    assertThat(shortAnyway.outcome()).isEqualTo(Outcome.HELD);
    Verdict jugOff =
        Proof.judge(new ProofQuestion(Need.DEFAULT, p40, brix(1, strong), 21.5, 22, 15, null, 19));
    assertThat(jugOff.outcome()).isEqualTo(Outcome.RETAKE);
  }

  @Test
  void theZeroIsHeldAgainstWhatWaterReadWhenItWasCalibrated() {
    Calibration shifted =
        Calibration.ofSeries(
            Base.PG, 0.38, List.of(new Glass(1, 0, 29), new Glass(1, 1, 16), new Glass(0, 1, 2)));
    Instrument asThen =
        new Instrument(InstrumentKind.REFRACTOMETER, Scale.BRIX, 0, 10, 30, 2, 1, shifted);
    assertThat(asThen.zeroIsTrue()).isTrue();
    assertThat(asThen.massFraction(Base.PG, 29)).isCloseTo(0.38, within(1e-9));
    Instrument since =
        new Instrument(InstrumentKind.REFRACTOMETER, Scale.BRIX, 0, 10, 30, 1.5, 1, shifted);
    assertThat(since.massFraction(Base.PG, 28.5)).isCloseTo(0.38, within(1e-9));
    assertThat(brix(0, shifted).zeroIsTrue()).isFalse();
  }

  @Test
  void twoCurvesAreNotHeldAgainstEachOther() {
    Verdict verdict =
        Proof.judge(
            new ProofQuestion(
                Need.DEFAULT, P38, brix(0.2, BRIX), brix(0.2, null), 28.4, 28, 15, null, 19));
    assertThat(verdict.outcome()).isEqualTo(Outcome.RETAKE);
    assertThat(verdict.reasons()).contains(Reason.JUG_READ_OTHERWISE);
  }
}
