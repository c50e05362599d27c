package elsko.core.boat.path;

import java.util.ArrayList;
import java.util.List;
import java.util.NoSuchElementException;
import org.jspecify.annotations.Nullable;

/**
 * One body of water that can freeze on its own.
 *
 * @param engine whose it is; null when no engine moves it
 * @param path from the intake to the exhaust; empty when it holds no water by construction
 * @param drains keys of the fittings that must be IN before it can be called filled
 * @param hoses keys of its hose ends
 * @param centralDrain all its drains run to one plug, which may stay OUT until undiluted color runs
 * @param selfDraining stands dry when it is stored upright
 * @param suctionHose key of the hose on the suction side of its pump; null where it has none
 * @param methods the ways it can be winterized, the usual one first; empty when it cannot here
 * @param handling what is particular to it
 * @param segments every segment of the path, in the order the water meets them
 */
public record Circuit(
    String key,
    String name,
    CircuitKind kind,
    @Nullable Position engine,
    List<PathPart> path,
    List<LowPoint> lowPoints,
    List<PourPoint> pourPoints,
    List<String> drains,
    List<String> hoses,
    boolean centralDrain,
    boolean selfDraining,
    @Nullable String suctionHose,
    List<Method> methods,
    Handling handling,
    List<Segment> segments) {

  public Circuit {
    path = List.copyOf(path);
    segments = segmentsOf(path);
    lowPoints = List.copyOf(lowPoints);
    pourPoints = List.copyOf(pourPoints);
    drains = List.copyOf(drains);
    hoses = List.copyOf(hoses);
    methods = List.copyOf(methods);
  }

  public Circuit(
      String key,
      String name,
      CircuitKind kind,
      @Nullable Position engine,
      List<PathPart> path,
      List<LowPoint> lowPoints,
      List<PourPoint> pourPoints,
      List<String> drains,
      List<String> hoses,
      boolean centralDrain,
      boolean selfDraining,
      @Nullable String suctionHose,
      List<Method> methods,
      Handling handling) {
    this(
        key,
        name,
        kind,
        engine,
        path,
        lowPoints,
        pourPoints,
        drains,
        hoses,
        centralDrain,
        selfDraining,
        suctionHose,
        methods,
        handling,
        List.of());
  }

  /** What stays behind in a segment after a clear drain, as a part of its volume. */
  public static final double RESIDUE_AFTER_CLEAR_DRAIN = 0.05;

  /** How a piece of work on it goes. */
  public Work work(Work.Piece piece) {
    return handling.works().getOrDefault(piece, Work.AS_USUAL);
  }

  /** Holds no water by construction. */
  public boolean isDryBuilt() {
    return path.isEmpty() && kind == CircuitKind.RAW_WATER;
  }

  /** Where its muffler or water lift is drained; null where it has none, or nothing to open. */
  public @Nullable LowPoint mufflerDrain() {
    for (LowPoint point : lowPoints()) {
      if (point.opens() != null && segment(point.segment()).kind() == SegmentKind.MUFFLER) {
        return point;
      }
    }
    return null;
  }

  /** Whether raw water runs through it. */
  public boolean isRawWater() {
    return kind == CircuitKind.RAW_WATER && !path.isEmpty();
  }

  /** Every segment of a stretch of a path, in the order the water meets them. */
  public static List<Segment> segmentsOf(List<PathPart> path) {
    List<Segment> found = new ArrayList<>();
    collect(path, found);
    return List.copyOf(found);
  }

  public boolean hasSegment(SegmentKind segmentKind) {
    for (Segment segment : segments) {
      if (segment.kind() == segmentKind) {
        return true;
      }
    }
    return false;
  }

  public Segment segment(String segmentKey) {
    for (Segment segment : segments) {
      if (segment.key().equals(segmentKey)) {
        return segment;
      }
    }
    throw new NoSuchElementException(segmentKey);
  }

  public double liters() {
    return segments.stream().mapToDouble(Segment::liters).sum();
  }

  public List<LowPoint> requiredLowPoints() {
    return lowPoints.stream().filter(LowPoint::required).toList();
  }

  /** The part of all that is drawn through the path that passes through a segment. */
  public double flowShare(String segmentKey) {
    return share(path, segmentKey, 1);
  }

  private static void collect(List<PathPart> parts, List<Segment> into) {
    for (PathPart part : parts) {
      if (part instanceof Segment segment) {
        into.add(segment);
      } else if (part instanceof Parallel parallel) {
        parallel.branches().forEach(branch -> collect(branch, into));
      }
    }
  }

  private static double share(List<PathPart> parts, String segmentKey, double of) {
    for (PathPart part : parts) {
      if (part instanceof Segment segment && segment.key().equals(segmentKey)) {
        return of;
      }
      if (part instanceof Parallel parallel) {
        for (int i = 0; i < parallel.branches().size(); i++) {
          double found =
              share(parallel.branches().get(i), segmentKey, of * parallel.shares().get(i));
          if (found > 0) {
            return found;
          }
        }
      }
    }
    return 0;
  }
}
