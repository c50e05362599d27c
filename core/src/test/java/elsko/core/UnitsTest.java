package elsko.core;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class UnitsTest {
  @Test
  void metricIsAsItIsKept() {
    assertThat(Units.METRIC.temperature(-20)).isEqualTo("−20 °C");
    assertThat(Units.METRIC.difference(5)).isEqualTo("5 K");
    assertThat(Units.METRIC.volume(19)).isEqualTo("19 L");
    assertThat(Units.METRIC.length(7.24)).isEqualTo("7.2 m");
  }

  @Test
  void sentencesAreTurnedOverWithTheirNumbers() {
    assertThat(Units.METRIC.said("Holds at 75 °C.")).isEqualTo("Holds at 75 °C.");
    assertThat(Units.US.said("Good: between 71 and 79 °C, 4.6 K over 73 °C."))
        .isEqualTo("Good: between 160 °F and 174 °F, 8.3 °F over 163 °F.");
    assertThat(Units.US.said("19 L to fill, −5 °C, gives 12 mm, 3 Lots, 2 and 3 pieces"))
        .isEqualTo("5 gal to fill, 23 °F, gives 0.47 in, 3 Lots, 2 and 3 pieces");
  }

  @Test
  void usCustomaryIsTurnedOver() {
    assertThat(Units.US.temperature(-20)).isEqualTo("−4 °F");
    assertThat(Units.US.temperature(0)).isEqualTo("32 °F");
    assertThat(Units.US.difference(5)).isEqualTo("9 °F");
    assertThat(Units.US.volume(19)).isEqualTo("5 gal");
    assertThat(Units.US.length(7.2)).isEqualTo("23.6 ft");
  }
}
