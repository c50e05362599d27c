package elsko.core.ledger.circuit;

import elsko.core.Words;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.LowPoint;
import elsko.core.boat.path.PourPoint;
import elsko.core.boat.path.Segment;
import elsko.core.boat.path.SegmentKind;
import elsko.core.ledger.circuit.CircuitState.Content;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Lot;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/**
 * Follows what stands in each segment of a circuit: water, nothing or antifreeze, and how it came.
 */
final class CircuitContents {
  private final Circuit circuit;
  private final Set<String> drawReaches;
  private final WaterFold water;
  private final Runnable changed;
  private final SegmentEvidence evidence;
  private final Map<String, Segment> segments = new HashMap<>();
  private final Map<String, Content> contents = new LinkedHashMap<>();
  private final Set<String> drainsOut = new HashSet<>();
  private final Map<String, Boolean> onlyTheEnd = new HashMap<>();
  private final List<Flow> flows = new ArrayList<>();

  /** Segments a draw went past, because the thermostat stayed shut. */
  private final Set<String> unreached = new TreeSet<>();

  private @Nullable Lot lot;
  private double litersUsed;
  private boolean drawn;

  /**
   * @param drawReaches keys of the segments that antifreeze drawn from a tank gets to
   * @param changed told when something else stands in a segment than before
   */
  CircuitContents(Circuit circuit, Set<String> drawReaches, WaterFold water, Runnable changed) {
    this.circuit = circuit;
    this.drawReaches = drawReaches;
    this.water = water;
    this.changed = changed;
    this.evidence = new SegmentEvidence(circuit);
    for (Segment segment : circuit.segments()) {
      segments.put(segment.key(), segment);
      contents.put(segment.key(), Content.WATER);
    }
  }

  private void hold(String segment, Content content) {
    Content before = contents.put(segment, content);
    water.turned(segment, before, content);
    if (before != content) {
      changed.run();
    }
  }

  /** Water went through or came in. */
  void flooded() {
    segments.keySet().forEach(segment -> hold(segment, Content.WATER));
    evidence.flooded();
    unreached.clear();
    lot = null;
    litersUsed = 0;
    flows.clear();
  }

  /** A low point ran empty. */
  void emptied(LowPoint point) {
    point.empties().forEach(segment -> hold(segment, Content.EMPTY));
    evidence.emptied(point.empties());
    unreached.removeAll(point.empties());
    flows.add(new Flow.Emptied(point.empties()));
    if (allAre(Content.EMPTY)) {
      lot = null;
      litersUsed = 0;
    }
  }

  /**
   * @param thermostatShut the engine was watched, and its thermostat never opened
   */
  void filled(Fact.FluidUsed used, boolean thermostatShut) {
    lot = used.lot();
    litersUsed += used.liters();
    drawn = used.pourPoint() == null;
    flows.add(
        new Flow.Filled(
            used.lot().product().massFraction(),
            used.liters(),
            drawn ? null : filledAt(used.pourPoint())));
    if (!drainsOut.isEmpty() && !circuit.centralDrain()) {
      ranThroughAnOpenDrain(used.pourPoint());
      return;
    }
    List<String> into = new ArrayList<>();
    for (String segment : reached(used.pourPoint())) {
      boolean passedBy = drawn && thermostatShut && segments.get(segment).gated();
      if (passedBy) {
        unreached.add(segment);
      } else {
        into.add(segment);
      }
    }
    if (drawn) {
      evidence.drawn(Set.copyOf(into), contents);
    } else {
      evidence.poured(into, contents);
    }
    into.forEach(segment -> hold(segment, Content.ANTIFREEZE));
    unreached.removeAll(into);
  }

  /**
   * What came in ran out again, or some of it: nobody knows what stands where. Told in its turn
   * that is refused; an entry that came in late can say it.
   */
  private void ranThroughAnOpenDrain(@Nullable String pourPoint) {
    for (String segment : reached(pourPoint)) {
      hold(segment, Content.WATER);
    }
  }

  private Iterable<String> reached(@Nullable String hose) {
    return hose == null ? drawReaches : filledAt(hose);
  }

  /** Nothing, when the boat was described again and that hose is not poured into any more. */
  private List<String> filledAt(String hose) {
    for (PourPoint point : circuit.pourPoints()) {
      if (point.hose().equals(hose)) {
        return point.fills();
      }
    }
    return List.of();
  }

  void drainOut(String drain) {
    drainsOut.add(drain);
  }

  void drainIn(String drain) {
    drainsOut.remove(drain);
  }

  /** Whether a drain lies open through which what was filled runs out. */
  boolean runsOut() {
    return drainsOut.stream().anyMatch(drain -> !isLeftDry(drain));
  }

  /**
   * A muffler is drained again after the run, with the rest left filled: nothing comes after it.
   */
  boolean emptiesOnlyTheEnd(String drain) {
    return onlyTheEnd.computeIfAbsent(drain, this::isAtTheEnd);
  }

  private boolean isAtTheEnd(String drain) {
    return pointsAt(drain).stream()
        .allMatch(point -> circuit.segment(point.segment()).kind() == SegmentKind.MUFFLER);
  }

  private boolean isLeftDry(String drain) {
    return emptiesOnlyTheEnd(drain)
        && pointsAt(drain).stream()
            .flatMap(point -> point.empties().stream())
            .allMatch(segment -> contents.get(segment) == Content.EMPTY);
  }

  private List<LowPoint> pointsAt(String drain) {
    return circuit.lowPoints().stream().filter(point -> drain.equals(point.opens())).toList();
  }

  boolean isLeftDry(LowPoint point) {
    return point.empties().stream().allMatch(segment -> contents.get(segment) == Content.EMPTY);
  }

  boolean holds(Content content) {
    return contents.containsValue(content);
  }

  boolean allAre(Content content) {
    for (Content each : contents.values()) {
      if (each != content) {
        return false;
      }
    }
    return true;
  }

  Map<String, Content> all() {
    return contents;
  }

  Segment segment(String key) {
    return segments.get(key);
  }

  SegmentEvidence evidence() {
    return evidence;
  }

  Set<String> drawReaches() {
    return drawReaches;
  }

  List<Flow> flows() {
    return flows;
  }

  /** Whether a draw went past a segment, and nothing has come into it since. */
  boolean wentPast() {
    return !unreached.isEmpty();
  }

  /** Why some segments do not count as filled; null where all do. */
  @Nullable String unreachedWords() {
    return unreached.isEmpty()
        ? null
        : "Not counted as filled: %s. The gauge never held, so nothing shows that the thermostat opened;"
                .formatted(
                    Words.list(unreached.stream().map(key -> segments.get(key).name()).toList()))
            + " what was drawn goes past it then.";
  }

  @Nullable Lot lot() {
    return lot;
  }

  /** All that went in since it was last empty or full of water, L. */
  double litersUsed() {
    return litersUsed;
  }

  /** Whether the last fill was drawn through. */
  boolean drawn() {
    return drawn;
  }
}
