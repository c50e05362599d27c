package elsko.core.boat.description;

/** The water a boat is used in. */
public enum WaterUsedIn {
  FRESH,
  BRACKISH,
  SALT
}
