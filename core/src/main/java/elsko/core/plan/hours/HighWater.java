package elsko.core.plan.hours;

import elsko.core.Refused;
import elsko.core.plan.model.Worker;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;

/**
 * Around high water a boat floats to the lift. From one high water that was looked up the next ones
 * follow by the mean interval of 12 h 25 min; the tide table is right, and within a week or two the
 * mean is up to an hour off it.
 *
 * @param at local time of one high water
 * @param around minutes before and after it in which the lift can work
 */
public record HighWater(LocalDateTime at, int around) {
  private static final double INTERVAL_MINUTES = 12 * 60 + 25.2;

  public HighWater {
    Refused.within("around", around, 15, 360, " min");
  }

  /** The hours of one day, minutes after midnight, in order. */
  public List<Worker.Hours> on(LocalDate day) {
    double since = Duration.between(at, day.atStartOfDay()).toMinutes();
    long first = (long) Math.floor((since - around) / INTERVAL_MINUTES);
    List<Worker.Hours> hours = new ArrayList<>();
    for (long n = first; n * INTERVAL_MINUTES - since - around < 1440; n++) {
      int high = (int) Math.round(n * INTERVAL_MINUTES - since);
      int from = Math.max(0, high - around);
      int to = Math.min(1440, high + around);
      if (to > 0 && from < to) {
        // Where one runs into the next it is one.
        Worker.Hours last = hours.isEmpty() ? null : hours.getLast();
        if (last != null && last.to() >= from) {
          hours.set(hours.size() - 1, new Worker.Hours(last.from(), to));
        } else {
          hours.add(new Worker.Hours(from, to));
        }
      }
    }
    return hours;
  }
}
