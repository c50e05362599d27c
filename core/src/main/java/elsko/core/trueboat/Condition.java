package elsko.core.trueboat;

/** What lies behind a low point's hole. */
enum Condition {
  CLEAR,
  /** Silt lies in front of the water until it is rodded. */
  SILTED,
  /** Scale: a rod does not get to the cavity. */
  SCALED,
  /** Nothing runs until air is let in above. */
  AIR_LOCKED
}
