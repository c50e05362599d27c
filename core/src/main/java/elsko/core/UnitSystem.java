package elsko.core;

/** One of the two systems of units people read here. Inside everything is SI. */
public enum UnitSystem {
  METRIC,
  US
}
