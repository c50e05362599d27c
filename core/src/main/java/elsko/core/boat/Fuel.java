package elsko.core.boat;

/** What an engine burns. */
public enum Fuel {
  PETROL,
  DIESEL
}
