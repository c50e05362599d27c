package elsko.core.ledger.circuit;

import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.Parallel;
import elsko.core.boat.path.PathPart;
import elsko.core.boat.path.Segment;
import elsko.core.ledger.circuit.CircuitState.Content;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What vouches for each segment of a circuit that was filled. A segment counts as protected only by
 * evidence about itself: it was recorded empty and nothing but the jug's fluid came into it since,
 * or what went through it was sampled after it.
 */
final class SegmentEvidence {
  private final Circuit circuit;

  /** Filled when they were recorded empty, through others of which that is true. */
  private final Set<String> fromEmpty = new HashSet<>();

  /** Emptied or poured into since the last draw: what is in it did not come along the path. */
  private final Set<String> ofItsOwn = new HashSet<>();

  /** What was drawn went along the path; what is poured runs over what is full. */
  private boolean drawn;

  SegmentEvidence(Circuit circuit) {
    this.circuit = circuit;
  }

  void flooded() {
    fromEmpty.clear();
    ofItsOwn.clear();
    drawn = false;
  }

  void emptied(List<String> segments) {
    segments.forEach(fromEmpty::remove);
    ofItsOwn.addAll(segments);
  }

  /**
   * @param contents of every segment before it
   */
  void poured(List<String> segments, Map<String, Content> contents) {
    boolean clean = true;
    for (String segment : segments) {
      clean = enters(segment, contents, clean);
    }
    ofItsOwn.addAll(segments);
  }

  /**
   * @param reached keys of the segments it got to
   * @param contents of every segment before it
   */
  void drawn(Set<String> reached, Map<String, Content> contents) {
    drawn = true;
    ofItsOwn.removeAll(reached);
    along(circuit.path(), reached, contents, true);
  }

  private boolean along(
      List<PathPart> parts, Set<String> reached, Map<String, Content> contents, boolean from) {
    boolean clean = from;
    for (PathPart part : parts) {
      if (part instanceof Parallel parallel) {
        boolean all = true;
        for (List<PathPart> branch : parallel.branches()) {
          all &= along(branch, reached, contents, clean);
        }
        clean = all;
      } else if (part instanceof Segment segment && reached.contains(segment.key())) {
        clean = enters(segment.key(), contents, clean);
      }
    }
    return clean;
  }

  /** Returns whether what comes out of it is still the jug's fluid and nothing else. */
  private boolean enters(String segment, Map<String, Content> contents, boolean clean) {
    boolean was = contents.get(segment) == Content.EMPTY || fromEmpty.contains(segment);
    if (was && clean) {
      fromEmpty.add(segment);
      return true;
    }
    fromEmpty.remove(segment);
    return false;
  }

  boolean cameIntoEmpty(String segment) {
    return fromEmpty.contains(segment);
  }

  /**
   * Keys of the segments at which a sample tells of one: itself, and those that what was drawn
   * through it went on to before another branch joined. What lies behind the thermostat may have
   * been gone round, so only what lies behind it too tells of it.
   */
  Set<String> tellOf(Segment of) {
    Set<String> after = new HashSet<>();
    if (drawn && !ofItsOwn.contains(of.key())) {
      after(circuit.path(), of.key(), after);
      after.removeAll(ofItsOwn);
    }
    after.add(of.key());
    if (of.gated()) {
      after.removeIf(key -> !circuit.segment(key).gated());
    }
    return after;
  }

  /** Collects what comes after it; returns whether it was found. */
  private static boolean after(List<PathPart> parts, String key, Set<String> into) {
    for (int i = 0; i < parts.size(); i++) {
      if (parts.get(i) instanceof Segment segment && segment.key().equals(key)) {
        Circuit.segmentsOf(parts.subList(i + 1, parts.size()))
            .forEach(later -> into.add(later.key()));
        return true;
      }
      if (parts.get(i) instanceof Parallel parallel) {
        for (List<PathPart> branch : parallel.branches()) {
          if (after(branch, key, into)) {
            return true;
          }
        }
      }
    }
    return false;
  }
}
