package elsko.core.complaint;

import elsko.core.ledger.fact.Procedure;
import elsko.core.limits.Interval;
import org.jspecify.annotations.Nullable;

/**
 * What is done about a cause: exactly one of the three.
 *
 * @param card a card is opened
 * @param item something that falls due is wanted on the next visit
 * @param what is added to the boat's work; empty where it is one of the others
 */
public record Work(@Nullable Procedure card, @Nullable Interval item, String what) {
  static Work card(Procedure procedure) {
    return new Work(procedure, null, "");
  }

  static Work due(Interval interval) {
    return new Work(null, interval, "");
  }

  static Work added(String what) {
    return new Work(null, null, what);
  }

  /** "Card: raw-water pump", "Planned: mixing elbow or riser inspected". */
  public String words() {
    if (card != null) {
      return "Open a card: " + card.words();
    }
    return item != null ? "Plan: " + item.words() : "Add: " + what;
  }
}
