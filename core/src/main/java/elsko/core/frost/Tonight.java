package elsko.core.frost;

import elsko.core.Quantity;
import elsko.core.Text;
import elsko.core.Words;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.circuit.Acceptance;
import elsko.core.ledger.circuit.CircuitState;
import elsko.core.ledger.circuit.Protection;
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
public record Tonight(Text words, String action, double loss) {

  /** Whether this night is one too many, or one before it was. */
  public static boolean concerns(Outlook outlook, FrostPast past) {
    return !past.frozen().isEmpty()
        || outlook.deadline() != null && !outlook.deadline().isAfter(outlook.first());
  }

  /**
   * A circuit that was accepted until it gets as cold as this night may; null when there is none.
   */
  public static Tonight ofAccepted(BoatState state, Night night) {
    for (CircuitState circuit : state.circuits()) {
      Acceptance accepted = circuit.accepted();
      if (accepted != null
          && accepted.untilC() != null
          && night.lowestTenthC() <= accepted.untilC()) {
        return new Tonight(
            Text.of(
                "%s. One winter in ten has this night at %s.",
                accepted.words(), Quantity.celsius(night.lowestTenthC())),
            "Decide about the %s again".formatted(circuit.circuit().name()),
            0);
      }
    }
    return null;
  }

  /** What to do about a boat that {@link #concerns} this night. */
  public static Tonight of(
      Protection protection, Outlook outlook, FrostPast past, List<WhatIf> tried) {
    LocalDate tomorrow = outlook.first().plusDays(1);
    if (!past.frozen().isEmpty()) {
      return new Tonight(
          Text.of(FrostWords.froze(past.frozen())),
          "Look before anything else",
          outlook.lossBy(tomorrow));
    }
    Text words =
        Text.of(
            "%s goes first: %s of winters have it broken by %s.",
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
