package elsko.core.fluid;

import elsko.core.Refused;
import elsko.core.Words;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * An instrument's own curve for one product, made at the bench from a dilution series: readings of
 * mixtures whose strength is known. Monotone through its points; outside them nothing is known.
 *
 * @param points weakest first
 */
public record Calibration(List<Point> points) {
  private static final int FEWEST = 3;
  private static final int MOST = 20;

  /** What a mixture of known strength read, in scale units. */
  public record Point(double massFraction, double reading) {}

  /** One glass of the series: parts by volume and what it read. */
  public record Glass(double jugParts, double waterParts, double reading) {}

  public Calibration {
    if (points == null || points.size() < FEWEST || points.size() > MOST) {
      throw Refused.value("glasses", "A calibration has 3 to 20 points.");
    }
    points = points.stream().sorted(Comparator.comparingDouble(Point::massFraction)).toList();
    for (Point point : points) {
      Refused.within("massFraction", point.massFraction(), 0, GlycolCurve.MAX_MASS_FRACTION, "");
      if (!Double.isFinite(point.reading())) {
        throw Refused.value("reading", "Must be a number.");
      }
    }
    double direction = direction(points);
    for (int i = 1; i < points.size(); i++) {
      Point weak = points.get(i - 1);
      Point strong = points.get(i);
      if (strong.massFraction() == weak.massFraction()) {
        throw Refused.value("glasses", "Two glasses have the same strength.");
      }
      if (direction * strong.reading() <= direction * weak.reading()) {
        throw Refused.value("glasses", turnsBack(weak, strong));
      }
    }
  }

  /**
   * From glasses mixed out of the jug and clean water.
   *
   * @param jug glycol by mass in the jug, above 0
   */
  public static Calibration ofSeries(Base base, double jug, List<Glass> glasses) {
    Blend.checkedConcentrate(jug);
    GlycolCurve curve = GlycolCurve.of(base);
    List<Point> points = new ArrayList<>();
    if (glasses != null) {
      for (int i = 0; i < glasses.size(); i++) {
        Glass glass = glasses.get(i);
        double parts = glass.jugParts() + glass.waterParts();
        if (!(glass.jugParts() >= 0 && glass.waterParts() >= 0 && parts > 0 && parts < 1e6)) {
          throw Refused.value("glasses[" + i + "]", "Give parts of jug and water, 0 or more.");
        }
        double byVolume = curve.toVolumeFraction(jug) * glass.jugParts() / parts;
        points.add(new Point(curve.toMassFraction(byVolume), glass.reading()));
      }
    }
    return new Calibration(points);
  }

  /** The mass fraction a reading means. Refuses what lies outside the points. */
  public double massFraction(String field, double reading) {
    within(field, reading);
    return curve().inverse(-direction(points) * reading);
  }

  /** What a mixture would read; {@code massFraction} lies within the points. */
  double readingOf(double massFraction) {
    return -direction(points) * curve().value(massFraction);
  }

  /** Refuses a reading outside the points. */
  public void within(String field, double reading) {
    if (!reaches(reading)) {
      double a = weakest().reading();
      double b = strongest().reading();
      throw Refused.value(
          field,
          "Outside this instrument's calibration, which goes from %s to %s."
              .formatted(Words.number(Math.min(a, b)), Words.number(Math.max(a, b))));
    }
  }

  /** A reading moved toward water; past points that do not reach water, nothing is known. */
  double weaker(double reading, double by) {
    return notBeyondWater(reading - direction(points) * by);
  }

  /** Nothing is weaker than water, where a glass of it was read. */
  double notBeyondWater(double reading) {
    boolean past = direction(points) * reading < direction(points) * weakest().reading();
    return past && weakest().massFraction() == 0 ? weakest().reading() : reading;
  }

  boolean reaches(double reading) {
    double a = weakest().reading();
    double b = strongest().reading();
    return reading >= Math.min(a, b) && reading <= Math.max(a, b);
  }

  /** What clean water read when it was made; 0 where the series has no glass of it. */
  double waterReads() {
    return weakest().massFraction() == 0 ? weakest().reading() : 0;
  }

  /** A reading moved toward strong, or null when the calibration ends before. */
  Double stronger(double reading, double by) {
    double moved = reading + direction(points) * by;
    boolean past = direction(points) * moved > direction(points) * strongest().reading();
    return past ? null : (Double) moved;
  }

  Point weakest() {
    return points.get(0);
  }

  Point strongest() {
    return points.get(points.size() - 1);
  }

  private MonotoneCubic curve() {
    double[] x = points.stream().mapToDouble(Point::massFraction).toArray();
    double[] y = points.stream().mapToDouble(p -> -direction(points) * p.reading()).toArray();
    return new MonotoneCubic(x, y);
  }

  /** 1 where stronger mixtures read higher, −1 where they read lower. */
  private static double direction(List<Point> points) {
    return points.get(points.size() - 1).reading() >= points.get(0).reading() ? 1 : -1;
  }

  private static String turnsBack(Point weak, Point strong) {
    return "The readings must go one way: those of %s and %s turn back. Read both glasses again."
        .formatted(Words.percent(weak.massFraction()), Words.percent(strong.massFraction()));
  }
}
