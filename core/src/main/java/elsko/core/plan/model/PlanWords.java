package elsko.core.plan.model;

import elsko.core.Words;
import java.util.Locale;

/** Times and amounts as a plan says them. */
public final class PlanWords {
  private PlanWords() {}

  /** Minutes after midnight as "09:10". */
  public static String clock(int minute) {
    return String.format(Locale.ROOT, "%02d:%02d", minute / 60, minute % 60);
  }

  /** Minutes as hours with one decimal: "4.5 h". */
  public static String hours(int minutes) {
    return Words.number(minutes / 60.0, 1) + " h";
  }
}
