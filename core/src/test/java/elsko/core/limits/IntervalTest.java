package elsko.core.limits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import elsko.core.Refused;
import java.time.Instant;
import org.junit.jupiter.api.Test;

class IntervalTest {
  private static final Instant DONE = Instant.parse("2024-11-10T09:00:00Z");

  @Test
  void withoutARecordItIsDue() {
    assertThat(Interval.IMPELLER.isDue(null, DONE)).isTrue();
  }

  @Test
  void itFallsDueAfterItsMonthsAndIsSaidThirtyDaysAhead() {
    assertThat(Interval.IMPELLER.isDue(DONE, Instant.parse("2026-10-10T00:00:00Z"))).isFalse();
    assertThat(Interval.IMPELLER.isDue(DONE, Instant.parse("2026-10-12T00:00:00Z"))).isTrue();
    assertThat(Interval.ENGINE_OIL.isDue(DONE, Instant.parse("2025-11-10T10:00:00Z"))).isTrue();
  }

  @Test
  void whatDoesNotFallDueIsRefusedByName() {
    assertThat(Interval.of("anodes")).isEqualTo(Interval.ANODES);
    assertThatThrownBy(() -> Interval.of("varnish"))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("varnish");
  }
}
