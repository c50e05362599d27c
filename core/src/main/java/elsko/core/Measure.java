package elsko.core;

import java.util.Arrays;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;

/**
 * What a quantity in a sentence is a number of, inside always in SI or what goes with it. A
 * temperature and a difference of temperatures are told apart: they turn into others differently.
 */
public enum Measure {
  /** A temperature, °C. */
  TEMPERATURE("°C", 1, "°F", 0, celsius -> celsius * 9 / 5 + 32),
  /** How far two temperatures are apart, K. */
  DIFFERENCE("K", 1, "°F", 1, kelvin -> kelvin * 9 / 5),
  /** A volume, L. */
  VOLUME("L", 1, "gal", 1, liters -> liters / Measure.LITERS_PER_GALLON),
  /** A volume that is measured into another, mL. */
  DOSE(
      "mL",
      0,
      "fl oz",
      1,
      ml -> ml / 1_000 / Measure.LITERS_PER_GALLON * Measure.OUNCES_PER_GALLON),
  /** A volume in a unit of time, L/min. */
  FLOW("L/min", 0, "gal/min", 1, liters -> liters / Measure.LITERS_PER_GALLON),
  /** A length of a hull or a berth, m. */
  LENGTH("m", 1, "ft", 1, meters -> meters / Measure.METERS_PER_FOOT),
  /** A length of a part, mm. */
  SIZE("mm", 1, "in", 2, millimeters -> millimeters / Measure.MM_PER_INCH);

  private static final double MM_PER_INCH = 25.4;
  private static final double LITERS_PER_GALLON = 3.785411784;
  private static final double OUNCES_PER_GALLON = 128;
  private static final double METERS_PER_FOOT = 0.3048;

  private final String unit;
  private final int decimals;
  private final String usUnit;
  private final int usDecimals;
  private final DoubleUnaryOperator us;

  Measure(String unit, int decimals, String usUnit, int usDecimals, DoubleUnaryOperator us) {
    this.unit = unit;
    this.decimals = decimals;
    this.usUnit = usUnit;
    this.usDecimals = usDecimals;
    this.us = us;
  }

  /**
   * A value without its unit.
   *
   * @param more decimals beyond the usual ones
   */
  String number(double value, int more, Units units) {
    return units == Units.METRIC
        ? Words.number(value, decimals + more)
        : Words.number(us.applyAsDouble(value), usDecimals + more);
  }

  /** Which it is by its unit; empty where that is the same for everybody: h, %, V. */
  public static Optional<Measure> of(String unit) {
    return Arrays.stream(values()).filter(measure -> measure.unit.equals(unit)).findFirst();
  }

  public String unit(Units units) {
    return units == Units.METRIC ? unit : usUnit;
  }
}
