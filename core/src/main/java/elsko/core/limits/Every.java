package elsko.core.limits;

import elsko.core.Words;
import java.time.Period;
import java.util.ArrayList;
import java.util.List;

/**
 * After how much something falls due again: whichever comes first.
 *
 * @param months calendar months; 0 when they do not count
 * @param hours of the engine; 0 when they do not count
 * @param oilChanges changes of the engine's oil; 0 when they do not count
 * @param otherwise what decides where nothing is counted; empty otherwise
 */
public record Every(int months, double hours, int oilChanges, String otherwise) {

  static Every months(int months) {
    return new Every(months, 0, 0, "");
  }

  static Every hours(double hours) {
    return new Every(0, hours, 0, "");
  }

  static Every hoursOrMonths(double hours, int months) {
    return new Every(months, hours, 0, "");
  }

  static Every hoursOrOilChanges(double hours, int changes) {
    return new Every(0, hours, changes, "");
  }

  /** Nothing is counted: something else decides. */
  static Every on(String otherwise) {
    return new Every(0, 0, 0, otherwise);
  }

  public boolean isCounted() {
    return otherwise.isEmpty();
  }

  public Period period() {
    return Period.ofMonths(months);
  }

  /** "100 h or 12 months". */
  public String words() {
    List<String> parts = new ArrayList<>();
    if (hours > 0) {
      parts.add(Words.number(hours) + " h");
    }
    if (oilChanges > 0) {
      parts.add(oilChanges + " changes of the engine oil");
    }
    if (months > 0) {
      parts.add(months + " months");
    }
    return isCounted() ? String.join(" or ", parts) : otherwise;
  }
}
