package elsko.bench.row;

import java.util.Locale;

/**
 * One row of the report.
 *
 * @param value as people read it
 * @param figure what of it is compared with the one written before
 * @param target what is asked for, in words
 */
public record Measured(
    String what, String value, double figure, Kind kind, String target, boolean met) {

  /** How a figure is compared with the one before. */
  public enum Kind {
    /** Less is better, and a slower machine takes longer. */
    TIME,
    /** More is better, and a slower machine does less. */
    RATE,
    /** Less is better, whatever the machine. */
    SIZE,
    /** How good something is, not how fast. */
    QUALITY
  }

  public static Measured seconds(String what, double seconds, double under) {
    return new Measured(
        what, in("%.2f s", seconds), seconds, Kind.TIME, in("under %s s", under), seconds < under);
  }

  public static Measured millis(String what, double millis, double under) {
    return new Measured(
        what, in("%.2f ms", millis), millis, Kind.TIME, in("under %s ms", under), millis < under);
  }

  /** The middle and the slow end of many, of which the slow end is asked for. */
  public static Measured slowest(String what, double p50, double p99, double under) {
    return new Measured(
        what,
        String.format(Locale.ROOT, "p50 %.1f ms, p99 %.1f ms", p50, p99),
        p50,
        Kind.TIME,
        in("p99 under %s ms", under),
        p99 < under);
  }

  public static Measured rate(String what, double perSecond, double over) {
    boolean many = over >= 1e6;
    return new Measured(
        what,
        many ? in("%.2f million/s", perSecond / 1e6) : in("%.0f /s", perSecond),
        perSecond,
        Kind.RATE,
        many ? in("over %s million/s", over / 1e6) : "over %,.0f /s".formatted(over),
        perSecond > over);
  }

  /** Something else about it was wrong. */
  public Measured notMet() {
    return new Measured(what, value, figure, kind, target, false);
  }

  private static String in(String words, double number) {
    boolean whole = number == Math.rint(number);
    return words.contains("%s")
        ? words.formatted(whole ? "%.0f".formatted(number) : Double.toString(number))
        : String.format(Locale.ROOT, words, number);
  }
}
