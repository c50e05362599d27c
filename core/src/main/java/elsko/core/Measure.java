package elsko.core;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Arrays;
import java.util.Optional;
import java.util.function.Function;

/**
 * What a quantity in a sentence is a number of, inside always in SI or what goes with it. A
 * temperature and a difference of temperatures are told apart: they turn into others differently.
 */
public enum Measure {
  /** A temperature, °C. */
  TEMPERATURE(Units::temperature, "°C", 1, "°F", 1, 1.8, 32),
  /** How far two temperatures are apart, K. */
  DIFFERENCE(Units::temperature, "K", 1, "°F", 1, 1.8, 0),
  /** A volume, L. */
  VOLUME(Units::volume, "L", 1, "gal", 1, 1 / Measure.LITERS_PER_GALLON, 0),
  /** A volume that is measured into another, mL. */
  DOSE(Units::volume, "mL", 0, "fl oz", 1, 128 / (1_000 * Measure.LITERS_PER_GALLON), 0),
  /** A volume in a minute, L/min. */
  FLOW(Units::volume, "L/min", 0, "gal/min", 1, 1 / Measure.LITERS_PER_GALLON, 0),
  /** What an engine burns in an hour, L/h. */
  CONSUMPTION(Units::volume, "L/h", 1, "gal/h", 2, 1 / Measure.LITERS_PER_GALLON, 0),
  /** A length of a hull or a berth, m. */
  LENGTH(Units::length, "m", 1, "ft", 1, 1 / 0.3048, 0),
  /** A length of a part, mm. */
  SIZE(Units::length, "mm", 1, "in", 2, 1 / 25.4, 0),
  /** How much a belt gives for each meter of its free span, mm/m. */
  GIVE(Units::length, "mm per m", 0, "in per ft", 1, 0.012, 0),
  /** A pressure, kPa. */
  PRESSURE(Units::pressure, "kPa", 1, "psi", 1, 1 / 6.894757293168, 0);

  private static final double LITERS_PER_GALLON = 3.785411784;

  /** Digits of a computer's own noise are no digits of a quantity. */
  private static final int TRUE_DECIMALS = 9;

  private final Function<Units, UnitSystem> kind;
  private final String unit;
  private final int decimals;
  private final String usUnit;
  private final int usDecimals;
  private final double usFactor;
  private final double usOffset;

  Measure(
      Function<Units, UnitSystem> kind,
      String unit,
      int decimals,
      String usUnit,
      int usDecimals,
      double usFactor,
      double usOffset) {
    this.kind = kind;
    this.unit = unit;
    this.decimals = decimals;
    this.usUnit = usUnit;
    this.usDecimals = usDecimals;
    this.usFactor = usFactor;
    this.usOffset = usOffset;
  }

  /**
   * A value without its unit.
   *
   * @param more decimals beyond the usual ones
   */
  String number(double value, int more, Units units) {
    return Words.number(in(units, value), decimals(units) + more);
  }

  /** A value as it is in the reader's unit, rounded one way. */
  BigDecimal rounded(double value, int more, Units units, RoundingMode way) {
    return BigDecimal.valueOf(in(units, value))
        .setScale(TRUE_DECIMALS, RoundingMode.HALF_UP)
        .setScale(decimals(units) + more, way);
  }

  private double in(Units units, double value) {
    return isMetric(units) ? value : value * usFactor + usOffset;
  }

  private int decimals(Units units) {
    return isMetric(units) ? decimals : usDecimals;
  }

  private boolean isMetric(Units units) {
    return kind.apply(units) == UnitSystem.METRIC;
  }

  /** Which it is by its unit; empty where that is the same for everybody: h, %, V. */
  public static Optional<Measure> of(String unit) {
    return Arrays.stream(values()).filter(measure -> measure.unit.equals(unit)).findFirst();
  }

  public String unit(Units units) {
    return isMetric(units) ? unit : usUnit;
  }
}
