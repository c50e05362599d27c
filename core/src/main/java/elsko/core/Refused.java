package elsko.core;

/**
 * Something asked for is not possible or not allowed. Carries the field it is about and the reason
 * in the words a person reads.
 */
public final class Refused extends RuntimeException {
  /** Why it is refused: the value itself is wrong, or the boat's present state forbids it. */
  public enum Kind {
    /** The value cannot be right, whatever the boat's state. */
    VALUE,
    /** The value is fine, but a rule that holds at this moment forbids it. */
    STATE
  }

  private final Kind kind;
  private final String field;
  private final transient Text reason;

  private Refused(Kind kind, String field, Text reason) {
    // Expected, and told to a person: no trace is of use.
    super(reason.toString(), null, false, false);
    this.kind = kind;
    this.field = field;
    this.reason = reason;
  }

  /** The value of {@code field} is wrong; {@code reason} says why in plain words. */
  public static Refused value(String field, String reason) {
    return value(field, Text.of(reason));
  }

  /** The value of {@code field} is wrong; {@code reason} says why in plain words. */
  public static Refused value(String field, Text reason) {
    return new Refused(Kind.VALUE, field, reason);
  }

  /** A rule forbids it now; {@code reason} says which and what to do first. */
  public static Refused state(String field, String reason) {
    return state(field, Text.of(reason));
  }

  /** A rule forbids it now; {@code reason} says which and what to do first. */
  public static Refused state(String field, Text reason) {
    return new Refused(Kind.STATE, field, reason);
  }

  public Kind kind() {
    return kind;
  }

  public String field() {
    return field;
  }

  public Text reason() {
    return reason;
  }

  /**
   * Refuses anything that is not a finite number from {@code low} to {@code high}, both included.
   */
  public static double within(String field, double value, double low, double high, String unit) {
    if (!Double.isFinite(value)) {
      throw value(field, "Must be a number.");
    }
    if (value < low || value > high) {
      String of = unit.strip();
      throw value(
          field,
          Text.of(
              "Must be from %s to %s; %s is outside.",
              Text.exactlyWithoutUnit(low, of),
              Text.exactly(high, of),
              Text.exactlyWithoutUnit(value, of)));
    }
    return value;
  }
}
