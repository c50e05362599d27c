package elsko.core.boat.description;

/** What else aboard may hold water. Each must be answered yes or no. */
public enum Accessory {
  GENERATOR("generator"),
  AIR_CONDITIONING("air conditioning"),
  DOMESTIC_WATER("domestic water"),
  WATER_HEATER("water heater"),
  HEADS("heads and holding tank"),
  HEATER_CORE("heater core"),
  BALLAST("ballast tanks or bags"),
  WASHDOWN("washdown"),
  LIVE_WELL("live well"),
  ICE_MAKER("ice maker"),
  WATERMAKER("watermaker"),
  REFRIGERATOR_CONDENSER("water-cooled refrigerator"),
  BILGE_PUMP_LINES("bilge pump lines that hold water");

  private final String words;

  Accessory(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** Key of the circuit it makes. */
  public String key() {
    return name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
  }
}
