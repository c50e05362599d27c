package elsko.core;

import org.jspecify.annotations.Nullable;

/**
 * A number of something in a sentence, said only where the sentence is read.
 *
 * @param value in the unit of its measure
 * @param more decimals beyond those usual for its measure
 * @param alone without its unit, which stands behind the last of several
 * @param judged what it is judged with: the limit it is held against, or the value held against it;
 *     null where it is not judged
 */
public record Quantity(
    double value, Measure measure, int more, boolean alone, @Nullable Judged judged) {
  private static final int PRECISELY = 2;

  public static Quantity of(double value, Measure measure) {
    return new Quantity(value, measure, 0, false, null);
  }

  /** A temperature: "−20 °C". */
  public static Quantity celsius(double value) {
    return of(value, Measure.TEMPERATURE);
  }

  /** How far two temperatures are apart: "5 K". */
  public static Quantity kelvin(double value) {
    return of(value, Measure.DIFFERENCE);
  }

  /** A volume: "19 L". */
  public static Quantity liters(double value) {
    return of(value, Measure.VOLUME);
  }

  /** A length of a hull or a berth: "7.2 m". */
  public static Quantity meters(double value) {
    return of(value, Measure.LENGTH);
  }

  /** A length of a part: "0.5 mm". */
  public static Quantity millimeters(double value) {
    return of(value, Measure.SIZE);
  }

  /** A volume in a minute: "30 L/min". */
  public static Quantity litersPerMinute(double value) {
    return of(value, Measure.FLOW);
  }

  /** The same without its unit: "71 and 79 °C". */
  public Quantity withoutUnit() {
    return new Quantity(value, measure, more, true, judged);
  }

  /** The same as somebody read it, with two decimals more. */
  public Quantity precisely() {
    return new Quantity(value, measure, PRECISELY, alone, judged);
  }

  public String in(Units units) {
    String number =
        judged == null
            ? measure.number(value, more, units)
            : judged.number(value, measure, more, units);
    return alone ? number : number + " " + measure.unit(units);
  }

  /** In metric units. */
  @Override
  public String toString() {
    return in(Units.METRIC);
  }
}
