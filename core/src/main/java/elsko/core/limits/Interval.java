package elsko.core.limits;

import elsko.core.Refused;
import org.jspecify.annotations.Nullable;

/**
 * Something that falls due again, counted for each engine or once for the boat. Defaults and the
 * other school as the handbook's intervals have them.
 */
public enum Interval {
  ENGINE_OIL(
      "engine-oil",
      "engine oil and filter",
      "oil and oil filter",
      Every.hoursOrMonths(100, 12),
      null),
  GEAR_OIL(
      "gear-oil",
      "gearbox or drive oil",
      "gearbox or drive oil",
      Every.hoursOrOilChanges(300, 3),
      Every.months(12)),
  FUEL_FILTER("fuel-filter", "fuel filter", "fuel filter", Every.months(12), Every.hours(250)),
  SPARK_PLUGS("spark-plugs", "spark plugs looked at", "spark plugs", Every.months(12), null),
  VALVES(
      "valve-clearance",
      "valve clearance",
      "gasket of the valve cover",
      Every.hours(500),
      Every.on("on symptom")),
  IMPELLER("impeller", "impeller", "impeller with its gasket", Every.months(24), Every.months(12)),
  IMPELLER_LOOK("impeller-look", "impeller looked at", "", Every.months(12), null),
  /** A dry tell-tale gap is left alone; by hours is an estimate of the other school. */
  PUMP_SEALS(
      "pump-seals",
      "seals of the raw-water pump",
      "lip seals, circlip and gasket of the raw-water pump",
      Every.on("on condition"),
      Every.hours(1000)),
  COOLANT("coolant", "coolant", "coolant, mixed", Every.months(36), Every.on("by its maker")),
  DESCALE(
      "descale",
      "descale of the raw-water side",
      "descaler",
      Every.months(48),
      Every.on("on symptom")),
  ELBOW(
      "elbow",
      "mixing elbow or riser inspected",
      "gasket of the mixing elbow or riser",
      Every.months(24),
      null),
  ELBOW_REPLACED(
      "elbow-replaced",
      "mixing elbow or riser replaced",
      "mixing elbow or riser with its gasket",
      Every.hours(2000),
      null),
  ANODES("anodes", "anodes", "anodes", Every.months(12), null),
  SIPHON_BREAK("siphon-break", "siphon break rinsed", "", Every.months(12), null),
  HOSES("hoses", "shaft seal, hoses and clamps inspected", "", Every.months(12), null);

  /** Brackish water leaves less scale than salt. */
  private static final Every DESCALE_AFTER_BRACKISH = Every.months(60);

  /** Fresh water leaves what its hardness is: nobody counts months. */
  private static final Every DESCALE_AFTER_FRESH = Every.on("on symptom");

  private final String key;
  private final String words;
  private final String part;
  private final Every usual;
  private final @Nullable Every other;

  Interval(String key, String words, String part, Every usual, @Nullable Every other) {
    this.key = key;
    this.words = words;
    this.part = part;
    this.usual = usual;
    this.other = other;
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

  public Every usual() {
    return usual;
  }

  /** The other school, or null where the trade has one. */
  public @Nullable Every other() {
    return other;
  }

  /** How it is counted on a boat used in salt, brackish or fresh water. */
  public Every in(boolean salt, boolean brackish, boolean othersWay) {
    if (othersWay && other != null) {
      return other;
    }
    if (this == DESCALE && !salt) {
      return brackish ? DESCALE_AFTER_BRACKISH : DESCALE_AFTER_FRESH;
    }
    return usual;
  }

  public boolean isPerEngine() {
    return this != HOSES;
  }

  /** Whether it was new when the engine was: then hours without a record count from there. */
  public boolean isCountedFromNew() {
    return this == ELBOW_REPLACED;
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
}
