package elsko.core.ledger;

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
  /** Of so many the middle counts. */
  static final int OF_LAST = 5;

  /** What it is a number of. */
  public enum Kind {
    CAUGHT_AT_A_DRAIN,
    FILL_TOOK,
    PLATEAU
  }

  /** One time that it was seen. */
  record Time(Instant at, double value) {}

  static @Nullable Learned of(Kind kind, String about, List<Time> seen, boolean used) {
    if (seen.isEmpty()) {
      return null;
    }
    List<Time> last = seen.subList(Math.max(0, seen.size() - OF_LAST), seen.size());
    List<Double> sorted = last.stream().map(Time::value).sorted().toList();
    int middle = sorted.size() / 2;
    double median =
        sorted.size() % 2 == 1
            ? sorted.get(middle)
            : (sorted.get(middle - 1) + sorted.get(middle)) / 2;
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
