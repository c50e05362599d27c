package elsko.core.ledger;

import elsko.core.fluid.Need;
import java.time.Instant;

/**
 * What the yard asks before it calls a circuit proven.
 *
 * @param countersignSince from then on a second person looks at new readings and signs for them;
 *     null where the yard does not ask for that
 */
public record ProofRules(Need need, Instant countersignSince) {

  /** The need alone; whoever took the samples is believed. */
  public static ProofRules of(Need need) {
    return new ProofRules(need, null);
  }

  boolean asksCountersignOf(Instant sampled) {
    return countersignSince != null && sampled != null && !sampled.isBefore(countersignSince);
  }
}
