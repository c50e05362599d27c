package elsko.core.plan.hours;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import elsko.core.Refused;
import elsko.core.plan.model.Opening;
import elsko.core.plan.model.Openings;
import elsko.core.plan.model.Worker;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class YardHoursTest {
  private static final ZoneId ZONE = ZoneId.of("Etc/GMT");

  /** At 50° north on the meridian: what an almanac says, to five minutes. */
  @ParameterizedTest
  @CsvSource({
    "2031-12-21, 07:56, 15:59",
    "2031-06-21, 03:50, 20:13",
    "2031-03-20, 06:03, 18:13",
    "2031-11-03, 06:57, 16:31",
  })
  void theSunRisesAndSets(LocalDate day, String rises, String sets) {
    Worker.Hours light = new Daylight(50, 0).on(day, ZONE);
    assertThat(light.from()).isCloseTo(minute(rises), within(5));
    assertThat(light.to()).isCloseTo(minute(sets), within(5));
  }

  @Test
  void furtherEastItRisesEarlierAndByTheClockOfItsZone() {
    LocalDate day = LocalDate.of(2031, 11, 3);
    Worker.Hours here = new Daylight(50, 0).on(day, ZONE);
    Worker.Hours east = new Daylight(50, 15).on(day, ZONE);
    assertThat(here.from() - east.from()).isEqualTo(60);
    assertThat(new Daylight(50, 15).on(day, ZoneId.of("Etc/GMT-1"))).isEqualTo(here);
    assertThatThrownBy(() -> new Daylight(80, 0)).isInstanceOf(Refused.class);
  }

  @Test
  void highWatersFollowOneAnotherBeforeAndAfterTheOneThatIsKnown() {
    HighWater known = new HighWater(LocalDateTime.of(2031, 11, 3, 9, 0), 90);
    assertThat(known.on(LocalDate.of(2031, 11, 3)))
        .containsExactly(new Worker.Hours(450, 630), new Worker.Hours(1195, 1375));
    // 24 h 50 min later.
    assertThat(known.on(LocalDate.of(2031, 11, 4)).getFirst())
        .isEqualTo(new Worker.Hours(500, 680));
    assertThat(known.on(LocalDate.of(2031, 11, 2)).getFirst())
        .isEqualTo(new Worker.Hours(400, 580));
    for (int day = -60; day < 60; day++) {
      assertThat(known.on(LocalDate.of(2031, 11, 3).plusDays(day))).hasSizeBetween(1, 3);
    }
  }

  @Test
  void aWideWindowIsNeverOverlapping() {
    HighWater wide = new HighWater(LocalDateTime.of(2031, 11, 3, 9, 0), 360);
    Openings openings =
        new YardHours(null, null, null, wide, null)
            .openings(LocalDate.of(2031, 11, 3), 40, ZONE, false);
    assertThat(openings.byDay().get(Opening.LIFT_HOURS)).hasSize(40);
  }

  @Test
  void theLiftWorksInItsHoursWhenThereIsWater() {
    YardHours hours =
        new YardHours(
            null,
            new Worker.Hours(600, 840),
            new Worker.Hours(480, 960),
            new HighWater(LocalDateTime.of(2031, 11, 3, 9, 0), 90),
            null);
    Openings openings = hours.openings(LocalDate.of(2031, 11, 3), 10, ZONE, true);
    assertThat(openings.on(Opening.LIFT_HOURS, 0)).containsExactly(new Worker.Hours(480, 630));
    // High water at 18:07 and before dawn: nothing is lifted that day.
    assertThat(openings.on(Opening.LIFT_HOURS, 8)).hasSizeLessThan(2);
    assertThat(openings.on(Opening.DOORS, 3)).isEqualTo(List.of(new Worker.Hours(600, 840)));
    assertThat(openings.on(Opening.DAYLIGHT, 3)).isNull();
    assertThat(openings.on(Opening.SECOND_HANDS, 3)).containsExactly(YardHours.USUAL_HANDS);
  }

  private static int minute(String clock) {
    return Integer.parseInt(clock.substring(0, 2)) * 60 + Integer.parseInt(clock.substring(3));
  }
}
