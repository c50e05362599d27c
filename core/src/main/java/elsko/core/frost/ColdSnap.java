package elsko.core.frost;

import elsko.core.Refused;
import java.time.LocalDate;

/**
 * A what-if: so many days that come out colder than anybody expects.
 *
 * @param first its first day
 * @param days 1 to 14
 * @param byK colder by so much at its depth, 1 to 25 K; its first and last day are half as cold
 */
public record ColdSnap(LocalDate first, int days, double byK) {
  public ColdSnap {
    if (first == null) {
      throw Refused.value("first", "Say on which day it begins.");
    }
    Refused.within("days", days, 1, 14, " days");
    Refused.within("byK", byK, 1, 25, " K");
  }

  /** How much colder it makes a day, K. */
  public double on(LocalDate date) {
    long at = date.toEpochDay() - first.toEpochDay();
    if (at < 0 || at >= days) {
      return 0;
    }
    return days > 2 && (at == 0 || at == days - 1) ? byK / 2 : byK;
  }

  /** The forecast as it would be. */
  public Forecast on(Forecast forecast) {
    return new Forecast(forecast.days().stream().map(day -> day.colderBy(on(day.date()))).toList());
  }
}
