package elsko.core.boat.path;

/** What a piece of a circuit is. */
public enum SegmentKind {
  LEG,
  HOSE,
  STRAINER,
  PUMP,
  COOLER,
  EXCHANGER,
  BLOCK,
  MANIFOLD,
  RISER,
  ELBOW,
  MUFFLER,
  TANK,
  HEATER,
  COOLANT;

  /** What is in it mixes as one; along the others one end may be weaker than the other. */
  public boolean mixes() {
    return switch (this) {
      case HOSE, COOLER, EXCHANGER, LEG -> false;
      default -> true;
    };
  }
}
