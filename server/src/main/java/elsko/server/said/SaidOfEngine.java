package elsko.server.said;

import elsko.core.boat.path.Position;
import elsko.core.gauge.GaugeReading;
import elsko.core.guide.Complaint;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.StartBasis;
import elsko.core.ledger.fact.TagCause;
import elsko.core.ledger.fact.Trouble;
import org.jspecify.annotations.Nullable;

/** What is said of an engine; {@code engine} null where there is only one, or none is meant. */
public sealed interface SaidOfEngine extends Said {
  record EngineStarted(@Nullable Position engine, StartBasis basis, @Nullable Double seconds)
      implements SaidOfEngine {
    @Override
    public Fact fact(Around around) {
      return new Fact.EngineStarted(
          engine,
          Said.need("basis", basis, "Say what gives it water."),
          seconds == null ? 0 : seconds);
    }
  }

  record Cranked(@Nullable Position engine, Double seconds) implements SaidOfEngine {
    @Override
    public Fact fact(Around around) {
      return new Fact.Cranked(engine, Said.number("seconds", seconds));
    }
  }

  record EngineStopped(@Nullable Position engine) implements SaidOfEngine {
    @Override
    public Fact fact(Around around) {
      return new Fact.EngineStopped(engine);
    }
  }

  record EngineTroubled(@Nullable Position engine, Trouble trouble) implements SaidOfEngine {
    @Override
    public Fact fact(Around around) {
      return new Fact.EngineTroubled(engine, trouble);
    }
  }

  record TagRemedied(
      @Nullable Position engine, TagCause cause, String remedy, @Nullable String found)
      implements SaidOfEngine {
    @Override
    public Fact fact(Around around) {
      return new Fact.TagRemedied(engine, cause, Said.which("remedy", remedy), found);
    }
  }

  record TagLifted(@Nullable Position engine, TagCause cause, String reason)
      implements SaidOfEngine {
    @Override
    public Fact fact(Around around) {
      return new Fact.TagLifted(engine, cause, reason);
    }
  }

  record CylindersOiled(@Nullable Position engine) implements SaidOfEngine {
    @Override
    public Fact fact(Around around) {
      return new Fact.CylindersOiled(engine);
    }
  }

  record Complained(@Nullable Position engine, Complaint complaint) implements SaidOfEngine {
    @Override
    public Fact fact(Around around) {
      return new Fact.Complained(engine, complaint);
    }
  }

  record MeterReplaced(@Nullable Position engine, Double reads) implements SaidOfEngine {
    @Override
    public Fact fact(Around around) {
      return new Fact.MeterReplaced(engine, Said.number("reads", reads));
    }
  }

  record ReadingTaken(
      @Nullable Position engine, String limit, Double value, @Nullable Double against)
      implements SaidOfEngine {
    @Override
    public Fact fact(Around around) {
      return new Fact.ReadingTaken(
          engine, Said.which("limit", limit), Said.number("value", value), against);
    }
  }

  record ConditionSeen(@Nullable Position engine, String condition, String finding)
      implements SaidOfEngine {
    @Override
    public Fact fact(Around around) {
      return new Fact.ConditionSeen(
          engine, Said.which("condition", condition), Said.which("finding", finding));
    }
  }

  record PiecesFound(@Nullable Position engine, Integer count, @Nullable String where)
      implements SaidOfEngine {
    @Override
    public Fact fact(Around around) {
      return new Fact.PiecesFound(engine, Said.need("count", count, "Enter a number."), where);
    }
  }

  record GaugeRead(
      @Nullable Position engine,
      Double minute,
      Double temperatureC,
      @Nullable Double rpm,
      @Nullable Double exhaustLitersPerMinute)
      implements SaidOfEngine {
    @Override
    public Fact fact(Around around) {
      return new Fact.GaugeRead(
          engine,
          new GaugeReading(
              Said.number("minute", minute),
              Said.number("temperatureC", temperatureC),
              rpm,
              exhaustLitersPerMinute));
    }
  }

  record ServiceDone(@Nullable Position engine, String item, @Nullable String found)
      implements SaidOfEngine {
    @Override
    public Fact fact(Around around) {
      return new Fact.ServiceDone(engine, Said.which("item", item), Said.remark("found", found));
    }
  }

  record DuePlanned(@Nullable Position engine, String item) implements SaidOfEngine {
    @Override
    public Fact fact(Around around) {
      return new Fact.DuePlanned(engine, Said.which("item", item));
    }
  }

  record PartPicked(@Nullable Position engine, String item) implements SaidOfEngine {
    @Override
    public Fact fact(Around around) {
      return new Fact.PartPicked(engine, Said.which("item", item));
    }
  }

  record CameBack(Double hours) implements SaidOfEngine {
    @Override
    public Fact fact(Around around) {
      return new Fact.CameBack(Said.number("hours", hours));
    }
  }
}
