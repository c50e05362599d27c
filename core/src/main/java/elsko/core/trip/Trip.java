package elsko.core.trip;

import elsko.core.Refused;

/**
 * A planned trip.
 *
 * @param hours under way, out and back together, h
 * @param speedKn planned; null when only the hours are known
 * @param roundTrip it comes back to where it left
 */
public record Trip(double hours, Double speedKn, boolean roundTrip, FuelSchool school) {
  public Trip {
    Refused.within("hours", hours, 0.1, 1_000, " h");
    if (speedKn != null) {
      Refused.within("speedKn", speedKn, 0.5, 60, " kn");
    }
    school = school == null ? FuelSchool.TWENTY_PERCENT : school;
  }

  /**
   * The same by its distance.
   *
   * @param distanceNm out and back together, nautical miles
   */
  public static Trip over(double distanceNm, double speedKn, boolean roundTrip, FuelSchool school) {
    Refused.within("distanceNm", distanceNm, 0.1, 10_000, " nm");
    Refused.within("speedKn", speedKn, 0.5, 60, " kn");
    return new Trip(distanceNm / speedKn, speedKn, roundTrip, school);
  }
}
