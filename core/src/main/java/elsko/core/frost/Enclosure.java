package elsko.core.frost;

import elsko.core.Refused;
import java.util.Objects;
import java.util.function.IntToDoubleFunction;
import org.jspecify.annotations.Nullable;

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
    OPEN("in the open", 2, 2),
    TARP("under a tarp", 3, 1),
    SHRINK_WRAP("in shrink-wrap", 4, 0),
    COLD_SHED("in a cold shed", 12, 0),
    HEATED_SHED("in a heated shed", 12, 0),
    AFLOAT_FRESH("afloat on fresh water", 2, 0),
    AFLOAT_SALT("afloat on salt water", 2, 0);

    private final String words;
    private final double lagHours;
    private final double belowScreenK;

    Kind(String words, double lagHours, double belowScreenK) {
      this.words = words;
      this.lagHours = lagHours;
      this.belowScreenK = belowScreenK;
    }

    /** How far a hull falls below the air at the screen in a clear night, K. An estimate. */
    double belowScreenK() {
      return belowScreenK;
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

  /** The same without a heater in any night. */
  Enclosure unheated() {
    return heater == null ? this : new Enclosure(kind, setPointC, null);
  }

  /** A heated shed whose heater has failed is a cold one. */
  public Enclosure heaterFailed() {
    return kind == Kind.HEATED_SHED ? of(Kind.COLD_SHED) : this;
  }

  /**
   * Air inside by the hour in one member, °C.
   *
   * @param startC inside when it begins; null where nobody knows: then as the first day is
   */
  double[] insideC(Ensemble ensemble, int member, Double startC) {
    double[] inside = ensemble.hourlyC(member, kind.belowScreenK());
    double air = startC == null ? ensemble.startC(member) : startC;
    follow(inside, 0, inside.length, air, day -> ensemble.meanOf30DaysC(member, day));
    return inside;
  }

  /**
   * Makes air outside, by the hour, into air inside.
   *
   * @param airC outside from {@code from} on, before {@code to}; inside afterwards
   * @param startC inside when it begins
   * @param meanOf30DaysC of the 30 days that end with a day, counted from hour 0
   */
  void follow(double[] airC, int from, int to, double startC, IntToDoubleFunction meanOf30DaysC) {
    double keeps = Math.exp(-1 / kind.lagHours());
    double air = startC;
    double water = 0;
    for (int hour = from; hour < to; hour++) {
      if (kind.afloat() && (hour == from || hour % 24 == 0)) {
        water = Math.max(kind.coldestWaterC(), meanOf30DaysC.applyAsDouble(hour / 24));
      }
      double around =
          kind.afloat() ? PART_OF_WATER * water + (1 - PART_OF_WATER) * airC[hour] : airC[hour];
      air = around + (air - around) * keeps;
      if (setPointC != null) {
        air = Math.max(air, setPointC);
      }
      if (heater != null && heater.runs(hour)) {
        air = Math.max(air, HEATER_HOLDS_C);
      }
      airC[hour] = air;
    }
  }
}
