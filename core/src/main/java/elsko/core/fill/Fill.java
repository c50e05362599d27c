package elsko.core.fill;

import java.util.Arrays;
import java.util.List;

/**
 * A path while it is being filled: what stands in every cell. Between two moments at which a cell
 * becomes full the flow is steady, and water is washed on from cell to cell like a chance walk with
 * constant rates. Such a walk has an exact solution as a Poisson-weighted sum of whole steps, all
 * of whose terms are positive: nothing is lost, and no cell gets stronger than the product or
 * weaker than water, however coarse the moments are that are looked at.
 */
final class Fill {
  /** What is left of the sum when it is cut off; it goes to the last term, so nothing is lost. */
  private static final double CUT_OFF = 1e-9;

  /** A longer stretch is gone in pieces, so that the first weight stays far above rounding. */
  private static final double MOST_TURNOVERS = 24;

  private static final double FULL = 1 - 1e-12;

  private final FlowNet net;
  private final int n;
  private final double[] held;

  /** Liters times mass fraction, by cell. */
  private final double[] glycol;

  // How it flows until the next cell is full; worked out anew only when that changes.
  private FlowNet.Edges steadyAlong;
  private final double[] inflow;
  private final double[] stays;
  private final double[] arrives;
  private double[] alsoArrives = new double[0];
  private double fastest;
  private int reach;

  // What is missing to the product that is drawn, in liters times mass fraction.
  private double[] now;
  private double[] next;
  private final double[] sum;
  private double[] weights = new double[0];
  private double weightsFor = Double.NaN;

  /** Every segment holds its residual of water, in each of its cells. */
  Fill(FlowNet net, List<FillSegment> segments) {
    this.net = net;
    n = net.cells;
    held = new double[n];
    glycol = new double[n];
    inflow = new double[n];
    stays = new double[n];
    arrives = new double[n];
    now = new double[n];
    next = new double[n];
    sum = new double[n];
    for (int s = 0; s < segments.size(); s++) {
      setResidual(s, segments.get(s).residual());
    }
  }

  private Fill(Fill other) {
    net = other.net;
    n = other.n;
    held = other.held.clone();
    glycol = other.glycol.clone();
    inflow = new double[n];
    stays = new double[n];
    arrives = new double[n];
    now = new double[n];
    next = new double[n];
    sum = new double[n];
  }

  Fill copy() {
    return new Fill(this);
  }

  /** Takes over what stands in another fill of the same path. */
  void become(Fill other) {
    System.arraycopy(other.held, 0, held, 0, n);
    System.arraycopy(other.glycol, 0, glycol, 0, n);
    steadyAlong = null;
  }

  private void setResidual(int segment, double residual) {
    for (int c = net.firstCell[segment]; c < net.firstCell[segment + 1]; c++) {
      held[c] = residual * net.liters[c];
      glycol[c] = 0;
    }
  }

  /** Lets a segment run out, down to a residual of what stands in it now. */
  void drain(int segment, double residual) {
    double mean = massFraction(segment);
    for (int c = net.firstCell[segment]; c < net.firstCell[segment + 1]; c++) {
      held[c] = residual * net.liters[c];
      glycol[c] = held[c] * mean;
    }
    steadyAlong = null;
  }

  /**
   * Pours into one segment from its top.
   *
   * @return what did not go in, L
   */
  double pour(int segment, double liters, double product) {
    double left = liters;
    for (int c = net.firstCell[segment]; c < net.firstCell[segment + 1]; c++) {
      double goesIn = Math.min(left, net.liters[c] - held[c]);
      held[c] += goesIn;
      glycol[c] += goesIn * product;
      left -= goesIn;
    }
    steadyAlong = null;
    return left;
  }

  /** What runs over the top of the path and is caught. */
  void runOver(double liters, double product) {
    held[net.exhaust()] += liters;
    glycol[net.exhaust()] += liters * product;
  }

  /** Draws so much of a product in from the tank. */
  void draw(double liters, double product, boolean thermostatOpen) {
    double left = liters;
    FlowNet.Edges edges = thermostatOpen ? net.open : net.shut;
    while (left > 0) {
      if (steadyAlong != edges) {
        flows(edges);
      }
      double stretch = Math.min(left, untilNextIsFull());
      move(edges, stretch, product);
      left -= stretch;
    }
  }

  /** Works out how one liter out of the tank flows: a full cell passes on what it gets. */
  private void flows(FlowNet.Edges edges) {
    int others = edges.to.length;
    int e = 0;
    inflow[0] = 1;
    reach = 0;
    fastest = 0;
    for (int c = 1; c < n; c++) {
      double in = edges.fromPrevious[c] * passes(c - 1);
      for (; e < others && edges.to[e] == c; e++) {
        in += edges.part[e] * passes(edges.from[e]);
      }
      inflow[c] = in;
      if (in > 0) {
        reach = c;
        if (passes(c) > 0 && c < n - 1) {
          fastest = Math.max(fastest, in / net.liters[c]);
        }
      }
    }
    for (int c = 1; c <= reach; c++) {
      stays[c] = 1 - turnover(c);
      arrives[c] = edges.fromPrevious[c] * turnover(c - 1);
    }
    alsoArrives = new double[others];
    for (int i = 0; i < others; i++) {
      alsoArrives[i] = edges.part[i] * turnover(edges.from[i]);
    }
    steadyAlong = edges;
  }

  private double passes(int cell) {
    return cell == 0 || isFull(cell) ? inflow[cell] : 0;
  }

  /** The part of a cell that is passed on in one turnover of the fastest. */
  private double turnover(int cell) {
    return cell == 0 || cell == n - 1 || fastest == 0
        ? 0
        : passes(cell) / net.liters[cell] / fastest;
  }

  private boolean isFull(int cell) {
    return held[cell] >= FULL * net.liters[cell];
  }

  private double untilNextIsFull() {
    double least = Double.POSITIVE_INFINITY;
    for (int c = 1; c <= reach; c++) {
      if (inflow[c] > 0 && c < n - 1 && !isFull(c)) {
        least = Math.min(least, (net.liters[c] - held[c]) / inflow[c]);
      }
    }
    return least;
  }

  private void move(FlowNet.Edges edges, double stretch, double product) {
    for (int c = 1; c <= reach; c++) {
      now[c] = held[c] * product - glycol[c];
    }
    if (fastest > 0) {
      int pieces = (int) Math.ceil(fastest * stretch / MOST_TURNOVERS);
      for (int i = 0; i < pieces; i++) {
        wash(edges, fastest * stretch / pieces);
      }
    }
    for (int c = 1; c <= reach; c++) {
      if (c == n - 1) {
        held[c] += inflow[c] * stretch;
      } else if (!isFull(c)) {
        held[c] += inflow[c] * stretch;
        if (isFull(c)) {
          held[c] = net.liters[c];
          steadyAlong = null;
        }
      }
      glycol[c] = held[c] * product - now[c];
    }
  }

  /** Washes what is missing to the product onward for so many turnovers of the fastest cell. */
  private void wash(FlowNet.Edges edges, double turnovers) {
    double[] weight = poisson(turnovers);
    int end = reach + 1;
    double[] a = now;
    double[] b = next;
    a[0] = 0;
    b[0] = 0;
    for (int c = 1; c < end; c++) {
      sum[c] = weight[0] * a[c];
    }
    for (int k = 1; k < weight.length; k++) {
      double w = weight[k];
      for (int c = 1; c < end; c++) {
        b[c] = stays[c] * a[c] + arrives[c] * a[c - 1];
      }
      for (int e = 0; e < alsoArrives.length; e++) {
        b[edges.to[e]] += alsoArrives[e] * a[edges.from[e]];
      }
      for (int c = 1; c < end; c++) {
        sum[c] += w * b[c];
      }
      double[] old = a;
      a = b;
      b = old;
    }
    now = a;
    next = b;
    System.arraycopy(sum, 1, now, 1, reach);
  }

  /** Poisson weights for a mean of {@code turnovers}; what is cut off goes to the last. */
  private double[] poisson(double turnovers) {
    if (turnovers == weightsFor) {
      return weights;
    }
    double[] found = new double[(int) (turnovers + 10 * Math.sqrt(turnovers) + 20)];
    double term = Math.exp(-turnovers);
    double left = 1 - term;
    found[0] = term;
    int k = 0;
    while (left > CUT_OFF && k < found.length - 1) {
      k++;
      term *= turnovers / k;
      found[k] = term;
      left -= term;
    }
    found[k] += left;
    weights = Arrays.copyOf(found, k + 1);
    weightsFor = turnovers;
    return weights;
  }

  double level(int segment) {
    double volume = 0;
    double holds = 0;
    for (int c = net.firstCell[segment]; c < net.firstCell[segment + 1]; c++) {
      volume += net.liters[c];
      holds += held[c];
    }
    return Math.min(1, holds / volume);
  }

  /** Glycol by mass of all that stands in a segment; 0 where nothing does. */
  double massFraction(int segment) {
    double holds = 0;
    double glycolHeld = 0;
    for (int c = net.firstCell[segment]; c < net.firstCell[segment + 1]; c++) {
      holds += held[c];
      glycolHeld += glycol[c];
    }
    return holds > 0 ? Math.max(0, glycolHeld / holds) : 0;
  }

  /** Of its cells that hold anything, the weakest. */
  double lowestCell(int segment) {
    double lowest = Double.POSITIVE_INFINITY;
    for (int c = net.firstCell[segment]; c < net.firstCell[segment + 1]; c++) {
      if (held[c] > 0) {
        lowest = Math.min(lowest, glycol[c] / held[c]);
      }
    }
    return lowest == Double.POSITIVE_INFINITY ? 0 : Math.max(0, lowest);
  }

  double exhaustLiters() {
    return held[net.exhaust()];
  }

  /** All glycol there is, in the path and caught, as liters times mass fraction. */
  double glycolLiters() {
    return Arrays.stream(glycol).sum();
  }
}
