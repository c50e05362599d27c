package elsko.server.frost;

import elsko.core.frost.DailyAir;
import elsko.core.frost.Forecast;
import java.time.LocalDate;
import java.util.List;

/** Where a forecast comes from. */
public interface WeatherService {
  /** What it is called on screen. */
  String name();

  /** Whether it makes its weather up. */
  boolean simulated();

  /**
   * What is expected from a day on.
   *
   * @param coldest the day of the year around which the site is coldest
   */
  Forecast forecast(LocalDate today, LocalDate coldest);

  /**
   * What the air did on days that have passed; days it does not know are not among them.
   *
   * @param to the last of them
   */
  List<DailyAir> observed(LocalDate from, LocalDate to, LocalDate coldest);
}
