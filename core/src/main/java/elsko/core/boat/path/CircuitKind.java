package elsko.core.boat.path;

/** What a circuit is for; decides how it is emptied, filled and brought back. */
public enum CircuitKind {
  /** Raw water of an engine or generator, moved by its own pump. */
  RAW_WATER,
  /** The coolant side of a closed engine. */
  COOLANT,
  AIR_CONDITIONING,
  REFRIGERATOR_CONDENSER,
  DOMESTIC_WATER,
  HEADS,
  HEATER_CORE,
  BALLAST,
  WASHDOWN,
  LIVE_WELL,
  BILGE_PUMP_LINES,
  /** Left to somebody who is trained on it: ice maker, watermaker. */
  SPECIALIST,
  /** Nobody has said whether the boat has it. */
  UNANSWERED
}
