package elsko.core.boat;

/** The water a boat is used in. */
public enum WaterUsedIn {
  FRESH,
  BRACKISH,
  SALT
}
