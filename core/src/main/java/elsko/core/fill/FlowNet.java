package elsko.core.fill;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A path written out as cells and the edges between them, once for an open and once for a closed
 * thermostat. Cell 0 stands for the tank, the last for what left at the exhaust; a cell comes after
 * all that flow into it.
 */
final class FlowNet {
  /** What still gets into a segment behind a closed thermostat; the rest goes round it. */
  static final double PAST_A_CLOSED_GATE = 0.05;

  final int cells;
  final double[] liters;

  /** By segment: its first cell, and behind the last segment one more. */
  final int[] firstCell;

  private final FillPath path;
  private final @Nullable Set<String> reached;
  private @Nullable Edges open;
  private @Nullable Edges shut;

  /** Everything is reached from the tank. */
  FlowNet(FillPath path) {
    this(path, null);
  }

  /**
   * @param reached names of the segments that what is drawn gets to; it goes past the others. Null:
   *     all
   */
  FlowNet(FillPath path, @Nullable Set<String> reached) {
    List<FillSegment> segments = path.segments();
    firstCell = new int[segments.size() + 1];
    int next = 1;
    for (int s = 0; s < segments.size(); s++) {
      firstCell[s] = next;
      next += segments.get(s).cells();
    }
    firstCell[segments.size()] = next;
    cells = next + 1;
    liters = new double[cells];
    for (int s = 0; s < segments.size(); s++) {
      FillSegment segment = segments.get(s);
      for (int c = firstCell[s]; c < firstCell[s + 1]; c++) {
        liters[c] = segment.liters() / segment.cells();
      }
    }
    this.path = path;
    this.reached = reached;
  }

  /** How it flows with the thermostat open or closed; laid when it is first asked for. */
  Edges edges(boolean thermostatOpen) {
    if (thermostatOpen) {
      open = open == null ? new Laying(true).all() : open;
      return open;
    }
    shut = shut == null ? new Laying(false).all() : shut;
    return shut;
  }

  int exhaust() {
    return cells - 1;
  }

  /**
   * The edges. Most cells are fed by the one before; that part is kept apart, since it can be
   * worked off in one sweep.
   */
  static final class Edges {
    /** By cell: the part of what the cell before it passes on that gets here. */
    final double[] fromPrevious;

    /** The others, by the cell they lead to. */
    final int[] from;

    final int[] to;
    final double[] part;

    Edges(int cells, List<Edge> edges) {
      fromPrevious = new double[cells];
      List<Edge> others = new ArrayList<>();
      for (Edge edge : edges) {
        if (edge.from == edge.to - 1) {
          fromPrevious[edge.to] += edge.part;
        } else {
          others.add(edge);
        }
      }
      others.sort(Comparator.comparingInt(Edge::to));
      from = others.stream().mapToInt(Edge::from).toArray();
      to = others.stream().mapToInt(Edge::to).toArray();
      part = others.stream().mapToDouble(Edge::part).toArray();
    }
  }

  private record Edge(int from, int to, double part) {}

  /** A part of what one cell passes on. */
  private record Stream(int from, double part) {
    Stream times(double share) {
      return new Stream(from, part * share);
    }
  }

  private final class Laying {
    private final boolean thermostatOpen;
    private final List<Edge> edges = new ArrayList<>();
    private int segment;

    Laying(boolean thermostatOpen) {
      this.thermostatOpen = thermostatOpen;
    }

    Edges all() {
      join(parts(path.parts(), List.of(new Stream(0, 1))), exhaust());
      return new Edges(cells, edges);
    }

    private List<Stream> parts(List<FillPart> parts, List<Stream> in) {
      List<Stream> flow = in;
      for (FillPart part : parts) {
        flow =
            part instanceof FillSegment of
                ? through(of, flow)
                : sideBySide((FillBranches) part, flow);
      }
      return flow;
    }

    private List<Stream> sideBySide(FillBranches branches, List<Stream> in) {
      List<Stream> out = new ArrayList<>();
      for (int i = 0; i < branches.branches().size(); i++) {
        double share = branches.shares().get(i);
        out.addAll(
            parts(branches.branches().get(i), in.stream().map(s -> s.times(share)).toList()));
      }
      return out;
    }

    private List<Stream> through(FillSegment of, List<Stream> in) {
      int first = firstCell[segment];
      int last = firstCell[segment + 1] - 1;
      segment++;
      if (reached != null && !reached.contains(of.name())) {
        return in;
      }
      boolean passesBy = of.gated() && !thermostatOpen;
      join(passesBy ? in.stream().map(s -> s.times(PAST_A_CLOSED_GATE)).toList() : in, first);
      for (int cell = first; cell < last; cell++) {
        edges.add(new Edge(cell, cell + 1, 1));
      }
      List<Stream> out = new ArrayList<>();
      out.add(new Stream(last, 1));
      if (passesBy) {
        in.forEach(s -> out.add(s.times(1 - PAST_A_CLOSED_GATE)));
      }
      return out;
    }

    private void join(List<Stream> streams, int to) {
      streams.forEach(stream -> edges.add(new Edge(stream.from, to, stream.part)));
    }
  }
}
