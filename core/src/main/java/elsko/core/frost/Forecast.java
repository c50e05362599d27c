package elsko.core.frost;

import java.util.List;

/**
 * What is expected for the next days, the first of them today; without a gap.
 *
 * @param days may be empty: then past winters alone speak
 */
public record Forecast(List<DailyAir> days) {
  public static final Forecast NONE = new Forecast(List.of());

  public Forecast {
    days = List.copyOf(days);
    for (int i = 1; i < days.size(); i++) {
      if (!days.get(i).date().equals(days.get(i - 1).date().plusDays(1))) {
        throw new IllegalArgumentException("a forecast has no gap");
      }
    }
  }
}
