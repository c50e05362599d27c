package elsko.core.procedure;

import elsko.core.boat.FittingState;

/**
 * One thing a step asks for. The screen offers it; an entry answers it; the ledger says whether it
 * was.
 */
public sealed interface Ask {
  /** Short label on the screen. */
  String label();

  /** A fitting is set to a state. */
  record Set(String label, String fitting, FittingState to) implements Ask {}

  /** A drain or hose end is opened, and what ran out is said. */
  record Open(String label, String lowPoint, String fitting, FittingState to, double liters)
      implements Ask {}

  /** The engine is started, or stopped. */
  record Engine(String label, boolean start) implements Ask {}

  /** The engine is kicked over once, briefly, with every drain OUT. */
  record Kick(String label, double seconds) implements Ask {}

  /** A number is read. */
  record Read(String label, String limit, String unit) implements Ask {}

  /** Antifreeze goes in, at a hose or through the tank ({@code pourPoint} null). */
  record Fill(String label, String circuit, String pourPoint, double liters, String watch)
      implements Ask {}

  /** The plugs in the bag are counted. */
  record Count(String label) implements Ask {}

  /** The undiluted jug is read. */
  record Jug(String label, String circuit) implements Ask {}

  /** A low point is sampled: bottle filled, drain back IN, reading entered. */
  record Sample(String label, String lowPoint, String drain) implements Ask {}
}
