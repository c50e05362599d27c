package elsko.core.fill;

import elsko.core.fluid.GlycolCurve;
import java.util.ArrayList;
import java.util.List;

/**
 * A fill followed while it goes in, looked at after each of some equal steps; the first look is at
 * 0 L. Freeze and burst points are worked out for the looks that are asked for.
 */
public final class FillCourse {
  private final FillQuestion question;
  private final List<FillSegment> segments;
  private final int steps;

  /** Takes over any look. */
  private final Fill standing;

  // By look and cell, one look after the other.
  private final double[] held;
  private final double[] missing;
  private final double[] products;

  private FillCourse(FillQuestion question, int steps) {
    this.question = question;
    this.steps = steps;
    Prediction.Pouring pouring = new Prediction.Pouring(question);
    segments = pouring.segments;
    standing = pouring.fill;
    held = new double[(steps + 1) * standing.cells()];
    missing = new double[(steps + 1) * standing.cells()];
    products = new double[steps + 1];
    for (int look = 0; look <= steps; look++) {
      pouring.to(litersAt(look));
      products[look] = standing.keep(held, missing, look * standing.cells());
    }
  }

  /**
   * Follows {@code question.liters()} in.
   *
   * @param steps 1 or more
   */
  public static FillCourse of(FillQuestion question, int steps) {
    return new FillCourse(question, steps);
  }

  public int looks() {
    return steps + 1;
  }

  /** How much has gone in at a look, L. */
  public double litersAt(int look) {
    return question.liters() * look / steps;
  }

  /** How much has left at the end of the path, L. */
  public double exhaustLiters(int look) {
    return held[(look + 1) * standing.cells() - 1];
  }

  /** What stands in each segment at a look, in the order of the path. */
  public List<FilledSegment> segments(int look) {
    standing.recall(held, missing, look * standing.cells(), products[look]);
    GlycolCurve curve = GlycolCurve.of(question.base());
    List<FilledSegment> filled = new ArrayList<>(segments.size());
    for (int s = 0; s < segments.size(); s++) {
      filled.add(FilledSegment.of(segments.get(s).name(), standing, s, curve));
    }
    return filled;
  }

  /** Name of the segment with the weakest cell at a look. */
  public String weakest(int look) {
    standing.recall(held, missing, look * standing.cells(), products[look]);
    return segments.get(standing.weakest()).name();
  }
}
