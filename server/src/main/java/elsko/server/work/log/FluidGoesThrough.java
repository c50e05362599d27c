package elsko.server.work.log;

import elsko.core.ledger.fact.Fact;

/** Whoever knows what stands in the pieces that fluid is drawn through. */
public interface FluidGoesThrough {
  /**
   * Refuses what must not go through what somebody has in hand.
   *
   * @throws elsko.core.Refused naming the piece and what to do
   */
  void mayGoThrough(String person, Fact fact);

  /** It did. */
  void wentThrough(String person, Fact fact);
}
