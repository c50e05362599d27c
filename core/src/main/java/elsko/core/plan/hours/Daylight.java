package elsko.core.plan.hours;

import elsko.core.Refused;
import elsko.core.plan.model.Worker;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import org.jspecify.annotations.Nullable;

/**
 * From sunrise to sunset at a place, by the usual equations of the sun; right to a few minutes.
 *
 * @param latitude degrees, north positive
 * @param longitude degrees, east positive
 */
public record Daylight(double latitude, double longitude) {
  /** With refraction and half the sun's disc, degrees above the horizon. */
  private static final double RISES_AT = -0.833;

  private static final double TILT = 23.44;

  public Daylight {
    Refused.within("latitude", latitude, -66, 66, "°");
    Refused.within("longitude", longitude, -180, 180, "°");
  }

  /** Minutes after midnight in this zone, within the day; null where the sun stays below. */
  public Worker.@Nullable Hours on(LocalDate day, ZoneId zone) {
    int n = day.getDayOfYear();
    double year = 2 * Math.PI * (n - 1) / day.lengthOfYear();
    // Equation of time in minutes and declination, by their first harmonics.
    double ahead =
        229.18
            * (0.000075
                + 0.001868 * Math.cos(year)
                - 0.032077 * Math.sin(year)
                - 0.014615 * Math.cos(2 * year)
                - 0.040849 * Math.sin(2 * year));
    double declination =
        Math.asin(
            Math.sin(Math.toRadians(TILT))
                * Math.sin(
                    2 * Math.PI * (n - 80.5) / day.lengthOfYear()
                        + 0.0334 * Math.sin(2 * Math.PI * (n - 3) / day.lengthOfYear())));
    double lat = Math.toRadians(latitude);
    double cos =
        (Math.sin(Math.toRadians(RISES_AT)) - Math.sin(lat) * Math.sin(declination))
            / (Math.cos(lat) * Math.cos(declination));
    if (cos > 1) {
      return null;
    }
    double half = Math.toDegrees(Math.acos(Math.max(-1, cos))) * 4;
    int offset = zone.getRules().getOffset(day.atTime(LocalTime.NOON)).getTotalSeconds() / 60;
    double noon = 720 - 4 * longitude - ahead + offset;
    int from = (int) Math.ceil(noon - half);
    int to = (int) Math.floor(noon + half);
    return new Worker.Hours(
        Math.clamp(from, 0, 1440), Math.clamp(to, Math.clamp(from, 0, 1440), 1440));
  }
}
