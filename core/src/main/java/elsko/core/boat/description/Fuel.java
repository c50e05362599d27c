package elsko.core.boat.description;

/** What an engine burns. */
public enum Fuel {
  PETROL,
  DIESEL
}
