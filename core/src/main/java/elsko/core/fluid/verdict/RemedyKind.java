package elsko.core.fluid.verdict;

/** How a short low point is put right. */
public enum RemedyKind {
  /** Send that much more product through the segment. */
  MORE_THROUGH,
  /** Drain it, this time fully, and fill it again with its own volume. */
  DRAIN_AND_REFILL
}
