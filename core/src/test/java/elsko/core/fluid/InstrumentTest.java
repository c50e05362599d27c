package elsko.core.fluid;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import elsko.core.Refused;
import elsko.core.fluid.verdict.Need;
import elsko.core.fluid.verdict.SampledSegment;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.Test;

class InstrumentTest {
  private static Instrument glass(Scale scale, double zero, double hours) {
    return new Instrument(InstrumentKind.REFRACTOMETER, scale, 1, 10, 30, zero, hours);
  }

  private static void refusedAt(String field, ThrowingCallable made) {
    assertThatThrownBy(made)
        .isInstanceOfSatisfying(
            Refused.class, refused -> assertThat(refused.field()).isEqualTo(field));
  }

  @Test
  void aZeroCheckCountsForADayAndWithinOneUnit() {
    assertThat(glass(Scale.PG_FREEZE, 0, 24).zeroCheckIsFresh()).isTrue();
    assertThat(glass(Scale.PG_FREEZE, 0, 24.01).zeroCheckIsFresh()).isFalse();
    assertThat(glass(Scale.PG_FREEZE, -1, 0).zeroIsTrue()).isTrue();
    assertThat(glass(Scale.PG_FREEZE, 1.1, 0).zeroIsTrue()).isFalse();
  }

  @Test
  void itCompensatesAtBothEndsOfItsRange() {
    Instrument glass = glass(Scale.PG_FREEZE, 0, 0);
    assertThat(glass.compensatesAt(10)).isTrue();
    assertThat(glass.compensatesAt(30)).isTrue();
    assertThat(glass.compensatesAt(9.9)).isFalse();
    assertThat(glass.compensatesAt(30.1)).isFalse();
  }

  @Test
  void onlyTheRightScaleTellsAStrength() {
    assertThat(glass(Scale.PG_FREEZE, 0, 0).massFraction(Base.PG, -21.1)).isEqualTo(0.40);
    assertThat(glass(Scale.EG_FREEZE, 0, 0).massFraction(Base.EG, -22.3)).isEqualTo(0.40);
    assertThat(glass(Scale.EG_FREEZE, 0, 0).massFraction(Base.PG, -21.1)).isNull();
    assertThat(glass(Scale.BRIX, 0, 0).massFraction(Base.PG, 30)).isNull();
    Instrument hydrometer =
        new Instrument(InstrumentKind.HYDROMETER, Scale.EG_FREEZE, 1, 10, 30, 0, 0);
    assertThat(hydrometer.tellsStrengthOf(Base.EG)).isTrue();
  }

  @Test
  void towardWeakIsWarmerOnAFreezeScaleAndLessOnBrix() {
    assertThat(Scale.PG_FREEZE.weaker(-19, 1)).isEqualTo(-18);
    assertThat(Scale.PG_FREEZE.weaker(-0.5, 1)).isZero();
    assertThat(Scale.BRIX.weaker(30, 2)).isEqualTo(28);
    assertThat(Scale.BRIX.weaker(1, 2)).isZero();
  }

  @Test
  void whatIsNoInstrumentIsRefusedAtItsField() {
    refusedAt("instrument.kind", () -> new Instrument(null, Scale.BRIX, 1, 10, 30, 0, 0));
    refusedAt(
        "instrument.scale",
        () -> new Instrument(InstrumentKind.REFRACTOMETER, null, 1, 10, 30, 0, 0));
    refusedAt("instrument.hoursSinceZeroCheck", () -> glass(Scale.BRIX, 0, -1));
    refusedAt("instrument.zeroReading", () -> glass(Scale.BRIX, Double.NaN, 1));
    refusedAt(
        "instrument.compensatesToC",
        () -> new Instrument(InstrumentKind.REFRACTOMETER, Scale.BRIX, 1, 30, 10, 0, 0));
  }

  @Test
  void needProductAndSegmentRefuseWhatCannotBe() {
    refusedAt("policy", () -> new Need(-20, 5, null));
    refusedAt("designLowC", () -> new Need(-90, 5, Policy.BURST));
    refusedAt("marginK", () -> new Need(-20, -1, Policy.BURST));
    refusedAt("product.base", () -> new Product(null, 0.4, null, null));
    refusedAt("product.massFraction", () -> new Product(Base.PG, 1.4, null, null));
    refusedAt("segment.liters", () -> new SampledSegment(0, 0.5, false));
    refusedAt("segment.flowShare", () -> new SampledSegment(4.5, 0, false));
    assertThat(new Need(3, 0, Policy.BURST).temperatureC()).isZero();
  }
}
