package elsko.core.trueboat;

import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.LowPoint;
import elsko.core.boat.path.Parallel;
import elsko.core.boat.path.PathPart;
import elsko.core.boat.path.Segment;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;

/** One circuit as it really is. */
final class TrueCircuit {
  private static final double SILTED = 0.12;
  private static final double SCALED = 0.03;
  private static final double AIR_LOCKED = 0.05;

  private final Circuit circuit;
  private final List<Stretch> path;
  private final Map<String, Vessel> vessels = new LinkedHashMap<>();
  private final Map<String, Opening> openings = new LinkedHashMap<>();
  private final Thermostat thermostat;

  /** Keys of the vessels that what is drawn gets to. */
  private final Set<String> fedFrom;

  TrueCircuit(Circuit circuit, Set<String> fedFrom, Random nature, boolean thermostatStuck) {
    this.circuit = circuit;
    this.fedFrom = fedFrom;
    path = stretches(circuit.path(), nature);
    thermostat = new Thermostat(nature, thermostatStuck);
    for (LowPoint point : circuit.lowPoints()) {
      List<Vessel> empties = point.empties().stream().map(vessels::get).toList();
      openings.put(point.key(), new Opening(point, empties, condition(point, nature)));
    }
  }

  private List<Stretch> stretches(List<PathPart> parts, Random nature) {
    List<Stretch> made = new ArrayList<>();
    for (PathPart part : parts) {
      if (part instanceof Segment segment) {
        Vessel vessel = new Vessel(segment, nature);
        vessels.put(segment.key(), vessel);
        made.add(vessel);
      } else if (part instanceof Parallel parallel) {
        List<List<Stretch>> branches =
            parallel.branches().stream().map(branch -> stretches(branch, nature)).toList();
        made.add(new Fork(branches, shares(parallel, nature)));
      }
    }
    return made;
  }

  private static List<Double> shares(Parallel parallel, Random nature) {
    List<Double> about =
        parallel.shares().stream().map(share -> Vessel.about(share, nature)).toList();
    double sum = about.stream().mapToDouble(Double::doubleValue).sum();
    return about.stream().map(share -> share / sum).toList();
  }

  /** A hose put low, a leg let down or a bowl that is dipped has no hole that silts up. */
  private Condition condition(LowPoint point, Random nature) {
    double drawn = nature.nextDouble();
    if (point.opens() == null || !circuit.drains().contains(point.opens())) {
      return Condition.CLEAR;
    }
    if (drawn < SILTED) {
      return Condition.SILTED;
    }
    if (drawn < SILTED + SCALED) {
      return Condition.SCALED;
    }
    return drawn < SILTED + SCALED + AIR_LOCKED ? Condition.AIR_LOCKED : Condition.CLEAR;
  }

  Circuit described() {
    return circuit;
  }

  Thermostat thermostat() {
    return thermostat;
  }

  Iterable<Vessel> vessels() {
    return vessels.values();
  }

  Opening opening(String lowPoint) {
    return openings.get(lowPoint);
  }

  Iterable<Opening> openings() {
    return openings.values();
  }

  /** The engine pulls water through all of it: nothing else is left, but behind a shut gate. */
  void flood() {
    Pulse water = Pulse.of(8 * circuit.liters(), 0);
    through(water, false);
  }

  /** Drawn through from where the feed is put on; what comes out at its end. */
  Pulse draw(Pulse in) {
    return through(in, true);
  }

  private Pulse through(Pulse in, boolean fromTheFeed) {
    Pulse passing = in;
    for (Stretch stretch : path) {
      boolean before =
          fromTheFeed
              && stretch instanceof Vessel vessel
              && !fedFrom.contains(vessel.segment().key());
      if (!before) {
        passing = stretch.through(passing, thermostat);
      }
    }
    return passing;
  }

  /** Poured in at a hose, filling these in order; what runs over comes back. */
  Pulse pour(List<String> segments, Pulse in) {
    Pulse left = in;
    for (String segment : segments) {
      left = vessels.get(segment).pour(left);
    }
    return left;
  }
}
