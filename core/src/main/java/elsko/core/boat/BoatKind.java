package elsko.core.boat;

/** Power or sail. */
public enum BoatKind {
  POWER,
  SAIL
}
