package elsko.core.fluid.mix;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import elsko.core.Refused;
import elsko.core.limits.Call;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DisinfectionTest {
  /** By hand: liters × mg/L ÷ (10 × %). */
  @ParameterizedTest
  @CsvSource({
    "100, 50, 5, 100",
    "180, 50, 5, 180",
    "60, 50, 12.5, 24",
    "400, 100, 10, 400",
    "75, 50, 3, 125"
  })
  void theDoseIsWhatIsWorkedOutByHand(
      double liters, double mgPerLiter, double percent, double milliliters) {
    assertThat(Disinfection.of(liters, mgPerLiter, percent).milliliters())
        .isCloseTo(milliliters, within(1e-9));
  }

  @Property(tries = 200)
  void whatGoesInMakesTheStrengthThatWasAskedFor(
      @ForAll @DoubleRange(min = 1, max = 5000) double liters,
      @ForAll @DoubleRange(min = 1, max = 500) double mgPerLiter,
      @ForAll @DoubleRange(min = 0.5, max = 20) double percent) {
    double milliliters = Disinfection.of(liters, mgPerLiter, percent).milliliters();
    assertThat(milliliters * percent * 10 / liters).isCloseTo(mgPerLiter, within(1e-6));
  }

  @ParameterizedTest
  @CsvSource({
    "100, 5, 100, 50, GOOD", "60, 12.5, 24, 50, GOOD", "100, 5, 96, 48, GOOD",
    "100, 5, 80, 40, MEND", "100, 5, 200, 100, GOOD", "100, 5, 210, 105, STOP"
  })
  void whatWasPouredInIsJudgedByWhatItGives(
      double liters, double percent, double milliliters, double mgPerLiter, Call call) {
    Disinfection.Poured poured = Disinfection.poured(liters, percent, milliliters);
    assertThat(poured.mgPerLiter()).isCloseTo(mgPerLiter, within(1e-9));
    assertThat(poured.judgement().call()).isEqualTo(call);
    assertThat(poured.judgement().words().toString()).contains("%.0f mg/L".formatted(mgPerLiter));
  }

  @Test
  void aDoseNobodyCanMeanIsRefused() {
    assertThatThrownBy(() -> Disinfection.poured(100, 5, 2000)).hasMessageContaining("1000 mg/L");
  }

  @Test
  void aDangerousDoseIsWarnedOfAndAWeakOneNamed() {
    assertThat(Disinfection.of(100, 50, 5).warning()).isEmpty();
    assertThat(Disinfection.of(100, 100, 5).warning()).isEmpty();
    assertThat(Disinfection.of(100, 100.1, 5).warning()).contains("burns skin and eyes");
    assertThat(Disinfection.of(100, 20, 5).warning()).contains("may not be enough");
    assertThat(Disinfection.of(100, 50, 5).contactHours()).isEqualTo(4);
  }

  @ParameterizedTest
  @CsvSource({
    "0, 50, 5, tankLiters", "100, 0, 5, mgPerLiter", "100, 900, 5, mgPerLiter",
    "100, 50, 0, chlorinePercent", "100, 50, 65, chlorinePercent", "NaN, 50, 5, tankLiters"
  })
  void whatCannotBeMeantIsRefusedAtItsField(
      double liters, double mgPerLiter, double percent, String field) {
    assertThatThrownBy(() -> Disinfection.of(liters, mgPerLiter, percent))
        .isInstanceOfSatisfying(
            Refused.class, refused -> assertThat(refused.field()).isEqualTo(field));
  }
}
