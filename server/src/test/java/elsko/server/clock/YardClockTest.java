package elsko.server.clock;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class YardClockTest {
  private static final ZoneId CET = ZoneId.of("CET");

  private static YardClock standing(String at) {
    return YardClock.at(LocalDateTime.parse(at), CET, true);
  }

  @ParameterizedTest
  @CsvSource({
    "2026-11-24T09:10, 2026-11-24T08:10:00Z, an ordinary morning",
    "2026-12-31T23:50, 2026-12-31T22:50:00Z, the last minutes of a year",
    "2026-03-29T02:30, 2026-03-29T01:30:00Z, skipped: half an hour after the jump",
    "2026-10-25T02:30, 2026-10-25T00:30:00Z, twice: the first of the two",
    "2028-02-29T10:00, 2028-02-29T09:00:00Z, the day of a leap year"
  })
  void beginsWhereTheYardsClockShows(String at, Instant begins, String what) {
    assertThat(standing(at).instant()).as(what).isEqualTo(begins);
  }

  @Test
  void todayIsWhereTheYardIs() {
    YardClock clock = standing("2026-11-24T00:20");
    assertThat(LocalDate.now(clock)).isEqualTo("2026-11-24");
    clock.movesTo(ZoneId.of("UTC"));
    assertThat(LocalDate.now(clock)).isEqualTo("2026-11-23");
  }

  @Test
  void goesOnUnlessItStandsStill() {
    YardClock goes = YardClock.at(LocalDateTime.parse("2026-11-24T09:10"), CET, false);
    Instant first = goes.instant();
    assertThat(Duration.between(Instant.parse("2026-11-24T08:10:00Z"), first))
        .isBetween(Duration.ZERO, Duration.ofMinutes(1));
    while (goes.instant().equals(first)) {
      Thread.onSpinWait();
    }
    assertThat(goes.instant()).isAfter(first);
  }

  @Test
  void aTimeThatWasMadeUpDoesNotGoBackAndTheMachinesIsLeftAlone() {
    YardClock clock = standing("2026-11-24T09:10");
    Instant left = Instant.parse("2026-11-24T15:00:00Z");
    clock.isNotBefore(left);
    assertThat(clock.instant()).isEqualTo(left);
    clock.isNotBefore(left.minusSeconds(60));
    clock.isNotBefore(null);
    assertThat(clock.instant()).isEqualTo(left);

    YardClock machine = YardClock.ofTheMachine();
    Instant ahead = machine.instant().plus(Duration.ofDays(400));
    machine.isNotBefore(ahead);
    assertThat(machine.instant()).isBefore(ahead);
  }
}
