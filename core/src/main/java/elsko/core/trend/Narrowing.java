package elsko.core.trend;

import elsko.core.Words;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;

/**
 * Something that speaks for a raw-water path that narrows: descale or inspect.
 *
 * @param kind what was read
 * @param evidence the readings it rests on, oldest first
 * @param words in a sentence, with the numbers
 */
public record Narrowing(TrendKind kind, List<TrendPoint> evidence, String words) {
  /** So far over its own median, K. */
  static final double OVER_MEDIAN_K = 4;

  /** The median is that of so many before, */
  private static final int OF_LAST = 5;

  /** and of no fewer than these. Estimate. */
  private static final int AT_LEAST = 3;

  private static final int RISES = 3;

  /** What there is to do about it. */
  public static final String WHAT_TO_DO = "Raw-water path narrowing: descale or inspect.";

  static List<Narrowing> of(List<TrendPoint> plateaus, List<TrendPoint> secondsToFlow) {
    List<Narrowing> found = new ArrayList<>();
    hotter(plateaus.stream().filter(TrendPoint::good).toList(), found);
    slower(secondsToFlow, found);
    return found;
  }

  private static void hotter(List<TrendPoint> warm, List<Narrowing> found) {
    int last = warm.size() - 1;
    if (last < AT_LEAST) {
      return;
    }
    List<TrendPoint> before = warm.subList(Math.max(0, last - OF_LAST), last);
    double median = median(before);
    double now = warm.get(last).number();
    if (now - median >= OVER_MEDIAN_K) {
      found.add(
          new Narrowing(
              TrendKind.PLATEAU,
              warm.subList(Math.max(0, last - OF_LAST), last + 1),
              "Holds at %s, %s K over its own median of %s."
                  .formatted(
                      Words.celsius(now), Words.number(now - median, 1), Words.celsius(median))));
    }
  }

  private static double median(List<TrendPoint> points) {
    List<Double> sorted = points.stream().map(TrendPoint::number).sorted().toList();
    int middle = sorted.size() / 2;
    return sorted.size() % 2 == 1
        ? sorted.get(middle)
        : (sorted.get(middle - 1) + sorted.get(middle)) / 2;
  }

  private static void slower(List<TrendPoint> flow, List<Narrowing> found) {
    if (flow.size() <= RISES) {
      return;
    }
    List<TrendPoint> last = flow.subList(flow.size() - RISES - 1, flow.size());
    for (int i = 1; i < last.size(); i++) {
      if (last.get(i).number() <= last.get(i - 1).number()) {
        return;
      }
    }
    List<String> values =
        last.stream().map(point -> Words.number(point.number(), 0) + " s").toList();
    found.add(
        new Narrowing(
            TrendKind.SECONDS_TO_FLOW,
            last,
            "Water at the exhaust came later three times in a row: %s."
                .formatted(String.join(", ", values))));
  }

  /** When the newest reading of the evidence was taken. */
  public Instant since() {
    return evidence.get(evidence.size() - 1).at();
  }
}
