package elsko.core.boat;

/** What a piece of a circuit is. */
public enum SegmentKind {
  HOSE,
  PUMP,
  COOLER,
  BLOCK,
  MANIFOLD,
  RISER
}
