package elsko.core.frost;

import org.jspecify.annotations.Nullable;

/**
 * How weather has left what stands in a segment, at an hour of the clock's first day.
 *
 * @param hour from which the clock goes on, 0 to 23
 * @param temperatureC null where it is as warm as the air then
 * @param ice part of it that is ice, 0 to 1
 * @param damaged so much of it was ice that it may be broken
 */
public record Stand(int hour, @Nullable Double temperatureC, double ice, boolean damaged) {
  private static final double TEMPERATURE_STEPS = 1_000;
  private static final double ICE_STEPS = 1e6;

  /** What differs by less than anybody could measure is the same, and worked out once. */
  public Stand {
    temperatureC =
        temperatureC == null
            ? null
            : (Double) (Math.rint(temperatureC * TEMPERATURE_STEPS) / TEMPERATURE_STEPS);
    ice = Math.rint(ice * ICE_STEPS) / ICE_STEPS;
  }
}
