package elsko.core.ledger;

import elsko.core.fluid.Need;

/**
 * What the yard asks before it calls a circuit proven.
 *
 * @param countersign a second person looks at the readings and signs for them
 */
public record ProofRules(Need need, boolean countersign) {

  /** The need alone; whoever took the samples is believed. */
  public static ProofRules of(Need need) {
    return new ProofRules(need, false);
  }
}
