package elsko.core.fluid.verdict;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import elsko.core.Refused;
import elsko.core.Text;
import elsko.core.fluid.Base;
import elsko.core.fluid.GlycolCurve;
import elsko.core.fluid.Instrument;
import elsko.core.fluid.InstrumentKind;
import elsko.core.fluid.LabelRates;
import elsko.core.fluid.Policy;
import elsko.core.fluid.Product;
import elsko.core.fluid.Scale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class ProofTest {
  private static final GlycolCurve PG = GlycolCurve.of(Base.PG);
  private static final Product P38 = new Product(Base.PG, 0.38, -59.4, LabelRates.BURST);
  private static final SampledSegment BLOCK = new SampledSegment(4.5, 0.5, false);

  private Instrument instrument = exact(Scale.PG_FREEZE);
  private Instrument jugInstrument;
  private Need need = Need.DEFAULT;
  private Product product = P38;
  private double temperatureC = 15;
  private SampledSegment segment = BLOCK;

  private static Instrument exact(Scale scale) {
    return new Instrument(InstrumentKind.REFRACTOMETER, scale, 0, 10, 30, 0, 1);
  }

  private Verdict judge(double jugFraction, double sampleFraction) {
    return judgeReadings(PG.freezePointC(jugFraction), PG.freezePointC(sampleFraction));
  }

  private Verdict judgeReadings(double jug, double sample) {
    return Proof.judge(
        new ProofQuestion(
            need,
            product,
            instrument,
            jugInstrument == null ? instrument : jugInstrument,
            jug,
            sample,
            temperatureC,
            segment,
            ProofQuestion.TANK_LITERS));
  }

  @Test
  void aSampleAsStrongAsTheJugIsProven() {
    Verdict verdict = judge(0.38, 0.37);
    assertThat(verdict.outcome()).isEqualTo(Outcome.PROVEN);
    assertThat(verdict.strengthKept()).isCloseTo(0.37 / 0.38, within(1e-9));
    assertThat(verdict.neededMassFraction()).isCloseTo(0.292, within(5e-4));
    assertThat(verdict.remedy()).isNull();
  }

  @Test
  void aDilutedBlockIsHeldWithTheLitersThatMendIt() {
    Verdict verdict = judge(0.38, 0.21);
    assertThat(verdict.outcome()).isEqualTo(Outcome.HELD);
    assertThat(verdict.strengthKept()).isCloseTo(0.55, within(0.005));
    assertThat(verdict.burstPointC()).isCloseTo(-13, within(0.3));
    assertThat(verdict.remedy().kind()).isEqualTo(RemedyKind.MORE_THROUGH);
    assertThat(verdict.remedy().litersThroughSegment()).isCloseTo(6.74, within(0.01));
    assertThat(verdict.remedy().litersFromTank()).isCloseTo(13.48, within(0.02));
  }

  @Test
  void enoughProtectionWithLostStrengthIsProvenWithARemark() {
    Verdict verdict = judge(0.38, 0.32);
    assertThat(verdict.outcome()).isEqualTo(Outcome.PROVEN_WITH_REMARK);
    assertThat(verdict.reasons()).contains(Reason.STRENGTH_LOST);
  }

  @Test
  void strengthOfExactlyNineTenthsIsKept() {
    assertThat(judge(0.38, 0.342).outcome()).isEqualTo(Outcome.PROVEN);
  }

  @Test
  void accuracyMovesTheSampleTowardWeakBeforeItIsJudged() {
    double barely = PG.withBurstPoint(-25).freezePointC();
    assertThat(judgeReadings(PG.freezePointC(0.31), barely).outcome()).isEqualTo(Outcome.RETAKE);
    product = new Product(Base.PG, 0.32, null, null);
    assertThat(judgeReadings(PG.freezePointC(0.32), barely).outcome()).isEqualTo(Outcome.PROVEN);
    instrument = new Instrument(InstrumentKind.REFRACTOMETER, Scale.PG_FREEZE, 1, 10, 30, 0, 1);
    Verdict verdict = judgeReadings(PG.freezePointC(0.32), barely);
    assertThat(verdict.outcome()).isEqualTo(Outcome.HELD);
    assertThat(verdict.freezePointC()).isCloseTo(barely + 1, within(1e-9));
  }

  @Test
  void underFreezeTheSameSampleNeedsFarMore() {
    need = new Need(-20, 5, Policy.FREEZE);
    Verdict verdict = judge(0.38, 0.38);
    assertThat(verdict.outcome()).isEqualTo(Outcome.CHANGE_PRODUCT);
    assertThat(verdict.neededMassFraction()).isCloseTo(0.436, within(0.002));
  }

  @Test
  void aProductThatCannotPassIsNeverHeld() {
    product = new Product(Base.PG, 0.27, -45.6, LabelRates.BURST);
    Verdict verdict = judge(0.27, 0.20);
    assertThat(verdict.outcome()).isEqualTo(Outcome.CHANGE_PRODUCT);
    assertThat(verdict.remedy()).isNull();
    assertThat(Text.joined(" ", verdict.words()).toString()).contains("Change the product");
  }

  @Test
  void noBurstPointProvesANeedBelowTheFloor() {
    need = new Need(-50, 5, Policy.BURST);
    Verdict verdict = judge(0.56, 0.56);
    assertThat(verdict.outcome()).isEqualTo(Outcome.CHANGE_PRODUCT);
    assertThat(verdict.neededMassFraction()).isNull();
    assertThat(verdict.reasons()).contains(Reason.NEED_BELOW_BURST_FLOOR);
  }

  @Test
  void labelPolicyRestsOnTheLabelAndTheStrengthKept() {
    need = new Need(-20, 5, Policy.LABEL);
    product = new Product(Base.PG, 0.27, -45.6, LabelRates.BURST);
    assertThat(judge(0.27, 0.25).outcome()).isEqualTo(Outcome.PROVEN);
    Verdict weak = judge(0.27, 0.20);
    assertThat(weak.outcome()).isEqualTo(Outcome.HELD);
    assertThat(weak.reasons()).contains(Reason.RESTS_ON_LABEL);
    product = new Product(Base.PG, 0.27, -20.0, LabelRates.BURST);
    assertThat(judge(0.27, 0.27).outcome()).isEqualTo(Outcome.CHANGE_PRODUCT);
    product = new Product(Base.PG, 0.27, null, null);
    assertThat(judge(0.27, 0.27).reasons()).contains(Reason.NO_LABEL_RATING);
  }

  @Test
  void aStaleOrShiftedZeroCheckMeansReadingAgain() {
    instrument = new Instrument(InstrumentKind.REFRACTOMETER, Scale.PG_FREEZE, 1, 10, 30, 0, 24.1);
    assertThat(judge(0.38, 0.38).reasons()).containsExactly(Reason.ZERO_CHECK_TOO_OLD);
    instrument = new Instrument(InstrumentKind.REFRACTOMETER, Scale.PG_FREEZE, 1, 10, 30, -1.2, 2);
    Verdict verdict = judge(0.38, 0.38);
    assertThat(verdict.outcome()).isEqualTo(Outcome.RETAKE);
    assertThat(verdict.reasons()).containsExactly(Reason.ZERO_OFF);
  }

  @Test
  void aHotSampleIsNotJudged() {
    temperatureC = 45;
    Verdict verdict = judge(0.38, 0.38);
    assertThat(verdict.outcome()).isEqualTo(Outcome.RETAKE);
    assertThat(verdict.strengthKept()).isNull();
  }

  @Test
  void aWeakJugMakesTheLotSuspect() {
    assertThat(judge(0.36, 0.35).reasons()).containsExactly(Reason.LOT_SUSPECT);
    assertThat(judge(0.362, 0.35).outcome()).isEqualTo(Outcome.PROVEN);
  }

  @Test
  void aSampleStrongerThanTheJugIsTheWrongBottle() {
    assertThat(judge(0.38, 0.41).reasons()).containsExactly(Reason.WRONG_BOTTLE_OR_JUG);
  }

  @ParameterizedTest
  @EnumSource(
      value = InstrumentKind.class,
      names = {"HYDROMETER", "FLOATING_BALLS"})
  void aDensityInstrumentOnlyComparesPropyleneGlycol(InstrumentKind kind) {
    instrument = new Instrument(kind, Scale.PG_FREEZE, 1, 10, 30, 0, 1);
    Verdict verdict = judgeReadings(-19, -18);
    assertThat(verdict.outcome()).isEqualTo(Outcome.RETAKE);
    assertThat(verdict.reasons()).contains(Reason.COMPARISON_ONLY, Reason.NEEDS_RIGHT_SCALE);
    assertThat(verdict.worstCaseMassFraction()).isNull();
  }

  @ParameterizedTest
  @EnumSource(
      value = Scale.class,
      names = {"EG_FREEZE", "LABEL", "BRIX"})
  void aComparisonCanPassOnlyUnderLabel(Scale scale) {
    instrument = exact(scale);
    double sign = scale == Scale.BRIX ? 1 : -1;
    double jug = scale == Scale.LABEL ? -59.4 : 40 * sign;
    assertThat(judgeReadings(jug, jug * 0.95).outcome()).isEqualTo(Outcome.RETAKE);
    need = new Need(-20, 5, Policy.LABEL);
    assertThat(judgeReadings(jug, jug * 0.95).outcome()).isEqualTo(Outcome.PROVEN);
    assertThat(judgeReadings(jug, jug * 0.85).outcome()).isEqualTo(Outcome.HELD);
  }

  @Test
  void aJugFarOffItsLabelIsSuspect() {
    need = new Need(-20, 5, Policy.LABEL);
    instrument = exact(Scale.LABEL);
    assertThat(judgeReadings(-57.3, -57).reasons()).containsExactly(Reason.LOT_SUSPECT);
    assertThat(judgeReadings(-57.5, -57).outcome()).isEqualTo(Outcome.PROVEN);
  }

  @Test
  void behindAClosedGateItIsDrainedAndRefilled() {
    segment = new SampledSegment(4.5, 0.5, true);
    Remedy remedy = judge(0.38, 0.21).remedy();
    assertThat(remedy).isEqualTo(new Remedy(RemedyKind.DRAIN_AND_REFILL, 4.5, 4.5));
  }

  @Test
  void moreThanTheTankHoldsIsDrainedAndRefilled() {
    assertThat(judge(0.38, 0.05).remedy().kind()).isEqualTo(RemedyKind.DRAIN_AND_REFILL);
  }

  @Test
  void withoutASegmentThereIsNoRemedy() {
    segment = null;
    assertThat(judge(0.38, 0.21).remedy()).isNull();
  }

  @Test
  void readingsOffTheScaleAreRefusedAtTheirField() {
    assertThatThrownBy(() -> judgeReadings(-19.1, -52))
        .isInstanceOfSatisfying(
            Refused.class, refused -> assertThat(refused.field()).isEqualTo("sampleReading"));
    assertThatThrownBy(() -> judgeReadings(3, -10))
        .isInstanceOfSatisfying(
            Refused.class, refused -> assertThat(refused.field()).isEqualTo("jugReading"));
  }

  @Test
  void everyTemperatureInWordsSaysFreezeOrBurst() {
    assertThat(Text.joined(" ", judge(0.38, 0.21).words()).toString())
        .contains("Burst point −12.8 °C");
    need = new Need(-5, 5, Policy.FREEZE);
    assertThat(Text.joined(" ", judge(0.38, 0.37).words()).toString())
        .contains("Freeze point −18.2 °C");
    need = Need.DEFAULT;
    product = new Product(Base.PG, 0.56, null, null);
    assertThat(Text.joined(" ", judge(0.56, 0.56).words()).toString())
        .contains("at or below −51 °C");
  }

  @Test
  void theOffsetOfTheZeroCheckIsTakenOff() {
    product = new Product(Base.PG, 0.32, null, null);
    double need = PG.withBurstPoint(-25).freezePointC();
    double jug = PG.freezePointC(0.32);
    assertThat(judgeReadings(jug, need).outcome()).isEqualTo(Outcome.PROVEN);
    instrument = zeroAt(-1);
    assertThat(judgeReadings(jug - 1, need).outcome()).isEqualTo(Outcome.HELD);
    Verdict verdict = judgeReadings(jug - 1, need - 1);
    assertThat(verdict.outcome()).isEqualTo(Outcome.PROVEN);
    assertThat(verdict.freezePointC()).isCloseTo(need, within(1e-9));
    instrument = zeroAt(1);
    assertThat(judgeReadings(jug + 1, need + 1).outcome()).isEqualTo(Outcome.PROVEN);
  }

  @Test
  void aCorrectedReadingBeyondTheTableIsReadAgain() {
    instrument = zeroAt(1);
    product = new Product(Base.PG, null, null, null);
    double strongest = PG.lowestFreezePointC();
    Verdict verdict = judgeReadings(strongest + 0.5, strongest + 0.5);
    assertThat(verdict.outcome()).isEqualTo(Outcome.RETAKE);
    assertThat(verdict.reasons()).containsExactly(Reason.OUTSIDE_THE_CURVE);
  }

  @Test
  void waterReadBesideAZeroThatIsOffIsWater() {
    instrument = zeroAt(-1);
    assertThat(judgeReadings(PG.freezePointC(0.38) - 1, -0.4).worstCaseMassFraction()).isZero();
  }

  @Test
  void aJugReadOnAnotherScaleIsNotComparedWith() {
    jugInstrument = exact(Scale.EG_FREEZE);
    Verdict verdict = judgeReadings(-17, -16.5);
    assertThat(verdict.outcome()).isEqualTo(Outcome.RETAKE);
    assertThat(verdict.reasons()).containsExactly(Reason.JUG_READ_OTHERWISE);
    assertThat(verdict.strengthKept()).isNull();
  }

  @Test
  void aJugReadWithAnotherOfTheSameScaleIsCorrectedByItsOwnZero() {
    jugInstrument = zeroAt(-0.5);
    assertThat(judgeReadings(PG.freezePointC(0.38) - 0.5, PG.freezePointC(0.38)).strengthKept())
        .isCloseTo(1, within(1e-9));
    jugInstrument = new Instrument(InstrumentKind.REFRACTOMETER, Scale.PG_FREEZE, 0, 10, 30, 0, 25);
    assertThat(judge(0.38, 0.38).reasons()).containsExactly(Reason.ZERO_CHECK_TOO_OLD);
  }

  @Test
  void aLabelDoesNotProveWater() {
    need = new Need(-20, 5, Policy.LABEL);
    product = new Product(Base.PG, null, -59.0, LabelRates.BURST);
    Verdict water = judgeReadings(-1, -1);
    assertThat(water.outcome()).isEqualTo(Outcome.RETAKE);
    assertThat(water.reasons()).containsExactly(Reason.LOT_SUSPECT);
    assertThat(judge(0.37, 0.36).outcome()).isEqualTo(Outcome.PROVEN);
    assertThat(judge(0.30, 0.30).reasons()).containsExactly(Reason.LOT_SUSPECT);
  }

  @Test
  void noPolicyPassesLessThanAFifth() {
    product = new Product(Base.PG, null, -30.0, LabelRates.BURST);
    need = new Need(-20, 5, Policy.LABEL);
    assertThat(judge(0.19, 0.19).outcome()).isEqualTo(Outcome.CHANGE_PRODUCT);
    assertThat(judge(0.205, 0.196).reasons()).contains(Reason.TOO_WEAK_FOR_ANY_NEED);
    assertThat(judge(0.205, 0.196).outcome()).isEqualTo(Outcome.HELD);
    for (Policy policy : new Policy[] {Policy.BURST, Policy.FREEZE}) {
      need = new Need(-1, 0, policy);
      Verdict verdict = judge(0.25, 0.15);
      assertThat(verdict.outcome()).isEqualTo(Outcome.HELD);
      assertThat(verdict.neededMassFraction()).isEqualTo(0.20);
      assertThat(judge(0.25, 0.21).outcome()).isEqualTo(Outcome.PROVEN_WITH_REMARK);
    }
  }

  @Test
  void aComparisonNeedsToKnowWhatTheJugMayHold() {
    need = new Need(-20, 5, Policy.LABEL);
    instrument = exact(Scale.BRIX);
    product = new Product(Base.PG, null, -59.4, LabelRates.BURST);
    assertThat(judgeReadings(40, 38).outcome()).isEqualTo(Outcome.PROVEN);
    product = new Product(Base.PG, null, -30.0, LabelRates.BURST);
    assertThat(judgeReadings(40, 38).reasons()).contains(Reason.NEEDS_RIGHT_SCALE);
    product = new Product(Base.PG, 0.21, -30.0, LabelRates.BURST);
    assertThat(judgeReadings(40, 37).outcome()).isEqualTo(Outcome.HELD);
  }

  @Test
  void aLabelThatRatesFreezeProtectionIsJudgedByFreezePoint() {
    need = new Need(-20, 5, Policy.LABEL);
    product = new Product(Base.PG, 0.38, -59.4, LabelRates.FREEZE);
    Verdict verdict = judge(0.38, 0.38);
    assertThat(verdict.outcome()).isEqualTo(Outcome.CHANGE_PRODUCT);
    assertThat(verdict.need().policy()).isEqualTo(Policy.FREEZE);
    assertThat(verdict.reasons()).contains(Reason.LABEL_RATES_FREEZE);
    product = new Product(Base.PG, 0.56, -59.4, LabelRates.FREEZE);
    assertThat(judge(0.56, 0.55).outcome()).isEqualTo(Outcome.PROVEN);
    instrument = exact(Scale.BRIX);
    assertThat(judgeReadings(40, 40).outcome()).isEqualTo(Outcome.RETAKE);
    product = new Product(Base.PG, 0.38, -59.4, null);
    instrument = exact(Scale.PG_FREEZE);
    assertThat(judge(0.38, 0.38).reasons()).contains(Reason.LABEL_MEANING_UNKNOWN);
  }

  private static Instrument zeroAt(double reading) {
    return new Instrument(InstrumentKind.REFRACTOMETER, Scale.PG_FREEZE, 0, 10, 30, reading, 1);
  }
}
