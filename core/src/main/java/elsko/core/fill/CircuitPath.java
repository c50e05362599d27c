package elsko.core.fill;

import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.LowPoint;
import elsko.core.boat.path.Method;
import elsko.core.boat.path.Parallel;
import elsko.core.boat.path.PathPart;
import elsko.core.boat.path.Segment;
import elsko.core.boat.path.SegmentKind;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;

/** A circuit's path as fluid fills it; segments are named by their keys. */
public final class CircuitPath {
  /** Long and narrow pieces are washed out from one end to the other. */
  private static final int CELLS_IN_A_ROW = 4;

  /** After a run a muffler or water lift keeps at most this part of what it holds. Estimate. */
  private static final double MUFFLER_KEEPS = 0.4;

  /** What stands in the low end of a tank that was emptied, L. */
  private static final double LEFT_IN_A_TANK_L = 0.2;

  private CircuitPath() {}

  /** All of it, full of water. */
  public static FillPath all(Circuit circuit) {
    return new FillPath(parts(circuit.path(), null, segment -> 1));
  }

  /**
   * What is reached, as it stands when a method is carried out as planned: what a low point empties
   * is drained, and the rest full of water.
   */
  public static FillPath planned(Circuit circuit, Set<String> reached, Method method) {
    return planned(circuit, reached, method, Set.of());
  }

  /**
   * The same, where some segments do not run.
   *
   * @param notDrained their keys
   */
  public static FillPath planned(
      Circuit circuit, Set<String> reached, Method method, Set<String> notDrained) {
    Set<String> drained = new HashSet<>();
    if (method.drains()) {
      circuit.lowPoints().stream().map(LowPoint::empties).forEach(drained::addAll);
      drained.removeAll(notDrained);
    }
    return new FillPath(
        parts(
            circuit.path(),
            reached,
            segment -> drained.contains(segment.key()) ? residual(segment) : 1));
  }

  /** The part of a segment that stays behind after a clear drain. */
  static double residual(Segment segment) {
    return segment.kind() == SegmentKind.TANK
        ? Math.min(Circuit.RESIDUE_AFTER_CLEAR_DRAIN, LEFT_IN_A_TANK_L / segment.liters())
        : Circuit.RESIDUE_AFTER_CLEAR_DRAIN;
  }

  /** What a segment holds while its engine runs: the exhaust blows most of a muffler out, L. */
  public static double keptWhileRunning(Segment segment) {
    return segment.kind() == SegmentKind.MUFFLER
        ? MUFFLER_KEEPS * segment.liters()
        : segment.liters();
  }

  private static int cells(SegmentKind kind) {
    return kind.mixes() ? 1 : CELLS_IN_A_ROW;
  }

  private static List<FillPart> parts(
      List<PathPart> path, @Nullable Set<String> only, ToDoubleFunction<Segment> residual) {
    List<FillPart> parts = new ArrayList<>();
    for (PathPart part : path) {
      if (part instanceof Parallel parallel) {
        List<List<FillPart>> branches = new ArrayList<>();
        for (List<PathPart> branch : parallel.branches()) {
          branches.add(parts(branch, only, residual));
        }
        if (branches.stream().noneMatch(List::isEmpty)) {
          parts.add(new FillBranches(branches, parallel.shares()));
        }
      } else if (part instanceof Segment segment
          && (only == null || only.contains(segment.key()))) {
        parts.add(
            new FillSegment(
                segment.key(),
                keptWhileRunning(segment),
                residual.applyAsDouble(segment),
                cells(segment.kind()),
                segment.gated()));
      }
    }
    return parts;
  }
}
