package elsko.core.procedure.card;

import elsko.core.Refused;
import elsko.core.Words;
import elsko.core.ledger.BagState;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Procedure;
import java.util.List;

/** What must be true before a step of a card can be called done. */
public final class CardRules {
  private static final int MOST_NAMED = 3;

  private CardRules() {}

  /**
   * Refuses an entry that does not belong on the card, or a step that is not finished.
   *
   * @param step key the entry names, or null
   */
  public static void check(
      Card card, BoatState state, CardProgress progress, String step, Fact fact) {
    Step on = step == null ? null : card.step(step);
    if (step != null && on == null) {
      throw Refused.value("step", "This card has no step called \"%s\".".formatted(step));
    }
    if (progress.isClosed() && !fact.is(Fact.Noted.class)) {
      throw Refused.state(
          "card", "This card is closed. Take its last step back, or open a new card.");
    }
    if (fact.is(Fact.SettlesStep.class) && on == null) {
      throw Refused.value("step", "Say which step it is.");
    }
    if (fact.is(Fact.StepDone.class)) {
      mayBeDone(card, state, progress, on);
    }
  }

  private static void mayBeDone(Card card, BoatState state, CardProgress progress, Step step) {
    List<String> before =
        step.after().stream()
            .filter(key -> card.step(key) != null && !progress.isSettled(key))
            .map(key -> "\"%s\"".formatted(card.step(key).title()))
            .toList();
    if (!before.isEmpty()) {
      throw Refused.state(
          "step", "First %s: done, or skipped with a reason.".formatted(named(before)));
    }
    if (step.elsewhere() != null && step.elsewhere().first()) {
      throw Refused.state("step", step.elsewhere().words());
    }
    AskStatus status = AskStatus.of(state, progress, step.key());
    List<String> open =
        step.asks().stream().filter(ask -> !status.isAnswered(step, ask)).map(Ask::label).toList();
    if (!open.isEmpty()) {
      throw Refused.state("step", "Still open: %s.".formatted(Words.list(open)));
    }
    everythingIsReached(state, step);
    if (step.asks().stream().anyMatch(Ask.Count.class::isInstance)) {
      bagIsRight(state.bag());
    }
    if (step.key().equals(Procedure.COMMISSION.lastStep())) {
      nothingIsLoose(state);
    }
  }

  /** A draw past a shut thermostat has not filled what it was for. */
  private static void everythingIsReached(BoatState state, Step step) {
    for (Ask.Fill fill : Ask.only(Ask.Fill.class, step.asks()).toList()) {
      if (fill.pourPoint() == null) {
        String unreached = state.circuit(fill.circuit()).unreached();
        if (unreached != null) {
          throw Refused.state(
              "step",
              unreached
                  + " Warm it until the gauge holds and draw again, or pour it at the hoses; find out"
                  + " why it does not open.");
        }
      }
    }
  }

  /** Nothing is ready while a loose end is open. */
  private static void nothingIsLoose(BoatState state) {
    List<String> loose =
        state.looseEnds().stream()
            .map(end -> "%s is %s".formatted(end.fitting().name(), end.state().words()))
            .toList();
    if (!loose.isEmpty()) {
      throw Refused.state("step", "Not ready: %s.".formatted(named(loose)));
    }
  }

  private static String named(List<String> all) {
    return all.size() <= MOST_NAMED + 1
        ? Words.list(all)
        : "%s and %d more"
            .formatted(String.join(", ", all.subList(0, MOST_NAMED)), all.size() - MOST_NAMED);
  }

  private static void bagIsRight(BagState bag) {
    if (!bag.missing().isEmpty()) {
      throw Refused.state(
          "step",
          "%s missing. Find it first.".formatted(Words.sentence(Words.list(bag.missing()))));
    }
    if (bag.wrongCount() != null) {
      throw Refused.state("step", bag.wrongCount());
    }
  }
}
