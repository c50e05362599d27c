package elsko.core.trend;

/** What of an engine is followed over years. */
public enum TrendKind {
  PLATEAU("warm plateau", "°C"),
  MINUTES_TO_THERMOSTAT("time until the thermostat is open", "min"),
  SECONDS_TO_FLOW("water at the exhaust after", "s"),
  REVS("revs where it holds", "rpm"),
  LITERS_IN("antifreeze into its raw-water side", "L"),
  WEAKEST_SAMPLE("weakest sample, glycol by mass", "%"),
  OIL_LOOK("look of the oil", "");

  private final String words;
  private final String unit;

  TrendKind(String words, String unit) {
    this.words = words;
    this.unit = unit;
  }

  public String words() {
    return words;
  }

  /** Empty where it is no number. */
  public String unit() {
    return unit;
  }
}
