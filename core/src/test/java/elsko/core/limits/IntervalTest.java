package elsko.core.limits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import elsko.core.Refused;
import org.junit.jupiter.api.Test;

class IntervalTest {
  @Test
  void eachIsCountedAsTheHandbookSays() {
    assertThat(Interval.ENGINE_OIL.usual().words()).isEqualTo("100 h or 12 months");
    assertThat(Interval.GEAR_OIL.usual().words()).isEqualTo("300 h or 3 changes of the engine oil");
    assertThat(Interval.GEAR_OIL.other().words()).isEqualTo("12 months");
    assertThat(Interval.IMPELLER.usual().words()).isEqualTo("24 months");
    assertThat(Interval.COOLANT.other().words()).isEqualTo("by its maker");
  }

  @Test
  void scaleGrowsWithTheSaltAndTheOtherSchoolWaitsForSymptoms() {
    assertThat(Interval.DESCALE.in(true, false, false).months()).isEqualTo(48);
    assertThat(Interval.DESCALE.in(false, true, false).months()).isEqualTo(60);
    assertThat(Interval.DESCALE.in(false, false, false).isCounted()).isFalse();
    assertThat(Interval.DESCALE.in(true, false, true).words()).isEqualTo("on symptom");
    assertThat(Interval.ANODES.in(true, false, true)).isEqualTo(Interval.ANODES.usual());
  }

  @Test
  void whatDoesNotFallDueIsRefusedByName() {
    assertThat(Interval.of("anodes")).isEqualTo(Interval.ANODES);
    assertThatThrownBy(() -> Interval.of("varnish"))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("varnish");
  }
}
