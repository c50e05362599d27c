package elsko.server.frost;

import elsko.core.frost.DailyAir;
import elsko.core.frost.Forecast;
import elsko.core.frost.SimulatedSite;
import java.time.LocalDate;
import java.util.List;

/** Simulated: stands in for a service that forecasts a site's weather, with a made-up site. */
public class SimulatedWeatherService implements WeatherService {
  private static final long SEED = 55;
  private static final int DAYS_AHEAD = 14;
  private static final int YEARS = 30;

  @Override
  public String name() {
    return "weather of a made-up site";
  }

  @Override
  public boolean simulated() {
    return true;
  }

  @Override
  public Forecast forecast(LocalDate today, LocalDate coldest) {
    return new SimulatedSite(SEED, coldest).forecast(today, DAYS_AHEAD);
  }

  @Override
  public List<DailyAir> observed(LocalDate from, LocalDate to, LocalDate coldest) {
    int days = (int) Math.max(0, to.toEpochDay() - from.toEpochDay() + 1);
    return new SimulatedSite(SEED, coldest).truth(from, days);
  }

  /** The site's last thirty years. */
  public List<DailyAir> past(LocalDate today, LocalDate coldest) {
    return new SimulatedSite(SEED, coldest).pastYears(today, YEARS);
  }
}
