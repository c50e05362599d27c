package elsko.core.plan.model;

/** What some work waits for beside people and equipment: hours in which it may be done. */
public enum Opening {
  /** Work in the open is done by daylight. */
  DAYLIGHT("daylight"),
  /** In a shed an engine runs only while its doors stand open. */
  DOORS("the shed's open doors"),
  /** The lift moves boats in its hours, and where there is a tide only near high water. */
  LIFT_HOURS("the lift's hours"),
  /** The one hour of the day in which a second person comes; what is begun in it goes on. */
  SECOND_HANDS("the hour for a second pair of hands");

  private final String words;

  Opening(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** Whether work must be over too when the hours are; else it only begins within them. */
  public boolean isForAllOfIt() {
    return this != SECOND_HANDS;
  }
}
