package elsko.core.fluid;

/** Straight lines through the nodes of a table whose x rises strictly. */
final class Piecewise {
  private final double[] x;
  private final double[] y;

  Piecewise(double[] x, double[] y) {
    this.x = x.clone();
    this.y = y.clone();
  }

  /** {@code at} must lie within the table. */
  double value(double at) {
    int i = 0;
    while (i < x.length - 2 && at >= x[i + 1]) {
      i++;
    }
    if (at == x[i]) {
      return y[i];
    }
    if (at == x[i + 1]) {
      return y[i + 1];
    }
    return y[i] + (at - x[i]) * (y[i + 1] - y[i]) / (x[i + 1] - x[i]);
  }
}
