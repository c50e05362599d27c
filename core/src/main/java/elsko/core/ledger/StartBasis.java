package elsko.core.ledger;

/** What makes a start allowed. */
public enum StartBasis {
  /** Afloat, and every seacock on the path is open; a path without one counts as open. */
  AFLOAT,
  /** A feed is connected and ready. */
  FED,
  /** Every drain OUT, at most 3 s, once, to throw the rest of the water out. */
  KICK
}
