package elsko.core.ledger.fact;

import elsko.core.Refused;
import java.util.List;
import java.util.Map;

/** What is said of the work on a card. */
public interface CardFacts {
  /**
   * A card was opened; its id is the entry's card.
   *
   * @param choices the method or variant chosen, by circuit key
   * @param lookFirst keys of the circuits that frost may have broken by then: the card begins with
   *     looking at them
   */
  record CardOpened(Procedure procedure, Map<String, String> choices, List<String> lookFirst)
      implements Fact {
    public CardOpened(Procedure procedure, Map<String, String> choices) {
      this(procedure, choices, List.of());
    }

    public CardOpened {
      if (procedure == null) {
        throw Refused.value("procedure", "Say what the card is for.");
      }
      choices = choices == null ? Map.of() : Map.copyOf(choices);
      lookFirst = lookFirst == null ? List.of() : List.copyOf(lookFirst);
    }
  }

  /** Somebody else goes on with a card. */
  record CardTaken() implements Fact.OnCard {}

  /**
   * Whoever works on a card stops here; somebody else goes on.
   *
   * @param to name of the person who goes on
   * @param note what they should know; may be empty
   */
  record HandedOver(String to, String note) implements Fact.OnCard {
    public HandedOver {
      to = KeptText.of("to", to, "Say who goes on.");
      note = note == null ? "" : note.strip();
      if (note.length() > MOST_TEXT) {
        throw Refused.value("note", "At most 2,000 characters.");
      }
    }
  }

  record StepDone() implements Fact.SettlesStep {}

  record StepSkipped(String reason) implements Fact.SettlesStep {
    public StepSkipped {
      reason = KeptText.of("reason", reason, "Say why it is skipped.");
    }
  }
}
