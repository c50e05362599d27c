package elsko.core.ledger;

import elsko.core.boat.FittingState;
import java.util.UUID;

/**
 * What one entry says. Each kind carries only what it is about; who and when stand on the entry.
 */
public sealed interface Fact {
  /** Somebody looked and says what is in a circuit: water that must go, or water on purpose. */
  record CircuitSeen(String circuit, boolean inService) implements Fact {}

  /**
   * A fitting was set.
   *
   * @param forSample taken out only to fill a bottle, or put back after it
   * @param reason why, when it was done by hand; may be empty
   */
  record FittingSet(String fitting, FittingState state, boolean forSample, String reason)
      implements Fact {}

  /** A low point was opened and looked at. */
  record LowPointSeen(String lowPoint, Seen seen) implements Fact {}

  /**
   * The engine was started.
   *
   * @param seconds how long it turned, for a KICK; 0 otherwise
   */
  record EngineStarted(StartBasis basis, double seconds) implements Fact {}

  record EngineStopped() implements Fact {}

  /**
   * Antifreeze went into a circuit.
   *
   * @param pourPoint key of the hose it was poured into; null when it was drawn through
   */
  record FluidUsed(String circuit, Lot lot, double liters, String pourPoint) implements Fact {}

  /** The undiluted product of a lot was read. */
  record JugRead(Lot lot, InstrumentUse with, double reading) implements Fact {}

  /** A sample from a low point was read. */
  record SampleRead(
      String lowPoint, Lot lot, InstrumentUse with, double reading, double temperatureC)
      implements Fact {}

  /** A required low point could not be sampled. */
  record CouldNotSample(String lowPoint, String reason) implements Fact {}

  /** A number was read off an engine. */
  record ReadingTaken(String limit, double value) implements Fact {}

  /** Somebody counted the plugs in the bag. */
  record BagCounted(int count) implements Fact {}

  record BayEntered() implements Fact {}

  record BayLeft() implements Fact {}

  record Noted(String text) implements Fact {}

  /** A card was opened; its id is the entry's card. */
  record CardOpened(Method method) implements Fact {}

  /** Somebody else goes on with a card. */
  record CardTaken() implements Fact {}

  record StepDone() implements Fact {}

  record StepSkipped(String reason) implements Fact {}

  record BerthMoved(UUID berth, String berthName, boolean afloat) implements Fact {}

  /** A correction that takes the entry it names back. */
  record Withdrawn(String reason) implements Fact {}
}
