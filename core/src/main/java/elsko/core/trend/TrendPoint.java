package elsko.core.trend;

import elsko.core.Nullable;
import java.time.Instant;

/**
 * One reading of a trend.
 *
 * @param value in the unit of its kind; null where it is no number
 * @param words as it was found: "amber"; empty for numbers
 * @param good whether it was as it should be
 */
public record TrendPoint(Instant at, @Nullable Double value, String words, boolean good) {
  static TrendPoint number(Instant at, double value) {
    return new TrendPoint(at, value, "", true);
  }
}
