package elsko.core.limits;

import elsko.core.Refused;
import java.time.Instant;
import java.time.ZoneOffset;

/**
 * Something that falls due again after calendar months, counted for each engine or once for the
 * boat.
 */
public enum Interval {
  ENGINE_OIL("engine-oil", "engine oil and filter", "oil and oil filter", 12, true),
  GEAR_OIL("gear-oil", "gearbox or drive oil", "gearbox or drive oil", 36, true),
  FUEL_FILTER("fuel-filter", "fuel filter", "fuel filter", 12, true),
  SPARK_PLUGS("spark-plugs", "spark plugs looked at", "spark plugs", 12, true),
  IMPELLER("impeller", "impeller", "impeller with its gasket", 24, true),
  COOLANT("coolant", "coolant", "coolant, mixed", 36, true),
  DESCALE("descale", "descale of the raw-water side", "descaler", 48, true),
  ELBOW(
      "elbow", "mixing elbow or riser inspected", "gasket of the mixing elbow or riser", 24, true),
  ANODES("anodes", "anodes", "anodes", 12, true),
  SIPHON_BREAK("siphon-break", "siphon break rinsed", "", 12, true),
  HOSES("hoses", "shaft seal, hoses and clamps inspected", "", 12, false);

  private static final int WARN_DAYS = 30;

  private final String key;
  private final String words;
  private final String part;
  private final int months;
  private final boolean perEngine;

  Interval(String key, String words, String part, int months, boolean perEngine) {
    this.key = key;
    this.words = words;
    this.part = part;
    this.months = months;
    this.perEngine = perEngine;
  }

  public String key() {
    return key;
  }

  public String words() {
    return words;
  }

  /** What has to lie ready for it; empty when nothing does. */
  public String part() {
    return part;
  }

  public int months() {
    return months;
  }

  public boolean isPerEngine() {
    return perEngine;
  }

  /** The interval of this key, or a refusal. */
  public static Interval of(String key) {
    for (Interval interval : values()) {
      if (interval.key.equals(key)) {
        return interval;
      }
    }
    throw Refused.value("item", "Nothing called \"%s\" falls due.".formatted(key));
  }

  /**
   * Whether it is due, or will be within the warning time.
   *
   * @param last when it was done last; null: no record, so it is due
   */
  public boolean isDue(Instant last, Instant now) {
    if (last == null) {
      return true;
    }
    Instant due = last.atZone(ZoneOffset.UTC).plusMonths(months).minusDays(WARN_DAYS).toInstant();
    return !now.isBefore(due);
  }
}
