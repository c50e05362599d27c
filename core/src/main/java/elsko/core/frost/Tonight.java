package elsko.core.frost;

import elsko.core.Words;
import elsko.core.ledger.Protection;
import java.time.LocalDate;
import java.util.List;

/**
 * What has to be done about a boat before this night, because it may not see the next morning
 * whole.
 *
 * @param words what goes first, and how likely
 * @param action a few words
 * @param loss what repairs cost by tomorrow night, averaged over the winters, in hoses
 */
public record Tonight(String words, String action, double loss) {

  /** Whether this night is one too many. */
  public static boolean concerns(Outlook outlook) {
    return outlook.deadline() != null && !outlook.deadline().isAfter(outlook.first());
  }

  /** What to do about a boat that {@link #concerns} this night. */
  public static Tonight of(Protection protection, Outlook outlook, List<WhatIf> tried) {
    LocalDate tomorrow = outlook.first().plusDays(1);
    String words =
        "%s goes first: %s of winters have it broken by %s."
            .formatted(
                Words.sentence(outlook.firstToGo().name()),
                Words.percent(outlook.shareBy(tomorrow)),
                FrostWords.day(tomorrow));
    return new Tonight(words, does(protection) + heater(tried), outlook.lossBy(tomorrow));
  }

  private static String does(Protection protection) {
    return switch (protection) {
      case FILLED -> "Sample it today";
      case HELD -> "Refill it today";
      case PROVEN -> "Strengthen it today";
      default -> "Winterize it today";
    };
  }

  private static String heater(List<WhatIf> tried) {
    for (WhatIf whatIf : tried) {
      boolean helps = whatIf.gainedDays() == null || whatIf.gainedDays() > 0;
      if (whatIf.change() == WhatIf.Change.HEATER_ONE_NIGHT && helps) {
        return whatIf.deadline() == null
            ? ", or put a heater in it tonight"
            : ", or a heater tonight gives it until " + FrostWords.day(whatIf.deadline());
      }
    }
    return "";
  }
}
