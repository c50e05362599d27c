package elsko.core.trend;

import elsko.core.Median;
import elsko.core.Quantity;
import elsko.core.Text;
import elsko.core.Words;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Something that speaks for a raw-water path that narrows: descale or inspect.
 *
 * @param kind what was read
 * @param evidence the readings it rests on, oldest first
 * @param words in a sentence, with the numbers
 */
public record Narrowing(TrendKind kind, List<TrendPoint> evidence, Text words) {
  /** So far over its own median, K. */
  static final double OVER_MEDIAN_K = 4;

  /** The median is that of no fewer than these. Estimate. */
  private static final int AT_LEAST = 3;

  private static final int RISES = 3;

  /** Equipment to do about it. */
  public static final String WHAT_TO_DO = "Raw-water path narrowing: descale or inspect.";

  /**
   * What stands after all that was read. An alarm stays until the path was descaled or looked at,
   * and what raised it, or came while it stood, never enters the median: or it would take itself
   * back.
   *
   * @param seenTo when the path was descaled or looked at, oldest first
   */
  static List<Narrowing> of(
      List<TrendPoint> plateaus, List<TrendPoint> secondsToFlow, List<Instant> seenTo) {
    List<Narrowing> found = new ArrayList<>();
    hotter(plateaus.stream().filter(TrendPoint::good).toList(), seenTo, found);
    slower(secondsToFlow, seenTo, found);
    return found;
  }

  private static void hotter(List<TrendPoint> warm, List<Instant> seenTo, List<Narrowing> found) {
    List<TrendPoint> quiet = new ArrayList<>();
    Narrowing alarm = null;
    for (TrendPoint point : warm) {
      if (alarm != null && isSeenTo(seenTo, alarm.since(), point.at())) {
        alarm = null;
      }
      Narrowing raised = raisedBy(point, quiet);
      if (raised != null) {
        alarm = raised;
      } else if (alarm == null) {
        quiet.add(point);
      }
    }
    if (alarm != null && !isSeenTo(seenTo, alarm.since(), Instant.MAX)) {
      found.add(alarm);
    }
  }

  private static @Nullable Narrowing raisedBy(TrendPoint point, List<TrendPoint> quiet) {
    if (quiet.size() < AT_LEAST) {
      return null;
    }
    List<TrendPoint> before = Median.last(quiet);
    double median = Median.of(before.stream().map(TrendPoint::number).toList());
    double now = point.number();
    if (now - median < OVER_MEDIAN_K) {
      return null;
    }
    List<TrendPoint> evidence = new ArrayList<>(before);
    evidence.add(point);
    return new Narrowing(
        TrendKind.PLATEAU,
        List.copyOf(evidence),
        Text.of(
            "Holds at %s, %s over its own median of %s.",
            Quantity.celsius(now), Quantity.kelvin(now - median), Quantity.celsius(median)));
  }

  private static boolean isSeenTo(List<Instant> seenTo, Instant after, Instant until) {
    return seenTo.stream().anyMatch(at -> at.isAfter(after) && !at.isAfter(until));
  }

  private static void slower(List<TrendPoint> flow, List<Instant> seenTo, List<Narrowing> found) {
    Narrowing alarm = null;
    for (int at = RISES; at < flow.size(); at++) {
      List<TrendPoint> last = flow.subList(at - RISES, at + 1);
      if (rises(last)) {
        List<String> values =
            last.stream().map(point -> Words.number(point.number(), 0) + " s").toList();
        alarm =
            new Narrowing(
                TrendKind.SECONDS_TO_FLOW,
                List.copyOf(last),
                Text.of(
                    "Water at the exhaust came later three times in a row: %s.",
                    String.join(", ", values)));
      }
    }
    if (alarm != null && !isSeenTo(seenTo, alarm.since(), Instant.MAX)) {
      found.add(alarm);
    }
  }

  private static boolean rises(List<TrendPoint> points) {
    for (int i = 1; i < points.size(); i++) {
      if (points.get(i).number() <= points.get(i - 1).number()) {
        return false;
      }
    }
    return true;
  }

  /** When the newest reading of the evidence was taken. */
  public Instant since() {
    return evidence.get(evidence.size() - 1).at();
  }
}
