package elsko.core.fill;

import elsko.core.boat.path.Method;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How much it takes until every segment is full and strong enough.
 *
 * @param liters null when never
 * @param reason why never; null otherwise
 */
record Reaching(@Nullable Double liters, @Nullable String reason) {
  private static final double MOST_PATHS = 10;
  private static final double CLOSE_ENOUGH_L = 1e-7;
  private static final double STRETCHES_PER_PATH = 4;
  private static final Reaching NOT_ASKED = new Reaching(null, null);

  static Reaching of(FillQuestion question) {
    if (question.target() == null) {
      return NOT_ASKED;
    }
    double target = question.target().massFraction();
    if (question.massFraction() < target) {
      return never("the product cannot reach it");
    }
    double most = MOST_PATHS * question.path().liters();
    Prediction.Pouring at = new Prediction.Pouring(question);
    Prediction.Pouring before = new Prediction.Pouring(question);
    int segments = question.path().segments().size();
    double stretch = question.path().liters() / STRETCHES_PER_PATH;
    double from = 0;
    for (double to = 0; ; to = Math.min(most, to + stretch)) {
      at.to(to);
      if (reached(at.fill, segments, target)) {
        return new Reaching(between(question, before.fill, from, to, target), null);
      }
      if (to >= most) {
        return never(why(question, at.fill, target));
      }
      before.fill.become(at.fill);
      from = to;
    }
  }

  /** Halves the last stretch until it is known where in it the target was reached. */
  private static Double between(
      FillQuestion question, Fill before, double from, double to, double target) {
    int segments = question.path().segments().size();
    double low = from;
    double high = to;
    Fill atLow = before;
    while (high - low > CLOSE_ENOUGH_L) {
      double middle = (low + high) / 2;
      Fill there = atLow.copy();
      Prediction.Pouring.more(question, there, middle - low);
      if (reached(there, segments, target)) {
        high = middle;
      } else {
        low = middle;
        atLow = there;
      }
    }
    return high;
  }

  private static boolean reached(Fill fill, int segments, double target) {
    for (int s = 0; s < segments; s++) {
      if (fill.level(s) < FilledSegment.FULL || fill.lowestCell(s) < target) {
        return false;
      }
    }
    return true;
  }

  private static String why(FillQuestion question, Fill fill, double target) {
    List<FillSegment> segments = question.path().segments();
    for (int s = 0; s < segments.size(); s++) {
      boolean lacks = fill.level(s) < FilledSegment.FULL || fill.lowestCell(s) < target;
      if (lacks && segments.get(s).gated() && !question.thermostatOpen() && draws(question)) {
        return "behind a closed thermostat";
      }
    }
    return draws(question)
        ? "more than 10 × the path's volume"
        : "poured on top, water that did not drain stays where it is";
  }

  private static boolean draws(FillQuestion question) {
    return question.method() != Method.POUR;
  }

  private static Reaching never(String reason) {
    return new Reaching(null, reason);
  }
}
