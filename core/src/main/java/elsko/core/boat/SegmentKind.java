package elsko.core.boat;

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
  COOLANT
}
