package elsko.core;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;

/** Numbers and lists as a sentence shows them. A true minus sign, no trailing zeros. */
public final class Words {
  private Words() {}

  /** Up to three decimals, shortest form: 0.38, −20, 4.5. */
  public static String number(double value) {
    return number(value, 3);
  }

  /** Rounded half up to at most {@code decimals}. */
  public static String number(double value, int decimals) {
    if (!Double.isFinite(value)) {
      return "not a number";
    }
    BigDecimal rounded = BigDecimal.valueOf(value).setScale(decimals, RoundingMode.HALF_UP);
    if (rounded.signum() == 0) {
      return "0";
    }
    String digits = rounded.stripTrailingZeros().abs().toPlainString();
    return rounded.signum() < 0 ? "−" + digits : digits;
  }

  /** A fraction 0 to 1 as whole percent. */
  public static String percent(double fraction) {
    return number(fraction * 100, 0) + " %";
  }

  /** "a", "a and b", "a, b and c". */
  public static String list(List<String> things) {
    int last = things.size() - 1;
    if (last < 1) {
      return String.join("", things);
    }
    return String.join(", ", things.subList(0, last)) + " and " + things.get(last);
  }

  /** The sentence with its first letter large. */
  public static String sentence(String words) {
    return words.isEmpty() ? words : Character.toUpperCase(words.charAt(0)) + words.substring(1);
  }
}
