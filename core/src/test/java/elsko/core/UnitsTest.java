package elsko.core;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;

class UnitsTest {
  private static final Units MIXED =
      new Units(UnitSystem.US, UnitSystem.METRIC, UnitSystem.METRIC, UnitSystem.US);

  @Test
  void eachKindIsReadByItself() {
    Text text =
        Text.of(
            "%s, %s, %s, %s",
            Quantity.celsius(-20),
            Quantity.liters(19),
            Quantity.meters(7.2),
            Quantity.of(100, Measure.PRESSURE));
    assertThat(text.in(MIXED)).isEqualTo("−4 °F, 19 L, 7.2 m, 14.5 psi");
    assertThat(MIXED.words()).isEqualTo("°F, L, m, psi");
  }

  @Test
  void theyAreKeptInOneWordOrInFour() {
    assertThat(Units.of(Units.US.kept())).isEqualTo(Units.US);
    assertThat(Units.METRIC.kept()).isEqualTo("METRIC");
    assertThat(Units.of(MIXED.kept())).isEqualTo(MIXED);
    assertThatThrownBy(() -> Units.of("US METRIC")).isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> Units.of("yards")).isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> new Units(UnitSystem.US, null, UnitSystem.US, UnitSystem.US))
        .isInstanceOf(Refused.class);
  }

  @Test
  void wearOfAFacePlateIsNotNothing() {
    assertThat(Quantity.millimeters(0.025).precisely().in(Units.US)).isEqualTo("0.001 in");
    assertThat(Quantity.of(42, Measure.GIVE).in(Units.US)).isEqualTo("0.5 in per ft");
  }
}
