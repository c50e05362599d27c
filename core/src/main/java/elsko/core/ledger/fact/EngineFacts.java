package elsko.core.ledger.fact;

import elsko.core.Refused;
import elsko.core.boat.path.Position;
import elsko.core.gauge.GaugeReading;
import elsko.core.limits.Condition;
import elsko.core.limits.Conditions;
import elsko.core.limits.Interval;
import elsko.core.limits.Judgement;
import elsko.core.limits.Limits;
import org.jspecify.annotations.Nullable;

/** What is said of an engine: its runs, readings, services, and the red tags that stand on it. */
public interface EngineFacts {
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
      reason = KeptText.of("reason", reason, "Say why it is lifted.");
    }
  }

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
}
