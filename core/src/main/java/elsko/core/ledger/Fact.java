package elsko.core.ledger;

import elsko.core.Refused;
import elsko.core.boat.FittingState;
import elsko.core.fluid.Base;
import elsko.core.limits.Limit;
import java.util.UUID;

/**
 * What one entry says. Each kind carries only what it is about; who and when stand on the entry. A
 * value that cannot be meant is refused when the fact is made, so that no log can hold one.
 */
public sealed interface Fact {
  /** The most that one entry may pour or draw, L. */
  double MOST_LITERS = 200;

  /** The longest text at an entry. */
  int MOST_TEXT = 2000;

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
  record FluidUsed(String circuit, Lot lot, double liters, String pourPoint) implements Fact {
    public FluidUsed {
      if (!Double.isFinite(liters) || liters <= 0 || liters > MOST_LITERS) {
        throw Refused.value("liters", "Must be above 0 L, at most 200 L.");
      }
      if (lot.product().base() == Base.EG) {
        throw Refused.value(
            "lot",
            "Ethylene glycol is poisonous and never goes into raw water. Use a propylene glycol lot.");
      }
    }
  }

  /** The undiluted product of a lot was read. */
  record JugRead(Lot lot, InstrumentUse with, double reading) implements Fact {
    public JugRead {
      with.instrument().readable("reading", lot.product().base(), reading);
    }
  }

  /** A sample from a low point was read. */
  record SampleRead(
      String lowPoint, Lot lot, InstrumentUse with, double reading, double temperatureC)
      implements Fact {
    public SampleRead {
      with.instrument().readable("reading", lot.product().base(), reading);
      Refused.within("temperatureC", temperatureC, -60, 120, " °C");
    }
  }

  /** A required low point could not be sampled. */
  record CouldNotSample(String lowPoint, String reason) implements Fact {
    public CouldNotSample {
      reason = kept("reason", reason, "Say why it could not be sampled.");
    }
  }

  /** A number was read off an engine. */
  record ReadingTaken(String limit, double value) implements Fact {
    public ReadingTaken {
      Limit.of(limit).judge(value);
    }
  }

  /** Somebody counted the plugs in the bag. */
  record BagCounted(int count) implements Fact {
    public BagCounted {
      if (count < 0 || count > 99) {
        throw Refused.value("count", "Count from 0 to 99 plugs.");
      }
    }
  }

  record BayEntered() implements Fact {}

  record BayLeft() implements Fact {}

  record Noted(String text) implements Fact {
    public Noted {
      text = kept("text", text, "Write something first.");
    }
  }

  /** A card was opened; its id is the entry's card. */
  record CardOpened(Method method) implements Fact {}

  /** Somebody else goes on with a card. */
  record CardTaken() implements Fact {}

  record StepDone() implements Fact {}

  record StepSkipped(String reason) implements Fact {
    public StepSkipped {
      reason = kept("reason", reason, "Say why it is skipped.");
    }
  }

  record BerthMoved(UUID berth, String berthName, boolean afloat) implements Fact {}

  /** A correction that takes the entry it names back. */
  record Withdrawn(String reason) implements Fact {
    public Withdrawn {
      reason = kept("reason", reason, "Say why it is taken back.");
    }
  }

  private static String kept(String field, String text, String missing) {
    String kept = text == null ? "" : text.strip();
    if (kept.isEmpty()) {
      throw Refused.value(field, missing);
    }
    if (kept.length() > MOST_TEXT) {
      throw Refused.value(field, "At most 2,000 characters.");
    }
    return kept;
  }
}
