package elsko.core.ledger.engine;

import elsko.core.Median;
import elsko.core.boat.Boat;
import elsko.core.boat.description.EngineDescription;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.Position;
import elsko.core.gauge.GaugeLimits;
import elsko.core.gauge.GaugeRange;
import elsko.core.gauge.GaugeReading;
import elsko.core.gauge.GaugeWatch;
import elsko.core.ledger.engine.EngineRun.Plateau;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.learned.Learned;
import elsko.core.limits.Call;
import elsko.core.limits.Judgement;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** Follows through the log how each engine's gauges went. */
public final class EngineRuns {
  private static final Duration EMPTIES_MUFFLER = Duration.ofSeconds(60);

  private final Boat boat;
  private final Map<Position, List<GaugeReading>> readings = new EnumMap<>(Position.class);
  private final Map<Position, List<Plateau>> plateaus = new EnumMap<>(Position.class);
  private final Map<Position, List<Learned.Time>> taught = new EnumMap<>(Position.class);

  /** Put into words once, until something more is taught. */
  private final Map<Position, GaugeLimits> limits = new EnumMap<>(Position.class);

  private final Set<Position> limitsByItsOwn = EnumSet.noneOf(Position.class);
  private final Map<Position, Boolean> opened = new EnumMap<>(Position.class);
  private final Map<Position, CrankCount> cranked = new EnumMap<>(Position.class);
  private final Map<Position, Instant> startedAt = new EnumMap<>(Position.class);
  private final Set<Position> suctionDry = EnumSet.noneOf(Position.class);
  private final Map<Position, Instant> dryingSince = new EnumMap<>(Position.class);
  private final Set<Position> waterSeen = EnumSet.noneOf(Position.class);

  /** Whether the water it runs on now is fresh; nothing while it does not run on water. */
  private final Map<Position, Boolean> onFreshWater = new EnumMap<>(Position.class);

  private final Map<Position, EngineRun.OnWater> lastOnWater = new EnumMap<>(Position.class);
  private final Map<Position, EngineRun.Cylinders> cylinders = new EnumMap<>(Position.class);

  private final Predicate<Position> goesByItsOwn;

  /**
   * @param goesByItsOwn whether an engine is held against what it has taught
   */
  public EngineRuns(Boat boat, Predicate<Position> goesByItsOwn) {
    this.boat = boat;
    this.goesByItsOwn = goesByItsOwn;
  }

  /** It runs on water anew: what its thermostat did before says nothing any more. */
  public void startedOnWater(Position engine, boolean fresh) {
    readings.remove(engine);
    opened.remove(engine);
    onFreshWater.put(engine, fresh);
  }

  /** Any start, of any kind: oil on the walls of its cylinders is gone. */
  public void turnedOver(Position engine) {
    cylinders.computeIfPresent(engine, (key, oiled) -> oiled.startedSince());
  }

  public void cylindersOiled(Position engine, Instant at) {
    cylinders.put(engine, new EngineRun.Cylinders(at, false));
  }

  /** It is brought back to run: its oil is burnt off on purpose, and sea comes in. */
  public void seasonBegins() {
    cylinders.clear();
    lastOnWater.clear();
  }

  public void seaCameIn(@Nullable Position engine) {
    if (engine != null) {
      lastOnWater.remove(engine);
    }
  }

  public void started(Position engine, Instant at) {
    startedAt.put(engine, at);
    waterSeen.remove(engine);
  }

  /** A minute's run with water seen blows the muffler out. */
  public void stopped(Position engine, Entry entry) {
    Instant at = entry.deviceTime();
    Instant start = startedAt.remove(engine);
    Boolean fresh = onFreshWater.remove(engine);
    if (start != null && fresh != null) {
      lastOnWater.put(
          engine, new EngineRun.OnWater(start, at, fresh, ranWarm(engine), entry.card()));
    }
    if (start != null && waterSeen.contains(engine) && !start.plus(EMPTIES_MUFFLER).isAfter(at)) {
      cranked.remove(engine);
    }
  }

  public void waterAtExhaust(Position engine) {
    waterSeen.add(engine);
  }

  public void turned(Position engine, double seconds, boolean seacockOpen, Instant at) {
    CrankCount before = cranked.getOrDefault(engine, CrankCount.NONE);
    cranked.put(engine, before.turned(seconds, seacockOpen, at));
  }

  public void mufflerDrained(Position engine) {
    cranked.remove(engine);
  }

  /** How the run stands with this reading. */
  public GaugeWatch read(Position engine, GaugeReading reading) {
    Double flow = reading.exhaustLitersPerMinute();
    if (flow != null && flow > 0) {
      waterSeen.add(engine);
    }
    List<GaugeReading> run = readings.computeIfAbsent(engine, key -> new ArrayList<>());
    run.add(reading);
    GaugeWatch watch = GaugeWatch.of(limits(engine), run);
    if (watch.opened()) {
      opened.put(engine, true);
    } else if (watch.standing() == GaugeWatch.Standing.STOP
        || watch.standing() == GaugeWatch.Standing.NOT_OPENING) {
      opened.put(engine, false);
    }
    return watch;
  }

  /** Somebody says where its gauge holds; judged by what was known of it then. */
  public Held holdsAt(Position engine, Instant at, double valueC) {
    EngineDescription description = description(engine);
    List<Double> known = goesByItsOwn.test(engine) ? own(engine) : List.of();
    GaugeRange range = GaugeRange.of(description, known);
    Call call = range.call(description, valueC);
    boolean warm = valueC >= range.low();
    opened.put(engine, warm);
    plateaus.computeIfAbsent(engine, key -> new ArrayList<>()).add(new Plateau(at, valueC, call));
    Double own = range.ownC();
    if (call == Call.GOOD && warm) {
      taught.computeIfAbsent(engine, key -> new ArrayList<>()).add(new Learned.Time(at, valueC));
      limits.remove(engine);
    }
    List<Double> then = own == null ? List.of() : Collections.nCopies(GaugeRange.AT_LEAST, own);
    return new Held(call, () -> GaugeLimits.of(description, then).judge(description, valueC));
  }

  /** How a plateau was called, and in words, once somebody asks for them. */
  public record Held(Call call, Supplier<Judgement> judgement) {}

  public void suctionDrained(Position engine) {
    suctionDry.add(engine);
  }

  public void suctionFilled(Position engine) {
    suctionDry.remove(engine);
  }

  /** It runs, and nothing feeds its pump any more. */
  public void runsDry(Position engine, Instant at) {
    dryingSince.putIfAbsent(engine, at);
  }

  /** Nothing fed it from its start on. */
  public void neverFed(Position engine) {
    Instant start = startedAt.get(engine);
    if (start != null) {
      dryingSince.put(engine, start);
    }
  }

  /** How long it ran without water up to now; none when it did not. */
  public Duration dryUntil(Position engine, Instant at) {
    Instant since = dryingSince.remove(engine);
    return since == null || at.isBefore(since) ? Duration.ZERO : Duration.between(since, at);
  }

  /** Whether it was seen to be warm since it was started on water. */
  public boolean ranWarm(Position engine) {
    return Boolean.TRUE.equals(opened.get(engine));
  }

  /** Whether its thermostat is known to have stayed shut; unknown counts as open. */
  public boolean stayedShut(Position engine) {
    return engine != null && Boolean.FALSE.equals(opened.get(engine));
  }

  public Map<Position, EngineRun> runs() {
    Map<Position, EngineRun> runs = new EnumMap<>(Position.class);
    for (Circuit circuit : boat.engineCircuits()) {
      Position engine = circuit.engine();
      List<GaugeReading> run = List.copyOf(readings.getOrDefault(engine, List.of()));
      GaugeLimits limits = limits(engine);
      runs.put(
          engine,
          new EngineRun(
              limits,
              run,
              GaugeWatch.of(limits, run),
              List.copyOf(plateaus.getOrDefault(engine, List.of())),
              cranked.getOrDefault(engine, CrankCount.NONE),
              suctionDry.contains(engine),
              dryingSince.get(engine),
              lastOnWater.get(engine),
              cylinders.get(engine)));
    }
    return runs;
  }

  private GaugeLimits limits(Position engine) {
    boolean byItsOwn = goesByItsOwn.test(engine);
    if (byItsOwn != limitsByItsOwn.contains(engine)) {
      limits.remove(engine);
      if (byItsOwn) {
        limitsByItsOwn.add(engine);
      } else {
        limitsByItsOwn.remove(engine);
      }
    }
    return limits.computeIfAbsent(
        engine, key -> GaugeLimits.of(description(engine), byItsOwn ? own(engine) : List.of()));
  }

  /** Where it held when nothing was wrong, the last ones; what raised the alarm teaches nothing. */
  private List<Double> own(Position engine) {
    List<Learned.Time> times = taught.getOrDefault(engine, List.of());
    return Median.last(times).stream().map(Learned.Time::value).toList();
  }

  /** What each engine has taught of where it holds, of those that have taught enough. */
  public List<Learned> learned() {
    List<Learned> learned = new ArrayList<>();
    for (Position engine : boat.engineCircuits().stream().map(Circuit::engine).toList()) {
      List<Learned.Time> times = taught.getOrDefault(engine, List.of());
      if (times.size() >= GaugeRange.AT_LEAST) {
        learned.add(
            Learned.of(Learned.Kind.PLATEAU, engine.name(), times, goesByItsOwn.test(engine)));
      }
    }
    return learned;
  }

  private EngineDescription description(Position engine) {
    return boat.engine(boat.engineCircuit(engine));
  }
}
