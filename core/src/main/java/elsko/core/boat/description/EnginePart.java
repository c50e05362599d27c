package elsko.core.boat.description;

/** What may be fitted around an engine or not; what stands on the hull wins over the template. */
public enum EnginePart {
  SEACOCK("seacock"),
  STRAINER("strainer"),
  SIPHON_BREAK("siphon break"),
  OIL_COOLER("oil cooler"),
  TRANSMISSION_COOLER("gearbox or transmission cooler"),
  STEERING_COOLER("power-steering cooler"),
  FUEL_COOLER("fuel cooler"),
  THERMOSTAT_HOUSING("thermostat housing with hoses that can be opened"),
  TAKES_MUFFS("leg that takes muffs"),
  FLUSH_TEE("flush tee with plug"),
  QUICK_CONNECTOR("quick connector on the intake hose"),
  BILGE_BRANCH("bilge branch on the intake"),
  PORT_VALVE("valve on the second flush port"),
  SEPARATOR("exhaust gas and water separator"),
  FACE_SEAL("face seal on the shaft, no packed gland");

  private final String words;

  EnginePart(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
