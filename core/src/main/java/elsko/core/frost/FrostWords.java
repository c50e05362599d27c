package elsko.core.frost;

import java.time.LocalDate;
import java.time.format.TextStyle;
import java.util.Locale;

/** Days as a sentence about frost says them. */
public final class FrostWords {
  private FrostWords() {}

  /** "Wed 4 Nov". */
  public static String day(LocalDate date) {
    return "%s %d %s"
        .formatted(
            date.getDayOfWeek().getDisplayName(TextStyle.SHORT, Locale.ENGLISH),
            date.getDayOfMonth(),
            date.getMonth().getDisplayName(TextStyle.SHORT, Locale.ENGLISH));
  }
}
