package elsko.core.castoff;

import elsko.core.procedure.card.Ask;
import java.util.List;

/**
 * What is looked at together.
 *
 * @param key unique in a round
 * @param how in a sentence
 * @param hazards cautions, where the danger is
 */
public record Part(
    Phase phase,
    String key,
    String title,
    String how,
    List<String> hazards,
    List<Ask.OnRound> asks) {

  /** When it is looked at; each only after the one before it. */
  public enum Phase {
    /** Engines stopped, batteries isolated. */
    STOPPED,
    /** At the helm, right before a start. */
    HELM,
    /** An engine runs. */
    RUNNING
  }

  public Part {
    hazards = List.copyOf(hazards);
    asks = List.copyOf(asks);
  }
}
