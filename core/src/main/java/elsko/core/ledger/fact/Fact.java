package elsko.core.ledger.fact;

import elsko.core.Quantity;
import elsko.core.Refused;
import elsko.core.Text;
import elsko.core.boat.description.Accessory;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.Position;
import elsko.core.guide.Complaint;
import elsko.core.guide.Guide;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What one entry says. Each kind carries only what it is about; who and when stand on the entry. A
 * value that cannot be meant is refused when the fact is made, so that no log can hold one. Those
 * of circuits, engines and cards are written in files of their own and are named as if they stood
 * here.
 */
public sealed interface Fact extends CircuitFacts, EngineFacts, CardFacts
    permits Fact.AboutCircuit,
        Fact.OnCard,
        Fact.AccessorySeen,
        Fact.FittingSet,
        Fact.CaughtAtDrain,
        Fact.LearnedUsed,
        Fact.CameBack,
        Fact.RoundDone,
        Fact.Complained,
        Fact.BagCounted,
        Fact.GuideLooked,
        Fact.WorkAdded,
        Fact.WorkDone,
        Fact.LateSettled,
        Fact.BayEntered,
        Fact.BayLeft,
        Fact.Noted,
        Fact.PhotoTaken,
        Fact.BerthMoved,
        Fact.Withdrawn,
        CardFacts.CardOpened,
        EngineFacts.ConditionSeen,
        EngineFacts.Cranked,
        EngineFacts.CylindersOiled,
        EngineFacts.DuePlanned,
        EngineFacts.EngineStarted,
        EngineFacts.EngineStopped,
        EngineFacts.EngineTroubled,
        EngineFacts.GaugeRead,
        CircuitFacts.JugRead,
        EngineFacts.MeterReplaced,
        EngineFacts.PartPicked,
        EngineFacts.PiecesFound,
        EngineFacts.ReadingTaken,
        EngineFacts.ServiceDone,
        EngineFacts.TagLifted,
        EngineFacts.TagRemedied {
  /** Of the one kind that matters where it is asked; what tells kinds apart knows them all. */
  default boolean is(Class<? extends Fact> kind) {
    return kind.isInstance(this);
  }

  /** The same as what it is; null where it is of another kind. */
  default <T extends Fact> T as(Class<T> kind) {
    return is(kind) ? kind.cast(this) : null;
  }

  /** What one circuit, or a low point of it, is about. */
  sealed interface AboutCircuit extends Fact
      permits CircuitFacts.Accepted,
          CircuitFacts.CircuitSeen,
          CircuitFacts.CoolantRead,
          CircuitFacts.CouldNotSample,
          CircuitFacts.Countersigned,
          CircuitFacts.DescalerUsed,
          CircuitFacts.Disinfected,
          CircuitFacts.FluidCaught,
          CircuitFacts.FluidUsed,
          CircuitFacts.FrostLooked,
          CircuitFacts.LowPointSeen,
          CircuitFacts.ProofGivenUp,
          CircuitFacts.SampleRead {}

  /** How far the work on a card is, and whose it is. */
  sealed interface OnCard extends Fact
      permits Fact.SettlesStep, CardFacts.CardTaken, CardFacts.HandedOver {}

  /** It leaves a step behind: done, or skipped. */
  sealed interface SettlesStep extends OnCard permits CardFacts.StepDone, CardFacts.StepSkipped {}

  /** The most that one entry may pour or draw, L. */
  double MOST_LITERS = 200;

  /** The longest text at an entry. */
  int MOST_TEXT = 2000;

  /** Somebody looked whether the boat has an accessory. */
  record AccessorySeen(Accessory accessory, boolean aboard) implements Fact {}

  /**
   * A fitting was set.
   *
   * @param forSample taken out only to fill a bottle, or put back after it
   * @param reason why, when it was done by hand; may be empty
   */
  record FittingSet(String fitting, FittingState state, boolean forSample, String reason)
      implements Fact {}

  /**
   * What ran out of a low point was caught and measured.
   *
   * @param liters of whatever stood there
   */
  record CaughtAtDrain(String lowPoint, double liters) implements Fact {
    public CaughtAtDrain {
      if (!Double.isFinite(liters) || liters < 0 || liters > MOST_LITERS) {
        throw Refused.value("liters", Text.of("Must be from 0 to %s.", Quantity.liters(200)));
      }
    }
  }

  /**
   * Whether a number that a boat has taught is gone by.
   *
   * @param key of the number
   */
  record LearnedUsed(String key, boolean used) implements Fact {
    public LearnedUsed {
      key = KeptText.of("key", key, "Say which number it is.");
    }
  }

  /**
   * The boat came back from a trip.
   *
   * @param hours its engines ran, h
   */
  record CameBack(double hours) implements Fact {
    private static final double MOST_HOURS = 1_000;

    public CameBack {
      if (!Double.isFinite(hours) || hours <= 0 || hours > MOST_HOURS) {
        throw Refused.value("hours", "Say how long it ran, above 0 to 1,000 h.");
      }
    }
  }

  /**
   * A round before casting off was gone.
   *
   * @param go whether it came out so; {@code reasons} what spoke against it, and what to put right
   */
  record RoundDone(
      RoundKind kind,
      List<FittingSet> set,
      List<ConditionSeen> seen,
      List<ReadingTaken> read,
      boolean go,
      List<Text> reasons)
      implements Fact {
    public RoundDone {
      if (kind == null) {
        throw Refused.value("kind", "Say whether it is the short or the full round.");
      }
      set = List.copyOf(set);
      seen = List.copyOf(seen);
      read = List.copyOf(read);
      reasons = List.copyOf(reasons);
    }
  }

  /**
   * What an owner complains of.
   *
   * @param engine whose; null when there is only one, or when it is about the boat
   */
  record Complained(@Nullable Position engine, Complaint complaint) implements Fact {
    public Complained {
      if (complaint == null) {
        throw Refused.value("complaint", "Say what the complaint is.");
      }
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

  /**
   * Something was looked at on the path of a guide.
   *
   * @param guide key of the guide, {@code look} of the look, {@code answer} of what was found
   */
  record GuideLooked(String guide, String look, String answer) implements Fact {
    public GuideLooked {
      Guide.of(guide).said(look, answer);
    }
  }

  /**
   * Something has to be done on the boat.
   *
   * @param urgent something is wrong: a coordinator is told until it is done; null: in its turn
   */
  record WorkAdded(String what, @Nullable Boolean urgent) implements Fact {
    public WorkAdded(String what) {
      this(what, null);
    }

    public WorkAdded {
      what = KeptText.of("what", what, "Say what has to be done.");
    }
  }

  /**
   * Work that was added is done.
   *
   * @param work id of the entry that added it
   */
  record WorkDone(UUID work) implements Fact {
    public WorkDone {
      if (work == null) {
        throw Refused.value("work", "Say which work it is.");
      }
    }
  }

  /**
   * Somebody says how it really was where an entry that came in late does not go with the rest.
   *
   * @param entry that came in late
   */
  record LateSettled(UUID entry, String found) implements Fact {
    public LateSettled {
      if (entry == null) {
        throw Refused.value("entry", "Say which entry it is about.");
      }
      found = KeptText.of("found", found, "Say how it really was.");
    }
  }

  record BayEntered() implements Fact {}

  record BayLeft() implements Fact {}

  record Noted(String text) implements Fact {
    public Noted {
      text = KeptText.of("text", text, "Write something first.");
    }
  }

  /**
   * A photo was taken; the picture itself is kept beside the log.
   *
   * @param caption what it shows; may be empty
   * @param fitting key of the one that is found by it; null where it shows something else
   */
  record PhotoTaken(UUID photo, String caption, @Nullable String fitting) implements Fact {
    private static final int LONGEST_CAPTION = 200;

    public PhotoTaken {
      if (photo == null) {
        throw Refused.value("photo", "Say which photo it is.");
      }
      caption = caption == null ? "" : caption.strip();
      if (caption.length() > LONGEST_CAPTION) {
        throw Refused.value("caption", "At most 200 characters.");
      }
    }
  }

  record BerthMoved(UUID berth, String berthName, boolean afloat) implements Fact {}

  /** A correction that takes the entry it names back. */
  record Withdrawn(String reason) implements Fact {
    public Withdrawn {
      reason = KeptText.of("reason", reason, "Say why it is taken back.");
    }
  }
}
