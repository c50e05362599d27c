package elsko.core.boat;

/** How the engine's low points reach the bilge. */
public enum DrainArrangement {
  /** A plug on each block side and each manifold. */
  FOUR_DRAINS,
  /**
   * As four drains, but a threaded sensor sits in the starboard block hole; its wire comes off
   * first.
   */
  FOUR_DRAINS_ONE_SENSOR,
  /** Hoses from all four run to one plug. */
  ONE_CENTRAL_DRAIN
}
