package elsko.core.ledger.learned;

import elsko.core.Median;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A number that a boat has taught: what was caught at a drain, what a fill took, or where an
 * engine's gauge holds when it is warm.
 *
 * @param key of the number; {@code about} the key of its low point or circuit, or its engine
 * @param value the middle of up to five, L; of a plateau °C
 * @param times how often it was seen; {@code since} when first, of those
 * @param used somebody may say that it is not gone by
 */
public record Learned(
    Kind kind, String key, String about, double value, int times, Instant since, boolean used) {
  /** What it is a number of. */
  public enum Kind {
    CAUGHT_AT_A_DRAIN,
    FILL_TOOK,
    PLATEAU
  }

  /** One time that it was seen. */
  public record Time(Instant at, double value) {}

  public static @Nullable Learned of(Kind kind, String about, List<Time> seen, boolean used) {
    if (seen.isEmpty()) {
      return null;
    }
    List<Time> last = Median.last(seen);
    double median = Median.of(last.stream().map(Time::value).toList());
    return new Learned(kind, key(kind, about), about, median, last.size(), last.get(0).at(), used);
  }

  static String key(Kind kind, String about) {
    return switch (kind) {
          case CAUGHT_AT_A_DRAIN -> "caught.";
          case FILL_TOOK -> "fill.";
          case PLATEAU -> "plateau.";
        }
        + about;
  }
}
