package elsko.core.fluid;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import elsko.core.Refused;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class GlycolCurveTest {
  @ParameterizedTest
  @CsvFileSource(resources = "/elsko/core/fluid/glycol-freeze.csv", numLinesToSkip = 1)
  void freezePointIsExactAtTheNodes(Base base, double mass, double volume, Double freezeC) {
    GlycolCurve curve = GlycolCurve.of(base);
    assertThat(curve.toVolumeFraction(mass)).isEqualTo(volume);
    assertThat(curve.toMassFraction(volume)).isEqualTo(mass);
    if (freezeC != null) {
      Mixture mixture = curve.atMassFraction(mass);
      assertThat(mixture.freezePointC()).isEqualTo(freezeC);
      assertThat(curve.withFreezePoint(freezeC).massFraction()).isEqualTo(mass);
    }
  }

  @ParameterizedTest
  @CsvFileSource(resources = "/elsko/core/fluid/glycol-burst.csv", numLinesToSkip = 1)
  void burstPointIsExactAtTheNodesBelowTheLast(Base base, double volume, double burstC) {
    Mixture mixture = GlycolCurve.of(base).atVolumeFraction(volume);
    boolean last = volume == (base == Base.PG ? 0.350 : 0.314);
    assertThat(mixture.burstIsFloor()).isEqualTo(last);
    assertThat(mixture.burstPointC()).isEqualTo(last ? -51 : burstC);
    assertThat(GlycolCurve.of(base).withBurstPoint(burstC).volumeFraction())
        .isCloseTo(volume, within(1e-12));
  }

  @ParameterizedTest
  @CsvSource({
    "0.21, -7.6",
    "0.23, -8.6",
    "0.27, -10.8",
    "0.33, -14.8",
    "0.37, -18.2",
    "0.38, -19.1"
  })
  void staysNearTheFinerPublishedTableBetweenTheNodes(double mass, double freezeC) {
    assertThat(GlycolCurve.of(Base.PG).freezePointC(mass)).isCloseTo(freezeC, within(0.4));
  }

  @Test
  void aTargetBetweenTheLastNodeAndTheFloorNeedsTheLastNode() {
    Mixture mixture = GlycolCurve.of(Base.PG).withBurstPoint(-45);
    assertThat(mixture.volumeFraction()).isEqualTo(0.350);
    assertThat(mixture.burstIsFloor()).isTrue();
  }

  @Test
  void belowTheFloorNothingIsPromised() {
    assertThatThrownBy(() -> GlycolCurve.of(Base.PG).withBurstPoint(-51.5))
        .isInstanceOfSatisfying(
            Refused.class,
            refused -> {
              assertThat(refused.field()).isEqualTo("burstPointC");
              assertThat(refused.reason().toString()).contains("−51");
            });
  }

  @ParameterizedTest
  @ValueSource(doubles = {-0.01, 0.601, 1, Double.NaN, Double.POSITIVE_INFINITY})
  void fractionsOutsideTheTableAreRefused(double mass) {
    assertThatThrownBy(() -> GlycolCurve.of(Base.PG).atMassFraction(mass))
        .isInstanceOf(Refused.class);
  }

  @ParameterizedTest
  @ValueSource(doubles = {0.1, -51.2, Double.NaN})
  void freezePointsNoMixtureReachesAreRefused(double freezeC) {
    assertThatThrownBy(() -> GlycolCurve.of(Base.PG).withFreezePoint(freezeC))
        .isInstanceOf(Refused.class);
  }

  @ParameterizedTest
  @EnumSource(Base.class)
  void concentratesOnlyConvert(Base base) {
    assertThat(GlycolCurve.of(base).toVolumeFraction(0.75)).isBetween(0.68, 0.80);
  }

  @Test
  void aTypicalMinusFiftyProductIsSlushNearMinusEleven() {
    Mixture mixture = GlycolCurve.of(Base.PG).atMassFraction(0.27);
    assertThat(mixture.freezePointC()).isCloseTo(-11, within(0.5));
    assertThat(mixture.burstPointC()).isCloseTo(-21, within(0.5));
  }
}
