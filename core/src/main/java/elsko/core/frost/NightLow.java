package elsko.core.frost;

import elsko.core.Refused;
import java.time.LocalDate;

/**
 * How cold a night gets, by somebody who is there: on the morning it ends with.
 *
 * @param lowC at the screen, °C
 */
public record NightLow(LocalDate morning, double lowC) {
  /** A warmer night is not typed in against frost. */
  private static final double WARMEST_C = 30;

  public NightLow {
    if (morning == null) {
      throw Refused.value("morning", "Say which night.");
    }
    Refused.within("lowC", lowC, DailyAir.COLDEST_C, WARMEST_C, " °C");
  }

  /** The same day with this minimum. */
  public DailyAir on(DailyAir day) {
    return new DailyAir(day.date(), lowC, Math.max(lowC, day.maxC()));
  }
}
