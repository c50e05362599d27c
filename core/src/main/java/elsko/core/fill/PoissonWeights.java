package elsko.core.fill;

/**
 * Poisson weights of whole steps; those of a stretch alike the one before are not worked out again.
 */
final class PoissonWeights {
  /** What is left of the sum when it is cut off; it goes to the last term, so nothing is lost. */
  private static final double CUT_OFF = 1e-9;

  /** Stretches this alike are washed with the same weights. */
  private static final double ALIKE = 1e-12;

  private double[] weights = new double[64];
  private int terms;
  private double weightsFor = Double.NaN;

  /** For a mean of {@code turnovers}; what is cut off goes to the last. */
  void weigh(double turnovers) {
    if (Math.abs(turnovers - weightsFor) <= ALIKE * turnovers) {
      return;
    }
    int most = (int) (turnovers + 10 * Math.sqrt(turnovers) + 20);
    if (weights.length < most) {
      weights = new double[most];
    }
    double term = Math.exp(-turnovers);
    double left = 1 - term;
    weights[0] = term;
    int k = 0;
    while (left > CUT_OFF && k < most - 1) {
      k++;
      term *= turnovers / k;
      weights[k] = term;
      left -= term;
    }
    weights[k] += left;
    terms = k + 1;
    weightsFor = turnovers;
  }

  double[] weights() {
    return weights;
  }

  /** How many of them there are. */
  int terms() {
    return terms;
  }
}
