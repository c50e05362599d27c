package elsko.core.kit;

/** What a yard's own pieces are for. */
public enum KitKind {
  TANK("tank kit"),
  STRAINER_ADAPTER("strainer adapter with its gasket"),
  MUFFS("muffs"),
  SUCTION_CUP("suction cup"),
  TEE_HOSE("bucket hose for the flush tee"),
  INTAKE_PIPE("clear intake pipe"),
  PORT_CONNECTOR("hose with port connector"),
  TRANSFER_PUMP("transfer pump with bypass hoses");

  private final String words;

  KitKind(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** Whether fluid stays in it, so that what went through last matters. */
  public boolean carriesFluid() {
    return this == TANK || this == TRANSFER_PUMP;
  }

  /** Whether one fits a boat and another does not. */
  public boolean hasToFit() {
    return this != TANK;
  }
}
