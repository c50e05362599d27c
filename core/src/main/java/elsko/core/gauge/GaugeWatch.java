package elsko.core.gauge;

import elsko.core.Quantity;
import elsko.core.Text;
import elsko.core.Words;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What the gauges of a run come to.
 *
 * @param standing how it stands after the last reading
 * @param words what was seen, and what to do
 * @param plateauC where it holds; null while it does not
 * @param opened whether the thermostat was seen to open at any time of the run
 */
public record GaugeWatch(Standing standing, Text words, @Nullable Double plateauC, boolean opened) {
  /** Flat is within so much, K, */
  private static final double FLAT_K = 1.5;

  /** over at least so long, min. */
  private static final double FLAT_MINUTES = 1;

  /** It climbs when it is so much hotter than at the reading before, K. Estimate. */
  private static final double CLIMBS_K = 0.5;

  /** Water is at the exhaust after so long, min. */
  private static final double WATER_MINUTES = 1;

  /** Less than this out of the exhaust is none, L/min. Estimate. */
  private static final double NO_WATER = 0.5;

  /** Revs stay below this after a start. */
  private static final double MOST_RPM = 2000;

  /** How a run stands. */
  public enum Standing {
    /** Nothing was read yet. */
    NOT_READ,
    WARMING,
    /** It holds: the thermostat is open. */
    OPEN,
    /** It should be open by now, and is not. */
    NOT_OPENING,
    /** Stop the engine. */
    STOP
  }

  /**
   * Judges a run.
   *
   * @param readings of this run, oldest first
   */
  public static GaugeWatch of(GaugeLimits limits, List<GaugeReading> readings) {
    GaugeWatch watch = new GaugeWatch(Standing.NOT_READ, Text.NONE, null, false);
    for (int i = 1; i <= readings.size(); i++) {
      watch = after(limits, readings.subList(0, i), watch.opened());
    }
    return watch;
  }

  private static GaugeWatch after(
      GaugeLimits limits, List<GaugeReading> readings, boolean openedBefore) {
    GaugeReading last = readings.get(readings.size() - 1);
    Quantity reads = Quantity.celsius(last.temperatureC());
    if (last.temperatureC() >= limits.stopAtC()) {
      return stop(
          Text.of(
              "%s: stop the engine, %s. Grille, seacock, strainer, lid, impeller, exchanger, elbow, in"
                  + " that order; then the thermostat.",
              reads, limits.stopBecause()),
          openedBefore);
    }
    if (isWithoutWater(last)) {
      return stop(
          Text.of(
              "No water at the exhaust after %s min: stop the engine. The gauge still looks normal then.",
              Words.number(last.minute(), 1)),
          openedBefore);
    }
    if (limits.climbingStops()
        && last.temperatureC() > limits.opensUntilC()
        && isClimbing(readings)) {
      return stop(
          Text.of(
              "%s and still climbing, over what goes with %s: stop the engine and find out why.",
              reads, limits.restsOn()),
          openedBefore);
    }
    String slower =
        last.rpm() != null && last.rpm() >= MOST_RPM
            ? " %s rpm is too fast: below %s."
                .formatted(Words.number(last.rpm(), 0), Words.number(MOST_RPM))
            : "";
    if (last.temperatureC() >= limits.opensFromC() && isFlat(readings)) {
      return new GaugeWatch(
          Standing.OPEN,
          Text.of("Holds at %s: the thermostat is open.", reads)
              .then(over(limits, last), compared(limits, last), slower),
          last.temperatureC(),
          true);
    }
    if (last.minute() >= limits.openByMinutes() && !openedBefore) {
      return new GaugeWatch(
          Standing.NOT_OPENING,
          Text.of(
              "%s after %s minutes: the thermostat is stuck open, or the engine has no load.",
              reads, Words.number(last.minute(), 1)),
          null,
          false);
    }
    return new GaugeWatch(
        Standing.WARMING,
        Text.of(
            "%s, not flat yet. It opens between %s and %s.%s",
            reads,
            Quantity.celsius(limits.opensFromC()).withoutUnit(),
            Quantity.celsius(limits.opensUntilC()),
            slower),
        null,
        openedBefore);
  }

  private static GaugeWatch stop(Text words, boolean openedBefore) {
    return new GaugeWatch(Standing.STOP, words, null, openedBefore);
  }

  private static Text compared(GaugeLimits limits, GaugeReading last) {
    if (limits.ownPlateauC() == null) {
      return Text.NONE;
    }
    double over = last.temperatureC() - limits.ownPlateauC();
    return Math.abs(over) < 1
        ? Text.of(" As it usually does.")
        : Text.of(
            " %s %s than it usually does.",
            Quantity.kelvin(Math.abs(over)), over > 0 ? "hotter" : "colder");
  }

  private static Text over(GaugeLimits limits, GaugeReading last) {
    return last.temperatureC() <= limits.opensUntilC()
        ? Text.NONE
        : Text.of(" Hotter than goes with %s: look along the raw-water path.", limits.restsOn());
  }

  /** Hotter than at the reading before. */
  private static boolean isClimbing(List<GaugeReading> readings) {
    int last = readings.size() - 1;
    return last > 0
        && readings.get(last).temperatureC() - readings.get(last - 1).temperatureC() > CLIMBS_K;
  }

  /** Whether a stop is for want of water, by the reading it came with. */
  public static boolean isWithoutWater(GaugeReading reading) {
    Double flow = reading.exhaustLitersPerMinute();
    return flow != null && flow < NO_WATER && reading.minute() >= WATER_MINUTES;
  }

  /** Within a narrow band for long enough, by at least two readings. */
  private static boolean isFlat(List<GaugeReading> readings) {
    GaugeReading last = readings.get(readings.size() - 1);
    double low = last.temperatureC();
    double high = low;
    for (int i = readings.size() - 2; i >= 0; i--) {
      GaugeReading before = readings.get(i);
      low = Math.min(low, before.temperatureC());
      high = Math.max(high, before.temperatureC());
      if (high - low > FLAT_K) {
        return false;
      }
      if (last.minute() - before.minute() >= FLAT_MINUTES) {
        return true;
      }
    }
    return false;
  }
}
