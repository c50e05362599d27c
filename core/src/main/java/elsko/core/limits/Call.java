package elsko.core.limits;

/** What a reading means for who took it. */
public enum Call {
  GOOD("good"),
  /** Put right before it is relied on. */
  MEND("put right"),
  /** Nothing goes on before it is found out. */
  STOP("stop");

  private final String words;

  Call(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  public boolean isGood() {
    return this == GOOD;
  }
}
