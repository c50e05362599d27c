package elsko.core.ledger.circuit;

import java.util.List;

/** What went out of or into a circuit since it was last full of water. Predictions rest on it. */
public sealed interface Flow {

  /** Segments were seen to run out. */
  record Emptied(List<String> segments) implements Flow {}

  /**
   * Antifreeze went in.
   *
   * @param massFraction of the product as sold; null when it is not known
   * @param segments what was poured into, in order; null when it was drawn through
   */
  record Filled(Double massFraction, double liters, List<String> segments) implements Flow {}
}
