package elsko.core.frost;

import elsko.core.Refused;
import java.time.LocalDate;

/** One day's lowest and highest air temperature at the site, °C. */
public record DailyAir(LocalDate date, double minC, double maxC) {
  /** Colder or warmer air than this is not weather. */
  public static final double COLDEST_C = -60;

  public static final double WARMEST_C = 55;

  public DailyAir {
    if (date == null) {
      throw Refused.value("date", "A day needs its date.");
    }
    Refused.within("tmin_c", minC, COLDEST_C, WARMEST_C, " °C");
    Refused.within("tmax_c", maxC, COLDEST_C, WARMEST_C, " °C");
    if (minC > maxC) {
      throw Refused.value("tmin_c", "The minimum is above the maximum.");
    }
  }

  /** The same day, colder by so many kelvin. */
  DailyAir colderBy(double kelvin) {
    return new DailyAir(
        date, Math.max(COLDEST_C, minC - kelvin), Math.max(COLDEST_C, maxC - kelvin));
  }
}
