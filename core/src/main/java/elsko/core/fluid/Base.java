package elsko.core.fluid;

/** The glycol in an antifreeze. */
public enum Base {
  /** Propylene glycol: for raw and domestic water. */
  PG("propylene glycol"),
  /** Ethylene glycol: poisonous, for the sealed coolant side only. */
  EG("ethylene glycol");

  private final String words;

  Base(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
