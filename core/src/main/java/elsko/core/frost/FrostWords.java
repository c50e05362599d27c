package elsko.core.frost;

import java.time.LocalDate;
import java.time.format.TextStyle;
import java.util.List;
import java.util.Locale;

/** Days as a sentence about frost says them. */
public final class FrostWords {
  private FrostWords() {}

  /** What froze while it was wet, and that it may be broken. */
  public static String froze(List<FrostPast.Frozen> frozen) {
    FrostPast.Frozen first = frozen.get(0);
    String others = frozen.size() > 1 ? ", and %d more circuits".formatted(frozen.size() - 1) : "";
    boolean burst = frozen.stream().anyMatch(FrostPast.Frozen::burst);
    return "Water stood in the %s (%s) through the frost of %s%s: %s."
        .formatted(
            first.segment(),
            first.name(),
            day(first.on()),
            others,
            burst ? "half of it was ice, so count on a crack" : "it may be broken already");
  }

  /** What nobody can say of a circuit. */
  public static String unknown(FrostPast.Unknown unknown) {
    return "Nobody kept the weather of %d %s in which water stood in the %s: look for ice and cracks."
        .formatted(unknown.days(), unknown.days() == 1 ? "day" : "days", unknown.name());
  }

  /** "Wed 4 Nov". */
  public static String day(LocalDate date) {
    return "%s %d %s"
        .formatted(
            date.getDayOfWeek().getDisplayName(TextStyle.SHORT, Locale.ENGLISH),
            date.getDayOfMonth(),
            date.getMonth().getDisplayName(TextStyle.SHORT, Locale.ENGLISH));
  }
}
