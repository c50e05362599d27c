package elsko.core.fill;

import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.Segment;
import elsko.core.fluid.Base;
import elsko.core.fluid.GlycolCurve;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;

/** What stands in a boat's circuit while it is emptied and filled. It begins full of water. */
public final class CircuitFill {
  private final Circuit circuit;
  private final Map<String, Integer> index = new HashMap<>();
  private final Fill fill;

  /**
   * @param reached keys of the segments that what is drawn from a tank gets to
   */
  public CircuitFill(Circuit circuit, Set<String> reached) {
    this.circuit = circuit;
    FillPath path = CircuitPath.all(circuit);
    for (Segment segment : circuit.segments()) {
      index.put(segment.key(), index.size());
    }
    fill = new Fill(new FlowNet(path, reached), path.segments());
  }

  private int at(String segment) {
    return Objects.requireNonNull(index.get(segment));
  }

  /** A segment was seen to run out: what stays behind stays. */
  public void emptied(String segment) {
    fill.drain(at(segment), CircuitPath.residual(circuit.segment(segment)));
  }

  /** Poured in at a hose, filling these segments in order; the rest runs over. */
  public void poured(List<String> segments, double liters, double product) {
    double left = liters;
    for (String segment : segments) {
      left = fill.pour(at(segment), left, product);
    }
    fill.runOver(left, product);
  }

  /** Drawn through from a tank, with the engine warm and its thermostat open. */
  public void drawn(double liters, double product) {
    fill.draw(liters, product, true);
  }

  /** What stands in each segment now, by its key. */
  public List<FilledSegment> segments() {
    GlycolCurve curve = GlycolCurve.of(Base.PG);
    List<FilledSegment> found = new ArrayList<>();
    for (Segment segment : circuit.segments()) {
      found.add(FilledSegment.of(segment.key(), fill, at(segment.key()), curve));
    }
    return found;
  }
}
