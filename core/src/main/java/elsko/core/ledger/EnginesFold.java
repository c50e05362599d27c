package elsko.core.ledger;

import elsko.core.boat.Boat;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.LowPoint;
import elsko.core.boat.path.Position;
import elsko.core.boat.path.SegmentKind;
import elsko.core.gauge.GaugeReading;
import elsko.core.gauge.GaugeWatch;
import elsko.core.ledger.circuit.CircuitFold;
import elsko.core.ledger.engine.DueAtOnce;
import elsko.core.ledger.engine.EngineRuns;
import elsko.core.ledger.engine.ServiceFold;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.StartBasis;
import elsko.core.ledger.fact.TagCause;
import elsko.core.ledger.fact.Trouble;
import elsko.core.limits.Interval;
import java.time.Duration;
import java.time.Instant;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Follows through the log which engines run, what feeds their pumps, and what that does to them.
 */
final class EnginesFold {
  /** Without water for less than this nothing happens to an impeller. Estimate. */
  private static final Duration DRY_IS_NOTHING = Duration.ofSeconds(15);

  /** Longer than this, and nobody starts it before it was looked at. Estimate. */
  private static final Duration DRY_IS_DUE = Duration.ofSeconds(60);

  private final Boat boat;
  private final HullFold hull;
  private final CircuitsFold circuits;
  private final EngineRuns runs;
  private final ServiceFold services;
  private final RedTags tags;
  private final Map<Position, StartBasis> running = new EnumMap<>(Position.class);
  private final Set<Position> kicked = EnumSet.noneOf(Position.class);
  private final Map<String, Position> emptiesThePumpOf;

  EnginesFold(
      Boat boat,
      HullFold hull,
      CircuitsFold circuits,
      EngineRuns runs,
      ServiceFold services,
      RedTags tags) {
    this.boat = boat;
    this.hull = hull;
    this.circuits = circuits;
    this.runs = runs;
    this.services = services;
    this.tags = tags;
    this.emptiesThePumpOf = lowPointsThatEmptyAPump(boat);
  }

  void stopped(Fact.EngineStopped stopped, Entry entry) {
    boat.enginesMeant(stopped.engine())
        .forEach(
            engine -> {
              if (running.get(engine) == StartBasis.PRIMED && !hull.seacockIsOpen(engine)) {
                runs.neverFed(engine);
              }
              wetAgain(engine, entry);
              running.remove(engine);
              runs.stopped(engine, entry);
            });
  }

  /** With a drain open again, what a kick threw out does not stand for it any more. */
  void opened(Position engine) {
    kicked.remove(engine);
  }

  Map<Position, StartBasis> running() {
    return Map.copyOf(running);
  }

  Set<Position> kicked() {
    return Set.copyOf(kicked);
  }

  void started(Fact.EngineStarted started, Entry entry) {
    Instant at = entry.deviceTime();
    for (Position engine : boat.enginesMeant(started.engine())) {
      Circuit circuit = boat.engineCircuit(engine);
      runs.turnedOver(engine);
      if (started.basis() == StartBasis.KICK) {
        kicked.add(engine);
      } else if (started.basis() == StartBasis.CRANK_SHUT) {
        runs.turned(engine, started.seconds(), false, at);
      } else {
        running.put(engine, started.basis());
        runs.started(engine, at);
        tags.started(engine);
        if (started.basis() != StartBasis.PRIMED) {
          pumpFed(circuit, entry); // primed, its strainer feeds it until its seacock is opened
        }
        boolean onTank =
            started.basis() == StartBasis.FED
                && boat.fittingsOf(circuit, FittingKind.FEED).stream()
                    .anyMatch(f -> hull.state(f) == FittingState.TANK);
        if (!onTank) {
          runs.startedOnWater(engine, started.basis() == StartBasis.FED);
          circuits.flooded(circuit);
        }
      }
    }
  }

  /** Where the pump runs without water: its feed away, its seacock shut, or its leg up. */
  void pumpFed(Circuit circuit, Entry entry) {
    Position engine = circuit.engine();
    if (engine != null && hull.fillsItself(circuit)) {
      runs.suctionFilled(engine);
    }
    StartBasis on = engine == null ? null : running.get(engine);
    if (on == null || boat.fittingOf(circuit, FittingKind.IMPELLER) == null) {
      return;
    }
    boolean starved =
        switch (on) {
          case FED -> hull.stands(circuit, FittingKind.FEED, FittingState.NONE);
          case AFLOAT, PRIMED -> hull.stands(circuit, FittingKind.SEACOCK, FittingState.SHUT);
          case CRANK_SHUT, KICK -> false;
        };
    boolean up = hull.stands(circuit, FittingKind.DRIVE, FittingState.UP);
    if (!starved) {
      runs.suctionFilled(engine);
    }
    if (starved || up) {
      runs.runsDry(engine, entry.deviceTime());
    } else {
      wetAgain(engine, entry);
    }
  }

  /** A few seconds do no harm; longer the impeller is due, and longer still nobody starts it. */
  void wetAgain(Position engine, Entry entry) {
    Duration dry = runs.dryUntil(engine, entry.deviceTime());
    if (dry.compareTo(DRY_IS_NOTHING) < 0) {
      return;
    }
    dueAtOnce(engine, Trouble.RAN_DRY, entry.deviceTime());
    if (dry.compareTo(DRY_IS_DUE) > 0) {
      tags.set(
          TagCause.RAN_DRY,
          engine,
          "it ran for %s s without water, by the record".formatted(dry.toSeconds()),
          entry);
    }
  }

  void gauge(Entry entry, Position engine, GaugeReading reading) {
    GaugeWatch watch = runs.read(engine, reading);
    switch (watch.standing()) {
      case STOP ->
          tags.set(
              GaugeWatch.isWithoutWater(reading) ? TagCause.NO_WATER : TagCause.TOO_HOT,
              engine,
              watch.words(),
              entry);
      case OPEN -> {
        tags.proven(TagCause.TOO_HOT, engine);
        if (reading.exhaustLitersPerMinute() != null) {
          tags.proven(TagCause.NO_WATER, engine);
        }
      }
      case NOT_READ, WARMING, NOT_OPENING -> {}
    }
  }

  void troubled(Position engine, Trouble trouble, Entry entry) {
    tags.set(
        trouble == Trouble.RAN_DRY ? TagCause.RAN_DRY : TagCause.TOO_HOT,
        engine,
        "it %s, as was said".formatted(trouble.words()),
        entry);
    dueAtOnce(engine, trouble, entry.deviceTime());
  }

  void dueAtOnce(Position engine, Trouble trouble, Instant at) {
    for (Interval due : trouble.makesDue(boat, boat.engineCircuit(engine))) {
      services.dueAtOnce(engine, due, new DueAtOnce(trouble, at));
    }
  }

  /** What empties the pump leaves its suction dry. */
  void suctionDrained(String lowPoint) {
    Position engine = emptiesThePumpOf.get(lowPoint);
    if (engine != null) {
      runs.suctionDrained(engine);
    }
  }

  private static Map<String, Position> lowPointsThatEmptyAPump(Boat boat) {
    Map<String, Position> found = new HashMap<>();
    for (Circuit circuit : boat.engineCircuits()) {
      if (boat.fittingOf(circuit, FittingKind.IMPELLER) == null) {
        continue;
      }
      for (LowPoint point : circuit.lowPoints()) {
        if (holdsThePump(circuit, point.empties())) {
          found.put(point.key(), circuit.engine());
        }
      }
    }
    return found;
  }

  void suctionPoured(Fact.FluidUsed used) {
    if (used.pourPoint() == null || !boat.hasCircuit(used.circuit())) {
      return;
    }
    Circuit circuit = boat.circuit(used.circuit());
    circuit.pourPoints().stream()
        .filter(point -> point.hose().equals(used.pourPoint()))
        .filter(point -> circuit.engine() != null && holdsThePump(circuit, point.fills()))
        .forEach(point -> runs.suctionFilled(circuit.engine()));
  }

  private static boolean holdsThePump(Circuit circuit, List<String> segments) {
    return segments.stream().anyMatch(key -> circuit.segment(key).kind() == SegmentKind.PUMP);
  }

  void mufflerDrained(String lowPoint) {
    Position engine = boat.mufflerEmptiedAt(lowPoint);
    if (engine != null) {
      runs.mufflerDrained(engine);
    }
  }

  /** A warm run carries what went into the coolant round. */
  void coolantRoundWith(Position engine) {
    if (runs.ranWarm(engine)) {
      circuits.coolantOf(engine, CircuitFold::coolantRanWarm);
    }
  }
}
