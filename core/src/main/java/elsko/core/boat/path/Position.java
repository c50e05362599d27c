package elsko.core.boat.path;

/** Where an engine stands, and what it is called. */
public enum Position {
  CENTER("", "engine"),
  PORT("port-", "port engine"),
  STARBOARD("starboard-", "starboard engine"),
  GENERATOR("generator-", "generator");

  private final String prefix;
  private final String words;

  Position(String prefix, String words) {
    this.prefix = prefix;
    this.words = words;
  }

  /** What the keys of its circuits and fittings begin with. */
  public String prefix() {
    return prefix;
  }

  public String words() {
    return words;
  }
}
