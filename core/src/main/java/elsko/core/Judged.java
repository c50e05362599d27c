package elsko.core;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * A value and the limit it is held against, said so that rounding never lies: a limit is rounded to
 * its strict side, and both have as many places as it takes to see on which side the value is.
 *
 * @param value not a number where the limit is said without a value
 * @param atMost whether the value should be the limit or less; otherwise the limit or more
 */
public record Judged(double value, double limit, boolean atMost) {
  private static final int MOST_PLACES = 6;

  /** Places more of a number that is said as it was read. */
  private static final int AS_READ = 2;

  private static final double NOISE = 1e-9;

  /** Good is the limit or less. */
  public static Judged atMost(double limit, double value) {
    return new Judged(value, limit, true);
  }

  /** Good is the limit or more. */
  public static Judged atLeast(double limit, double value) {
    return new Judged(value, limit, false);
  }

  /** The value, as it is said beside its limit. */
  public Quantity value(Measure measure) {
    return new Quantity(value, measure, 0, false, this);
  }

  /** The limit, as it is said beside the value. */
  public Quantity limit(Measure measure) {
    return new Quantity(limit, measure, 0, false, this);
  }

  /** A volume that is needed at the least, without a value beside it. */
  public static Quantity litersAtLeast(double liters) {
    return atLeast(liters, Double.NaN).limit(Measure.VOLUME);
  }

  /**
   * One of the two as a number.
   *
   * @param more decimals beyond the usual ones to begin with
   */
  String number(double which, Measure measure, int more, Units units) {
    int places = places(measure, more, units);
    boolean strictly = which == limit && !isOnIt();
    BigDecimal rounded =
        measure.rounded(which, places, units, strictly ? strict() : RoundingMode.HALF_UP);
    return Words.number(rounded.doubleValue(), Math.max(rounded.scale(), 0));
  }

  private int places(Measure measure, int more, Units units) {
    if (Double.isNaN(value)) {
      return more;
    }
    if (isOnIt()) {
      return more + AS_READ;
    }
    boolean good = atMost ? value < limit : value > limit;
    BigDecimal asRead = measure.rounded(value, more + MOST_PLACES, units, RoundingMode.HALF_UP);
    for (int places = more; places < more + MOST_PLACES; places++) {
      BigDecimal held = measure.rounded(limit, places, units, strict());
      // As it is said beside the limit, and as it was read and may stand elsewhere.
      if (tells(measure.rounded(value, places, units, RoundingMode.HALF_UP), held, good)
          && tells(asRead, held, good)) {
        return places;
      }
    }
    return more + MOST_PLACES;
  }

  private boolean tells(BigDecimal said, BigDecimal held, boolean good) {
    int over = said.compareTo(held) * (atMost ? 1 : -1);
    return good ? over <= 0 : over > 0;
  }

  /** Then both are said alike. */
  private boolean isOnIt() {
    return Math.abs(value - limit) < NOISE;
  }

  private RoundingMode strict() {
    return atMost ? RoundingMode.FLOOR : RoundingMode.CEILING;
  }
}
