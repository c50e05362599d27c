package elsko.core.limits;

/** Which belt of an engine a reading is about; each is kept by itself. */
public enum Belt {
  FIRST("", ""),
  SECOND("-second", "second ");

  private final String suffix;
  private final String prefix;

  Belt(String suffix, String prefix) {
    this.suffix = suffix;
    this.prefix = prefix;
  }

  public Limit of(Limit limit) {
    return this == FIRST
        ? limit
        : limit.named(limit.key() + suffix, prefix + limit.name(), " of the second belt");
  }

  public Condition of(Condition condition) {
    return this == FIRST
        ? condition
        : condition.named(condition.key() + suffix, condition.name() + ", second belt");
  }
}
