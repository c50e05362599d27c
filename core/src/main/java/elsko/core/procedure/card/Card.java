package elsko.core.procedure.card;

import elsko.core.boat.path.Circuit;
import elsko.core.ledger.fact.Procedure;
import java.util.List;

/**
 * A procedure written for one boat, its steps in an order that respects their reasons.
 *
 * @param chosen how each circuit on it is done, and why so
 * @param notCovered circuits that can hold water and that this card leaves out, with the reason
 */
public record Card(
    Procedure procedure, List<Chosen> chosen, List<NotCovered> notCovered, List<Step> steps) {

  /**
   * The way one circuit is done.
   *
   * @param words the method or variant
   * @param whose whose decision that was
   * @param reason what speaks for it, and against
   */
  public record Chosen(String circuit, String name, String words, String whose, String reason) {
    /** A variant that is the usual one of its circuit, or was chosen for this card. */
    public static Chosen variant(Circuit circuit, boolean usual, String words, String reason) {
      return new Chosen(
          circuit.key(),
          circuit.name(),
          words,
          usual ? "as it is usually done" : "chosen for this card",
          reason);
    }
  }

  /** A circuit this card does not take care of. */
  public record NotCovered(String circuit, String name, String reason) {}

  public Step step(String key) {
    for (Step step : steps) {
      if (step.key().equals(key)) {
        return step;
      }
    }
    return null;
  }

  /** Minutes somebody is needed. */
  public int attendedMinutes() {
    return steps.stream().mapToInt(Step::minutes).sum();
  }

  /** The least minutes the boat is occupied while nobody is needed. */
  public int soakMinutes() {
    return steps.stream().filter(s -> s.soak() != null).mapToInt(s -> s.soak().fromMinutes()).sum();
  }
}
