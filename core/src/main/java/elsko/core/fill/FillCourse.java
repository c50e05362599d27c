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

  // By look and segment, one look after the other.
  private final double[] massFractions;
  private final double[] lowestCells;
  private final double[] levels;
  private final double[] exhaustLiters;

  private FillCourse(FillQuestion question, int steps) {
    this.question = question;
    this.steps = steps;
    Prediction.Pouring pouring = new Prediction.Pouring(question);
    segments = pouring.segments;
    int looks = steps + 1;
    massFractions = new double[looks * segments.size()];
    lowestCells = new double[looks * segments.size()];
    levels = new double[looks * segments.size()];
    exhaustLiters = new double[looks];
    for (int look = 0; look < looks; look++) {
      pouring.to(litersAt(look));
      exhaustLiters[look] = pouring.fill.exhaustLiters();
      int at = look * segments.size();
      pouring.fill.write(at, at - segments.size(), massFractions, lowestCells, levels);
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
    return exhaustLiters[look];
  }

  /** What stands in each segment at a look, in the order of the path. */
  public List<FilledSegment> segments(int look) {
    GlycolCurve curve = GlycolCurve.of(question.base());
    List<FilledSegment> filled = new ArrayList<>(segments.size());
    for (int s = 0; s < segments.size(); s++) {
      int at = look * segments.size() + s;
      filled.add(
          FilledSegment.of(
              segments.get(s).name(), massFractions[at], lowestCells[at], levels[at], curve));
    }
    return filled;
  }

  /** Name of the segment with the weakest cell at a look. */
  public String weakest(int look) {
    int from = look * segments.size();
    int weakest = 0;
    for (int s = 1; s < segments.size(); s++) {
      if (lowestCells[from + s] < lowestCells[from + weakest]) {
        weakest = s;
      }
    }
    return segments.get(weakest).name();
  }
}
