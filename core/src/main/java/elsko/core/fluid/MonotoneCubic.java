package elsko.core.fluid;

import java.util.Arrays;

/**
 * A monotone cubic through the nodes of a monotone table (Fritsch and Carlson's condition, met by
 * the weighted harmonic mean of the neighbouring slopes). Exact at the nodes, no overshoot between
 * them.
 */
final class MonotoneCubic {
  private static final double STEEPEST_END = 3;
  private static final int MOST_STEPS = 60;
  private static final double EXACT_ENOUGH = 1e-12;
  private final double[] x;
  private final double[] y;
  private final double[] slope;

  /** {@code x} strictly rising, {@code y} strictly falling, same length, three nodes or more. */
  MonotoneCubic(double[] x, double[] y) {
    this.x = x.clone();
    this.y = y.clone();
    this.slope = slopes(this.x, this.y);
  }

  double value(double at) {
    return valueIn(intervalOf(at), at);
  }

  /** The x at which the curve takes {@code target}, which must lie between the last and first y. */
  double inverse(double target) {
    int low = 0;
    int high = y.length - 1;
    while (high - low > 1) {
      int mid = (low + high) >>> 1;
      if (y[mid] >= target) {
        low = mid;
      } else {
        high = mid;
      }
    }
    return rootIn(low, target);
  }

  private double valueIn(int i, double at) {
    double h = x[i + 1] - x[i];
    double t = (at - x[i]) / h;
    double s = 1 - t;
    return s * s * ((1 + 2 * t) * y[i] + t * h * slope[i])
        + t * t * ((3 - 2 * t) * y[i + 1] - s * h * slope[i + 1]);
  }

  private int intervalOf(double at) {
    int found = Arrays.binarySearch(x, at);
    int i = found >= 0 ? found : -found - 2;
    return Math.max(0, Math.min(i, x.length - 2));
  }

  /** Newton's steps inside a bracket that shrinks; a step that would leave it is halved instead. */
  private double rootIn(int i, double target) {
    double low = x[i];
    double high = x[i + 1];
    if (y[i] == target) {
      return low;
    }
    if (y[i + 1] == target) {
      return high;
    }
    double root = low + (high - low) * (target - y[i]) / (y[i + 1] - y[i]);
    for (int step = 0; step < MOST_STEPS; step++) {
      double f = valueIn(i, root) - target;
      if (Math.abs(f) < EXACT_ENOUGH) {
        return root;
      }
      if (f > 0) {
        low = root;
      } else {
        high = root;
      }
      double next = root - f / slopeIn(i, root);
      root = next > low && next < high ? next : (low + high) / 2;
    }
    return root;
  }

  private double slopeIn(int i, double at) {
    double h = x[i + 1] - x[i];
    double t = (at - x[i]) / h;
    double s = 1 - t;
    return 6 * t * s * (y[i + 1] - y[i]) / h
        + s * (1 - 3 * t) * slope[i]
        + t * (3 * t - 2) * slope[i + 1];
  }

  private static double[] slopes(double[] x, double[] y) {
    int n = x.length;
    double[] h = new double[n - 1];
    double[] secant = new double[n - 1];
    for (int i = 0; i < n - 1; i++) {
      h[i] = x[i + 1] - x[i];
      secant[i] = (y[i + 1] - y[i]) / h[i];
    }
    double[] d = new double[n];
    for (int i = 1; i < n - 1; i++) {
      double w1 = 2 * h[i] + h[i - 1];
      double w2 = h[i] + 2 * h[i - 1];
      d[i] = (w1 + w2) / (w1 / secant[i - 1] + w2 / secant[i]);
    }
    d[0] = endSlope(h[0], h[1], secant[0], secant[1]);
    d[n - 1] = endSlope(h[n - 2], h[n - 3], secant[n - 2], secant[n - 3]);
    return d;
  }

  /** Three-point slope at an end, kept within what monotonicity allows. */
  private static double endSlope(double h0, double h1, double s0, double s1) {
    double d = ((2 * h0 + h1) * s0 - h0 * s1) / (h0 + h1);
    if (d * s0 <= 0) {
      return 0;
    }
    return Math.abs(d) > STEEPEST_END * Math.abs(s0) ? STEEPEST_END * s0 : d;
  }
}
