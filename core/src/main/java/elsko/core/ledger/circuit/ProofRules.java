package elsko.core.ledger.circuit;

import elsko.core.fluid.verdict.Need;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;

/**
 * What the yard asks before it calls a circuit proven.
 *
 * @param countersignSince from then on a second person looks at new readings and signs for them;
 *     null where the yard does not ask for that
 * @param asOf the moment the log is judged at: what was measured too long before it proves nothing
 *     any more; null judges it at the time of its last entry
 * @param zone where the yard's days begin and end
 */
public record ProofRules(Need need, Instant countersignSince, Instant asOf, ZoneId zone) {
  /** Counts up when the same log may be judged otherwise than before. */
  public static final int EDITION = 2;

  public ProofRules(Need need, Instant countersignSince) {
    this(need, countersignSince, null, ZoneOffset.UTC);
  }

  /** The day of a moment in the yard. */
  LocalDate dayOf(Instant at) {
    return LocalDate.ofInstant(at, zone);
  }

  /** The need alone; whoever took the samples is believed. */
  public static ProofRules of(Need need) {
    return new ProofRules(need, null);
  }

  boolean asksCountersignOf(Instant sampled) {
    return countersignSince != null && sampled != null && !sampled.isBefore(countersignSince);
  }
}
