package elsko.core.trend;

import java.time.Instant;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * One reading of a trend.
 *
 * @param value in the unit of its kind; null where it is no number
 * @param words as it was found: "amber"; empty for numbers
 * @param good whether it was as it should be
 */
public record TrendPoint(Instant at, @Nullable Double value, String words, boolean good) {
  /** The number of a point that is one. */
  public double number() {
    return Objects.requireNonNull(value);
  }

  static TrendPoint number(Instant at, double value) {
    return new TrendPoint(at, value, "", true);
  }
}
