package elsko.core;

/** Units as people read them. Inside everything is SI. */
public enum Units {
  METRIC("metric: °C, L, m"),
  US("US: °F, gal, ft");

  private final String words;

  Units(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
