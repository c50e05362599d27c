package elsko.core.boat.description;

/** Power or sail. */
public enum BoatKind {
  POWER,
  SAIL
}
