package elsko.core.frost;

import elsko.core.Refused;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a pocket does through given hours. The air around it is constant within an hour; cooling is
 * the exact exponential, split where it crosses the freeze point; there it stays while ice grows or
 * melts in proportion to how far the air is from it.
 *
 * @param hoursToFreezePoint when it first reaches its freeze point; null if never
 * @param hoursToDamage when enough of it was ice; null if never; damage stays
 * @param iceFraction at the end of each hour, 0 to 1
 */
public record PocketCourse(
    @Nullable Double hoursToFreezePoint, @Nullable Double hoursToDamage, List<Double> iceFraction) {
  private static final int MOST_HOURS = 24 * 366;

  /** Follows a pocket; refuses temperatures that cannot be meant, and more than a year. */
  public static PocketCourse of(Pocket pocket, double startC, List<Double> hourlyC) {
    Refused.within("startC", startC, -60, 60, " °C");
    if (hourlyC.isEmpty() || hourlyC.size() > MOST_HOURS) {
      throw Refused.value("hourlyC", "Give 1 to 8,784 hours of air.");
    }
    for (int hour = 0; hour < hourlyC.size(); hour++) {
      if (hourlyC.get(hour) == null) {
        throw Refused.value("hourlyC[%d]".formatted(hour), "Must be a number.");
      }
      Refused.within("hourlyC[%d]".formatted(hour), hourlyC.get(hour), -60, 60, " °C");
    }
    PocketRun run = new PocketRun(pocket, startC);
    List<Double> ice = new ArrayList<>(hourlyC.size());
    for (Double air : hourlyC) {
      run.hour(air);
      ice.add(run.ice());
    }
    return new PocketCourse(known(run.hoursToFreezePoint()), known(run.hoursToDamage()), ice);
  }

  private static Double known(double hours) {
    return Double.isNaN(hours) ? null : hours;
  }
}
