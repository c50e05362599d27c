package elsko.core.fluid;

import java.util.Arrays;

/**
 * A monotone cubic through the nodes of a monotone table (Fritsch and Carlson's condition, met by
 * the weighted harmonic mean of the neighbouring slopes). Exact at the nodes, no overshoot between
 * them.
 */
final class MonotoneCubic {
  private static final double SIGN_FLIP_LIMIT = 3;
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

  /** Regula falsi with halving (Illinois): stays bracketed, converges in a few steps. */
  private double rootIn(int i, double target) {
    double a = x[i];
    double b = x[i + 1];
    double fa = y[i] - target;
    double fb = y[i + 1] - target;
    if (fa == 0) {
      return a;
    }
    if (fb == 0) {
      return b;
    }
    double root = a;
    for (int step = 0; step < 100; step++) {
      root = (a * fb - b * fa) / (fb - fa);
      double f = valueIn(i, root) - target;
      if (Math.abs(f) < 1e-12) {
        return root;
      }
      if (f * fb < 0) {
        a = b;
        fa = fb;
      } else {
        fa /= 2;
      }
      b = root;
      fb = f;
    }
    return root;
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
    return Math.abs(d) > SIGN_FLIP_LIMIT * Math.abs(s0) ? SIGN_FLIP_LIMIT * s0 : d;
  }
}
