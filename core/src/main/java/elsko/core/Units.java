package elsko.core;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Units as people read them. Inside everything is SI. */
public enum Units {
  METRIC("metric: °C, L, m"),
  US("US: °F, gal, ft");

  private static final String NUMBER = "(−?\\d+(?:\\.\\d+)?)";

  /** "71 and 79 °C": the first number has the unit of the second. */
  private static final Pattern RANGE =
      Pattern.compile(NUMBER + "( and | to |–)(?=" + NUMBER + " (?:°C|K|L)\\b)");

  private static final Pattern QUANTITY = Pattern.compile(NUMBER + " (°C|K|L|mm)\\b");

  private static final double MM_PER_INCH = 25.4;
  private static final double LITERS_PER_GALLON = 3.785411784;
  private static final double METERS_PER_FOOT = 0.3048;

  private final String words;

  Units(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** A temperature: "−20 °C", "−4 °F". */
  public String temperature(double celsius) {
    return this == METRIC ? Words.celsius(celsius) : Words.number(celsius * 9 / 5 + 32, 0) + " °F";
  }

  /** A difference of temperatures: "5 K", "9 °F". */
  public String difference(double kelvin) {
    return this == METRIC
        ? Words.number(kelvin, 1) + " K"
        : Words.number(kelvin * 9 / 5, 1) + " °F";
  }

  /** A volume: "19 L", "5 gal". */
  public String volume(double liters) {
    return this == METRIC
        ? Words.liters(liters)
        : Words.number(liters / LITERS_PER_GALLON, 1) + " gal";
  }

  /** A sentence with quantities in metric units, in these: "It holds at 75 °C." */
  public String said(String sentence) {
    if (this == METRIC) {
      return sentence;
    }
    String whole =
        RANGE
            .matcher(sentence)
            .replaceAll(
                found -> {
                  Matcher unit = QUANTITY.matcher(sentence.substring(found.end()));
                  return unit.lookingAt()
                      ? "$1 " + unit.group(2) + "$2"
                      : Matcher.quoteReplacement(found.group());
                });
    return QUANTITY
        .matcher(whole)
        .replaceAll(found -> Matcher.quoteReplacement(turned(found.group(1), found.group(2))));
  }

  private String turned(String number, String unit) {
    double value = Double.parseDouble(number.replace('−', '-'));
    return switch (unit) {
      case "°C" -> temperature(value);
      case "K" -> difference(value);
      case "L" -> volume(value);
      default -> Words.number(value / MM_PER_INCH, 2) + " in";
    };
  }

  /** A length: "7.2 m", "23.6 ft". */
  public String length(double meters) {
    return this == METRIC
        ? Words.number(meters, 1) + " m"
        : Words.number(meters / METERS_PER_FOOT, 1) + " ft";
  }
}
