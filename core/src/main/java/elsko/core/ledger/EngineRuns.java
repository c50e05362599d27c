package elsko.core.ledger;

import elsko.core.boat.Boat;
import elsko.core.boat.Circuit;
import elsko.core.boat.EngineDescription;
import elsko.core.boat.Position;
import elsko.core.gauge.GaugeLimits;
import elsko.core.gauge.GaugeReading;
import elsko.core.gauge.GaugeWatch;
import elsko.core.ledger.EngineRun.Plateau;
import elsko.core.limits.Judgement;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;

/** Follows through the log how each engine's gauges went. */
final class EngineRuns {
  private static final Duration EMPTIES_MUFFLER = Duration.ofSeconds(60);

  private final Boat boat;
  private final Map<Position, List<GaugeReading>> readings = new EnumMap<>(Position.class);
  private final Map<Position, List<Plateau>> plateaus = new EnumMap<>(Position.class);
  private final Map<Position, Boolean> opened = new EnumMap<>(Position.class);
  private final Map<Position, CrankCount> cranked = new EnumMap<>(Position.class);
  private final Map<Position, Instant> startedAt = new EnumMap<>(Position.class);
  private final Set<Position> suctionDry = EnumSet.noneOf(Position.class);
  private final Map<Position, Instant> dryingSince = new EnumMap<>(Position.class);
  private final Set<Position> waterSeen = EnumSet.noneOf(Position.class);

  private final Predicate<Position> goesByItsOwn;

  /**
   * @param goesByItsOwn whether an engine is held against what it has taught
   */
  EngineRuns(Boat boat, Predicate<Position> goesByItsOwn) {
    this.boat = boat;
    this.goesByItsOwn = goesByItsOwn;
  }

  /** It runs on water anew: what its thermostat did before says nothing any more. */
  void startedOnWater(Position engine) {
    readings.remove(engine);
    opened.remove(engine);
  }

  void started(Position engine, Instant at) {
    startedAt.put(engine, at);
    waterSeen.remove(engine);
  }

  /** A minute's run with water seen blows the muffler out. */
  void stopped(Position engine, Instant at) {
    Instant start = startedAt.remove(engine);
    if (start != null && waterSeen.contains(engine) && !start.plus(EMPTIES_MUFFLER).isAfter(at)) {
      cranked.remove(engine);
    }
  }

  void waterAtExhaust(Position engine) {
    waterSeen.add(engine);
  }

  void turned(Position engine, double seconds, boolean seacockOpen, Instant at) {
    CrankCount before = cranked.getOrDefault(engine, CrankCount.NONE);
    cranked.put(engine, before.turned(seconds, seacockOpen, at));
  }

  void mufflerDrained(Position engine) {
    cranked.remove(engine);
  }

  /** How the run stands with this reading. */
  GaugeWatch read(Position engine, GaugeReading reading) {
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

  /** Somebody says where its gauge holds; judged by what is known of it so far. */
  Judgement holdsAt(Position engine, Instant at, double valueC) {
    Judgement judged = limits(engine).judge(description(engine), valueC);
    opened.put(engine, isWarm(engine, valueC));
    plateaus.computeIfAbsent(engine, key -> new ArrayList<>()).add(new Plateau(at, valueC, judged));
    return judged;
  }

  void suctionDrained(Position engine) {
    suctionDry.add(engine);
  }

  void suctionFilled(Position engine) {
    suctionDry.remove(engine);
  }

  /** It runs, and nothing feeds its pump any more. */
  void runsDry(Position engine, Instant at) {
    dryingSince.putIfAbsent(engine, at);
  }

  /** Nothing fed it from its start on. */
  void neverFed(Position engine) {
    Instant start = startedAt.get(engine);
    if (start != null) {
      dryingSince.put(engine, start);
    }
  }

  /** How long it ran without water up to now; none when it did not. */
  Duration dryUntil(Position engine, Instant at) {
    Instant since = dryingSince.remove(engine);
    return since == null || at.isBefore(since) ? Duration.ZERO : Duration.between(since, at);
  }

  /** Whether it was seen to be warm since it was started on water. */
  boolean ranWarm(Position engine) {
    return Boolean.TRUE.equals(opened.get(engine));
  }

  /** Whether its thermostat is known to have stayed shut; unknown counts as open. */
  boolean stayedShut(Position engine) {
    return engine != null && Boolean.FALSE.equals(opened.get(engine));
  }

  Map<Position, EngineRun> runs() {
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
              dryingSince.get(engine)));
    }
    return runs;
  }

  private GaugeLimits limits(Position engine) {
    List<Double> own =
        goesByItsOwn.test(engine)
            ? taught(engine).stream().map(Plateau::valueC).toList()
            : List.of();
    return GaugeLimits.of(description(engine), own);
  }

  /** Where it held when nothing was wrong; what raised the alarm teaches nothing. */
  private List<Plateau> taught(Position engine) {
    List<Plateau> good = new ArrayList<>();
    List<Double> values = new ArrayList<>();
    for (Plateau plateau : plateaus.getOrDefault(engine, List.of())) {
      if (plateau.judgement().isGood()
          && plateau.valueC() >= GaugeLimits.of(description(engine), values).opensFromC()) {
        good.add(plateau);
        values.add(plateau.valueC());
      }
    }
    return good;
  }

  /** What each engine has taught of where it holds, of those that have taught enough. */
  List<Learned> learned() {
    List<Learned> learned = new ArrayList<>();
    for (Circuit circuit : boat.engineCircuits()) {
      Position engine = circuit.engine();
      List<Learned.Time> times =
          taught(engine).stream()
              .map(plateau -> new Learned.Time(plateau.at(), plateau.valueC()))
              .toList();
      if (times.size() >= GaugeLimits.AT_LEAST) {
        learned.add(
            Learned.of(Learned.Kind.PLATEAU, engine.name(), times, goesByItsOwn.test(engine)));
      }
    }
    return learned;
  }

  /** As warm as its thermostat opens. */
  private boolean isWarm(Position engine, double valueC) {
    return valueC >= limits(engine).opensFromC();
  }

  private EngineDescription description(Position engine) {
    return boat.engine(boat.engineCircuit(engine));
  }
}
