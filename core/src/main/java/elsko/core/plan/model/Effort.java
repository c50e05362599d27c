package elsko.core.plan.model;

/** How long a search goes on. */
public sealed interface Effort {

  /** Until the time is up: a quicker machine comes further. */
  record Seconds(double seconds) implements Effort {}

  /** Until so many moves were tried: the same plan on every machine. */
  record Moves(long moves) implements Effort {}
}
