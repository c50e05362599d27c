package elsko.core.ledger.fact;

import elsko.core.Refused;
import elsko.core.boat.description.Accessory;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.Position;
import elsko.core.fluid.Base;
import elsko.core.fluid.mix.Disinfection;
import elsko.core.gauge.GaugeReading;
import elsko.core.guide.Complaint;
import elsko.core.guide.Guide;
import elsko.core.limits.Condition;
import elsko.core.limits.Conditions;
import elsko.core.limits.Interval;
import elsko.core.limits.Judgement;
import elsko.core.limits.Limits;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What one entry says. Each kind carries only what it is about; who and when stand on the entry. A
 * value that cannot be meant is refused when the fact is made, so that no log can hold one.
 */
public sealed interface Fact {

  /** Of the one kind that matters where it is asked; what tells kinds apart knows them all. */
  default boolean is(Class<? extends Fact> kind) {
    return kind.isInstance(this);
  }

  /** The same as what it is; null where it is of another kind. */
  default <T extends Fact> T as(Class<T> kind) {
    return is(kind) ? kind.cast(this) : null;
  }

  /** What one circuit, or a low point of it, is about. */
  sealed interface AboutCircuit extends Fact {}

  /** How far the work on a card is, and whose it is. */
  sealed interface OnCard extends Fact {}

  /** It leaves a step behind: done, or skipped. */
  sealed interface SettlesStep extends OnCard {}

  /** The most that one entry may pour or draw, L. */
  double MOST_LITERS = 200;

  /** The longest text at an entry. */
  int MOST_TEXT = 2000;

  /** Somebody looked whether the boat has an accessory. */
  record AccessorySeen(Accessory accessory, boolean aboard) implements Fact {}

  /** Somebody looked and says what is in a circuit: water that must go, or water on purpose. */
  record CircuitSeen(String circuit, boolean inService) implements AboutCircuit {}

  /** Somebody looked for what frost did to a circuit. */
  record FrostLooked(String circuit, FrostFinding found) implements AboutCircuit {
    public FrostLooked {
      if (found == null) {
        throw Refused.value("finding", "Say what was found.");
      }
    }
  }

  /**
   * A fitting was set.
   *
   * @param forSample taken out only to fill a bottle, or put back after it
   * @param reason why, when it was done by hand; may be empty
   */
  record FittingSet(String fitting, FittingState state, boolean forSample, String reason)
      implements Fact {}

  /** A low point was opened and looked at. */
  record LowPointSeen(String lowPoint, Seen seen) implements AboutCircuit {}

  /**
   * An engine was started.
   *
   * @param engine which; null when there is only one
   * @param seconds how long it turned, for a KICK or CRANK_SHUT; 0 otherwise
   */
  record EngineStarted(Position engine, StartBasis basis, double seconds) implements Fact {}

  /**
   * A starter turned an engine, and it did not fire.
   *
   * @param engine which; null when there is only one
   */
  record Cranked(Position engine, double seconds) implements Fact {
    /** No starter bears more in one turn, s. */
    private static final double MOST_SECONDS = 30;

    public Cranked {
      if (!(seconds > 0) || seconds > MOST_SECONDS) {
        throw Refused.value("seconds", "One turn of the starter lasts from 1 to 30 s.");
      }
    }
  }

  /**
   * An engine was stopped.
   *
   * @param engine which; null when there is only one
   */
  record EngineStopped(Position engine) implements Fact {}

  /**
   * Descaler went into a circuit.
   *
   * @param segments keys of the segments it reached; only their descale clock starts anew
   * @param liters mixed, ready to use
   */
  record DescalerUsed(String circuit, List<String> segments, double liters)
      implements AboutCircuit {
    public DescalerUsed {
      segments = segments == null ? List.of() : List.copyOf(segments);
      if (!Double.isFinite(liters) || liters <= 0 || liters > MOST_LITERS) {
        throw Refused.value("liters", "Must be above 0 L, at most 200 L.");
      }
    }
  }

  /**
   * The coolant of a closed engine was read, cold, at the filler.
   *
   * @param temperatureC of what was read; null in logs of before this was asked
   */
  record CoolantRead(
      String circuit, InstrumentUse with, double reading, @Nullable Double temperatureC)
      implements AboutCircuit {
    public CoolantRead(String circuit, InstrumentUse with, double reading) {
      this(circuit, with, reading, null);
    }

    public CoolantRead {
      if (temperatureC != null) {
        Refused.within("temperatureC", temperatureC, -60, 120, " °C");
      }
      if (!with.instrument().tellsStrengthOf(Base.EG)) {
        throw Refused.value(
            "instrument", "Coolant is read on an EG freeze point scale; this one has another.");
      }
      with.instrument().readable("reading", Base.EG, reading);
    }
  }

  /**
   * Something that falls due again was done.
   *
   * @param engine whose; null for the boat as a whole
   * @param item key of the interval
   * @param found what was seen while doing it; may be empty
   */
  record ServiceDone(Position engine, String item, String found) implements Fact {
    public ServiceDone {
      Interval.of(item);
      found = found == null ? "" : found.strip();
      if (found.length() > MOST_TEXT) {
        throw Refused.value("found", "At most 2,000 characters.");
      }
    }
  }

  /**
   * Something that falls due is wanted on the next visit, whatever its date.
   *
   * @param engine whose; null for the boat as a whole
   * @param item key of the interval
   */
  record DuePlanned(Position engine, String item) implements Fact {
    public DuePlanned {
      Interval.of(item);
    }
  }

  /**
   * Antifreeze went into a circuit.
   *
   * @param pourPoint key of the hose it was poured into; null when it was drawn through
   */
  record FluidUsed(String circuit, Lot lot, double liters, String pourPoint)
      implements AboutCircuit {
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

  /**
   * What ran out of a low point was caught and measured.
   *
   * @param liters of whatever stood there
   */
  record CaughtAtDrain(String lowPoint, double liters) implements Fact {
    public CaughtAtDrain {
      if (!Double.isFinite(liters) || liters < 0 || liters > MOST_LITERS) {
        throw Refused.value("liters", "Must be from 0 to 200 L.");
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
      key = kept("key", key, "Say which number it is.");
    }
  }

  /** Antifreeze was caught as it ran out of a circuit, to be taken away. */
  record FluidCaught(String circuit, double liters) implements AboutCircuit {
    public FluidCaught {
      if (!Double.isFinite(liters) || liters < 0 || liters > MOST_LITERS) {
        throw Refused.value("liters", "Must be from 0 to 200 L.");
      }
    }
  }

  /**
   * A chlorine product went into domestic water.
   *
   * @param tankLiters what tank and lines hold, L
   * @param chlorinePercent available chlorine of the product, %
   * @param milliliters of the product, mL
   */
  record Disinfected(String circuit, double tankLiters, double chlorinePercent, double milliliters)
      implements AboutCircuit {
    public Disinfected {
      Disinfection.poured(tankLiters, chlorinePercent, milliliters);
    }

    public Disinfection.Poured poured() {
      return Disinfection.poured(tankLiters, chlorinePercent, milliliters);
    }
  }

  /**
   * A part that will be needed lies ready at the boat.
   *
   * @param engine whose; null for the boat as a whole
   * @param item key of the interval it is for
   */
  record PartPicked(Position engine, String item) implements Fact {
    public PartPicked {
      Interval.of(item);
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
   * An engine ran dry, or hot.
   *
   * @param engine which; null when there is only one
   */
  record EngineTroubled(Position engine, Trouble trouble) implements Fact {
    public EngineTroubled {
      if (trouble == null) {
        throw Refused.value("trouble", "Say whether it ran dry or hot.");
      }
    }
  }

  /**
   * What belongs to a red tag was done.
   *
   * @param engine whose; null for the boat, or when there is only one
   * @param remedy key of what was done; {@code found} what came out, may be empty
   */
  record TagRemedied(@Nullable Position engine, TagCause cause, String remedy, String found)
      implements Fact {
    public TagRemedied {
      if (cause == null) {
        throw Refused.value("cause", "Say which red tag it is about.");
      }
      cause.remedy(remedy);
      found = found == null ? "" : found.strip();
      if (found.length() > MOST_TEXT) {
        throw Refused.value("found", "At most 2,000 characters.");
      }
    }
  }

  /**
   * A coordinator lifts a red tag without its remedy.
   *
   * @param engine whose; null for the boat, or when there is only one
   */
  record TagLifted(@Nullable Position engine, TagCause cause, String reason) implements Fact {
    public TagLifted {
      if (cause == null) {
        throw Refused.value("cause", "Say which red tag it is about.");
      }
      reason = kept("reason", reason, "Say why it is lifted.");
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
      List<String> reasons)
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

  /** The undiluted product of a lot was read. */
  record JugRead(Lot lot, InstrumentUse with, double reading) implements Fact {
    public JugRead {
      with.instrument().readable("reading", lot.product().base(), reading);
    }
  }

  /** A sample from a low point was read. */
  record SampleRead(
      String lowPoint, Lot lot, InstrumentUse with, double reading, double temperatureC)
      implements AboutCircuit {
    public SampleRead {
      with.instrument().readable("reading", lot.product().base(), reading);
      Refused.within("temperatureC", temperatureC, -60, 120, " °C");
    }
  }

  /** A required low point could not be sampled. */
  record CouldNotSample(String lowPoint, String reason) implements AboutCircuit {
    public CouldNotSample {
      reason = kept("reason", reason, "Say why it could not be sampled.");
    }
  }

  /**
   * A coordinator takes a circuit as it is, until a day or until it gets so cold.
   *
   * @param until on that day it comes back; null where only the cold ends it
   * @param untilC °C; null where only the day ends it
   */
  record Accepted(String circuit, String reason, @Nullable LocalDate until, @Nullable Double untilC)
      implements AboutCircuit {
    private static final double WARMEST_C = 5;

    public Accepted {
      reason = kept("reason", reason, "Say why it is taken as it is.");
      if (until == null && untilC == null) {
        throw Refused.value("until", "Say until which day, or until how cold.");
      }
      if (untilC != null) {
        Refused.within("untilC", untilC, -60, WARMEST_C, " °C");
      }
    }
  }

  /**
   * Somebody lets go of what was proven of a circuit, or recorded empty, because water goes into it
   * again; it is winterized again afterwards.
   */
  record ProofGivenUp(String circuit, String reason) implements AboutCircuit {
    public ProofGivenUp {
      reason = kept("reason", reason, "Say why its proof may go.");
    }
  }

  /** A second person looked at a circuit's readings and signs for them. */
  record Countersigned(String circuit) implements AboutCircuit {}

  /**
   * A number was read off an engine.
   *
   * @param engine which; null for the boat as a whole, or when there is only one
   * @param against what it is held against, where its limit asks for that; null otherwise
   */
  record ReadingTaken(Position engine, String limit, double value, @Nullable Double against)
      implements Fact {
    public ReadingTaken {
      Limits.of(limit).judge(value, against);
    }

    /** A reading that is not held against another number. */
    public ReadingTaken(Position engine, String limit, double value) {
      this(engine, limit, value, null);
    }

    public Judgement judgement() {
      return Limits.of(limit).judge(value, against);
    }
  }

  /**
   * Every cylinder of an engine was fogged, or got its teaspoon of oil and was turned by hand.
   *
   * @param engine which; null when there is only one
   */
  record CylindersOiled(@Nullable Position engine) implements Fact {}

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

  /**
   * An engine has another hour meter: what it shows goes on from where the old one stopped.
   *
   * @param engine which; null when there is only one
   * @param reads what the new one shows, h
   */
  record MeterReplaced(@Nullable Position engine, double reads) implements Fact {
    public MeterReplaced {
      Limits.ENGINE_HOURS.judge(reads);
    }
  }

  /**
   * Something was looked at.
   *
   * @param engine which; null for the boat as a whole, or when there is only one
   * @param condition key of what was looked at, {@code finding} of what was found
   */
  record ConditionSeen(Position engine, String condition, String finding) implements Fact {
    public ConditionSeen {
      Conditions.of(condition).finding(finding);
    }

    public Condition.Finding found() {
      return Conditions.of(condition).finding(finding);
    }
  }

  /**
   * Missing pieces of an impeller were found.
   *
   * @param engine which; null when there is only one
   * @param where they lay; may be empty
   */
  record PiecesFound(Position engine, int count, String where) implements Fact {
    private static final int MOST_PIECES = 16;

    public PiecesFound {
      if (count < 1 || count > MOST_PIECES) {
        throw Refused.value("count", "Count from 1 to 16 pieces.");
      }
      where = where == null ? "" : where.strip();
      if (where.length() > MOST_TEXT) {
        throw Refused.value("where", "At most 2,000 characters.");
      }
    }
  }

  /**
   * The gauges of a running engine were read.
   *
   * @param engine which; null when there is only one
   */
  record GaugeRead(Position engine, GaugeReading reading) implements Fact {}

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

  /** Something has to be done on the boat. */
  record WorkAdded(String what) implements Fact {
    public WorkAdded {
      what = kept("what", what, "Say what has to be done.");
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
      found = kept("found", found, "Say how it really was.");
    }
  }

  record BayEntered() implements Fact {}

  record BayLeft() implements Fact {}

  record Noted(String text) implements Fact {
    public Noted {
      text = kept("text", text, "Write something first.");
    }
  }

  /**
   * A photo was taken; the picture itself is kept beside the log.
   *
   * @param caption what it shows; may be empty
   */
  record PhotoTaken(UUID photo, String caption) implements Fact {
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

  /**
   * A card was opened; its id is the entry's card.
   *
   * @param choices the method or variant chosen, by circuit key
   * @param lookFirst keys of the circuits that frost may have broken by then: the card begins with
   *     looking at them
   */
  record CardOpened(Procedure procedure, Map<String, String> choices, List<String> lookFirst)
      implements Fact {
    public CardOpened(Procedure procedure, Map<String, String> choices) {
      this(procedure, choices, List.of());
    }

    public CardOpened {
      if (procedure == null) {
        throw Refused.value("procedure", "Say what the card is for.");
      }
      choices = choices == null ? Map.of() : Map.copyOf(choices);
      lookFirst = lookFirst == null ? List.of() : List.copyOf(lookFirst);
    }
  }

  /** Somebody else goes on with a card. */
  record CardTaken() implements OnCard {}

  /**
   * Whoever works on a card stops here; somebody else goes on.
   *
   * @param to name of the person who goes on
   * @param note what they should know; may be empty
   */
  record HandedOver(String to, String note) implements OnCard {
    public HandedOver {
      to = kept("to", to, "Say who goes on.");
      note = note == null ? "" : note.strip();
      if (note.length() > MOST_TEXT) {
        throw Refused.value("note", "At most 2,000 characters.");
      }
    }
  }

  record StepDone() implements SettlesStep {}

  record StepSkipped(String reason) implements SettlesStep {
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
