package elsko.core.frost;

import elsko.core.Nullable;
import elsko.core.Refused;
import java.util.Objects;

/**
 * What is around the water in a boat, and how its air follows the weather.
 *
 * @param setPointC a heated shed is never colder; null everywhere else
 * @param heater one night in which a heater runs inside, or null
 */
public record Enclosure(Kind kind, @Nullable Double setPointC, @Nullable HeaterNight heater) {
  /** A heater in the hull holds at least this, °C. */
  static final double HEATER_HOLDS_C = 5;

  /** Where a boat stands and how it is covered. */
  public enum Kind {
    OPEN("in the open", 2),
    TARP("under a tarp", 3),
    SHRINK_WRAP("in shrink-wrap", 4),
    COLD_SHED("in a cold shed", 12),
    HEATED_SHED("in a heated shed", 12),
    AFLOAT_FRESH("afloat on fresh water", 2),
    AFLOAT_SALT("afloat on salt water", 2);

    private final String words;
    private final double lagHours;

    Kind(String words, double lagHours) {
      this.words = words;
      this.lagHours = lagHours;
    }

    public String words() {
      return words;
    }

    /** First-order lag of the air inside behind the air outside, h. */
    public double lagHours() {
      return lagHours;
    }

    boolean afloat() {
      return this == AFLOAT_FRESH || this == AFLOAT_SALT;
    }

    /** The water under an afloat boat is never colder, °C. */
    double coldestWaterC() {
      return this == AFLOAT_SALT ? -1.7 : 0;
    }
  }

  /** The night that begins in the evening of a day counted from the ensemble's first. */
  public record HeaterNight(int day) {
    private static final int FROM_HOUR = 17;
    private static final int TO_HOUR = 34;

    boolean runs(int hour) {
      int since = hour - day * 24;
      return since >= FROM_HOUR && since < TO_HOUR;
    }
  }

  private static final double PART_OF_WATER = 0.6;

  public Enclosure {
    if (kind == Kind.HEATED_SHED) {
      Refused.within("setPointC", Objects.requireNonNull(setPointC), 0, 25, " °C");
    } else if (setPointC != null) {
      throw Refused.value("setPointC", "Only a heated shed has a set point.");
    }
  }

  public static Enclosure of(Kind kind) {
    return new Enclosure(kind, null, null);
  }

  public static Enclosure heatedShed(double setPointC) {
    return new Enclosure(Kind.HEATED_SHED, setPointC, null);
  }

  /** The same with a heater in one night. */
  public Enclosure heated(HeaterNight night) {
    return new Enclosure(kind, setPointC, night);
  }

  /** A heated shed whose heater has failed is a cold one. */
  public Enclosure heaterFailed() {
    return kind == Kind.HEATED_SHED ? of(Kind.COLD_SHED) : this;
  }

  /** Air inside by the hour in one member, °C. */
  double[] insideC(Ensemble ensemble, int member) {
    double[] outside = ensemble.hourlyC(member);
    double[] inside = new double[outside.length];
    double keeps = Math.exp(-1 / kind.lagHours());
    double air = ensemble.startC(member);
    double water = 0;
    for (int hour = 0; hour < outside.length; hour++) {
      if (kind.afloat() && hour % 24 == 0) {
        water = Math.max(kind.coldestWaterC(), ensemble.meanOf30DaysC(member, hour / 24));
      }
      double around =
          kind.afloat()
              ? PART_OF_WATER * water + (1 - PART_OF_WATER) * outside[hour]
              : outside[hour];
      air = around + (air - around) * keeps;
      if (setPointC != null) {
        air = Math.max(air, setPointC);
      }
      if (heater != null && heater.runs(hour)) {
        air = Math.max(air, HEATER_HOLDS_C);
      }
      inside[hour] = air;
    }
    return inside;
  }
}
