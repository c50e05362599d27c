package elsko.core.guide;

/** What an owner complains of, as it is picked at intake or after a season. */
public enum Complaint {
  STEAMS_UNDER_LOAD("steams under load", true),
  RAN_HOT("ran hot", true),
  WEAK_FLOW("little water at the exhaust", true),
  STOOD_FOR_YEARS("stood for years", true),
  HARD_TO_START("hard to start", true),
  SMOKES("smokes when warm", true),
  WET_BILGE("water in the bilge", false),
  NOTHING("nothing to complain of", false);

  private final String words;
  private final boolean perEngine;

  Complaint(String words, boolean perEngine) {
    this.words = words;
    this.perEngine = perEngine;
  }

  public String words() {
    return words;
  }

  /** Whether one cause lies behind it; else all of them are looked at. */
  public boolean isOneThing() {
    return this != STOOD_FOR_YEARS;
  }

  /** Whether it is about one engine; else about the boat. */
  public boolean isPerEngine() {
    return perEngine;
  }
}
