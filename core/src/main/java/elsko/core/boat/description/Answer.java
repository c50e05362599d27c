package elsko.core.boat.description;

/** Whether a boat has something. Nobody said: UNKNOWN. */
public enum Answer {
  UNKNOWN,
  YES,
  NO
}
