package elsko.core.fill;

import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A path while it is being filled: what stands in every cell. Between two moments at which a cell
 * becomes full the flow is steady, and water is washed on from cell to cell like a chance walk with
 * constant rates. Such a walk has an exact solution as a Poisson-weighted sum of whole steps, all
 * of whose terms are positive: nothing is lost, and no cell gets stronger than the product or
 * weaker than water, however coarse the moments are that are looked at.
 */
final class Fill {
  /** A longer stretch is gone in pieces, so that the first weight is still a number above 0. */
  private static final double MOST_TURNOVERS = 300;

  private static final double FULL = 1 - 1e-12;

  /** A full cell this close to the product, in parts of its volume, counts as the product. */
  private static final double WASHED_OUT = 1e-10;

  private final FlowNet net;
  private final int n;
  private final double[] held;

  /** By cell, what its glycol misses to {@link #product}, in liters times mass fraction. */
  private final double[] missing;

  /** The mass fraction of what was drawn last. */
  private double product;

  // How it flows until the next cell is full; worked out anew only when that changes.
  private FlowNet.@Nullable Edges steadyAlong;
  private final double[] inflow;
  private final int[] filling;
  private int fillingCells;
  private double untilNextIsFull;

  /** From the first cell that is not yet all product to the last that anything gets to. */
  private int begin;

  private int reach;
  private double fastest;

  /** By cell, the part of it that is passed on per liter out of the tank. */
  private final double[] rates;

  private final double[] stays;
  private final double[] arrives;

  // What gets to a cell from another than the one before it.
  private int across;
  private int[] acrossFrom = new int[0];
  private int[] acrossTo = new int[0];
  private double[] alsoArrives = new double[0];
  private double[] carried = new double[0];

  private final double[] sum;
  private final PoissonWeights poisson = new PoissonWeights();

  /** Every segment holds its residual of water, in each of its cells. */
  Fill(FlowNet net, List<FillSegment> segments) {
    this(net, new double[net.cells], new double[net.cells]);
    for (int s = 0; s < segments.size(); s++) {
      double residual = segments.get(s).residual();
      for (int c = net.firstCell[s]; c < net.firstCell[s + 1]; c++) {
        held[c] = residual * net.liters[c];
      }
    }
  }

  private Fill(FlowNet net, double[] held, double[] missing) {
    this.net = net;
    this.held = held;
    this.missing = missing;
    n = net.cells;
    inflow = new double[n];
    filling = new int[n];
    rates = new double[n];
    stays = new double[n];
    arrives = new double[n];
    sum = new double[n];
  }

  Fill copy() {
    Fill copy = new Fill(net, held.clone(), missing.clone());
    copy.product = product;
    return copy;
  }

  /** Cells, the tank and the exhaust among them. */
  int cells() {
    return n;
  }

  /** Keeps what stands in every cell, from an index on, and says what it is missing to. */
  double keep(double[] keptHeld, double[] keptMissing, int at) {
    System.arraycopy(held, 0, keptHeld, at, n);
    System.arraycopy(missing, 0, keptMissing, at, n);
    return product;
  }

  /** Takes over what was kept. */
  void recall(double[] keptHeld, double[] keptMissing, int at, double keptProduct) {
    System.arraycopy(keptHeld, at, held, 0, n);
    System.arraycopy(keptMissing, at, missing, 0, n);
    product = keptProduct;
    steadyAlong = null;
  }

  /** Takes over what stands in another fill of the same path. */
  void become(Fill other) {
    System.arraycopy(other.held, 0, held, 0, n);
    System.arraycopy(other.missing, 0, missing, 0, n);
    product = other.product;
    steadyAlong = null;
  }

  /** Lets a segment run out, down to a residual of what stands in it now. */
  void drain(int segment, double residual) {
    double mean = massFraction(segment);
    for (int c = net.firstCell[segment]; c < net.firstCell[segment + 1]; c++) {
      held[c] = residual * net.liters[c];
      missing[c] = held[c] * (product - mean);
    }
    steadyAlong = null;
  }

  /**
   * Pours into one segment from its top.
   *
   * @return what did not go in, L
   */
  double pour(int segment, double liters, double massFraction) {
    double left = liters;
    for (int c = net.firstCell[segment]; c < net.firstCell[segment + 1]; c++) {
      double goesIn = Math.min(left, net.liters[c] - held[c]);
      add(c, goesIn, massFraction);
      left -= goesIn;
    }
    return left;
  }

  /** What runs over the top of the path and is caught. */
  void runOver(double liters, double massFraction) {
    add(net.exhaust(), liters, massFraction);
  }

  private void add(int cell, double liters, double massFraction) {
    held[cell] += liters;
    missing[cell] += liters * (product - massFraction);
    steadyAlong = null;
  }

  /** Draws so much of a product in from the tank. */
  void draw(double liters, double massFraction, boolean thermostatOpen) {
    FlowNet.Edges edges = net.edges(thermostatOpen);
    if (massFraction != product) {
      for (int c = 1; c < n; c++) {
        missing[c] += held[c] * (massFraction - product);
      }
      product = massFraction;
      steadyAlong = null;
    }
    double left = liters;
    while (left > 0) {
      if (steadyAlong != edges) {
        flows(edges);
      }
      double stretch = Math.min(left, untilNextIsFull);
      leaveOutWhatIsWashed(edges);
      wash(stretch);
      rise(stretch);
      left -= stretch;
    }
  }

  /** Works out how one liter out of the tank flows: a full cell passes on what it gets. */
  private void flows(FlowNet.Edges edges) {
    int others = edges.to.length;
    int e = 0;
    inflow[0] = 1;
    reach = 0;
    fillingCells = 0;
    untilNextIsFull = Double.POSITIVE_INFINITY;
    for (int c = 1; c < n; c++) {
      double in = edges.fromPrevious[c] == 0 ? 0 : edges.fromPrevious[c] * passes(c - 1);
      for (; e < others && edges.to[e] == c; e++) {
        in += edges.part[e] * passes(edges.from[e]);
      }
      inflow[c] = in;
      rates[c] = 0;
      if (in > 0) {
        reach = c;
        if (c < n - 1 && isFull(c)) {
          rates[c] = in / net.liters[c];
        } else if (c < n - 1) {
          filling[fillingCells++] = c;
          untilNextIsFull = Math.min(untilNextIsFull, (net.liters[c] - held[c]) / in);
        }
      }
    }
    begin = 1;
    if (alsoArrives.length < others) {
      alsoArrives = new double[others];
      carried = new double[others];
      acrossFrom = new int[others];
      acrossTo = new int[others];
    }
    turnOver(edges);
    steadyAlong = edges;
  }

  private double passes(int cell) {
    return cell == 0 || isFull(cell) ? inflow[cell] : 0;
  }

  private boolean isFull(int cell) {
    return held[cell] >= FULL * net.liters[cell];
  }

  /** The fastest cell that still holds water sets the pace. */
  private void turnOver(FlowNet.Edges edges) {
    fastest = 0;
    for (int c = begin; c <= reach; c++) {
      fastest = Math.max(fastest, rates[c]);
    }
    double pace = fastest == 0 ? 0 : 1 / fastest;
    stays[begin] = 1 - rates[begin] * pace;
    for (int c = begin + 1; c <= reach; c++) {
      stays[c] = 1 - rates[c] * pace;
      arrives[c] = edges.fromPrevious[c] * rates[c - 1] * pace;
    }
    across = 0;
    for (int i = 0; i < edges.to.length; i++) {
      int from = edges.from[i];
      if (from >= begin && rates[from] > 0) {
        acrossFrom[across] = from;
        acrossTo[across] = edges.to[i];
        alsoArrives[across++] = edges.part[i] * rates[from] * pace;
      }
    }
  }

  private void leaveOutWhatIsWashed(FlowNet.Edges edges) {
    int from = begin;
    while (begin < reach
        && missing[begin] < WASHED_OUT * net.liters[begin]
        && missing[begin] > -WASHED_OUT * net.liters[begin]
        && isFull(begin)) {
      missing[begin++] = 0;
    }
    if (begin != from) {
      turnOver(edges);
    }
  }

  /** Washes what is missing to the product onward. */
  private void wash(double stretch) {
    if (fastest == 0) {
      return;
    }
    int pieces = (int) Math.ceil(fastest * stretch / MOST_TURNOVERS);
    poisson.weigh(fastest * stretch / pieces);
    for (int i = 0; i < pieces; i++) {
      washOnce();
    }
  }

  private void washOnce() {
    int first = begin;
    int last = reach;
    double[] a = missing;
    double[] s = sum;
    double[] stay = stays;
    double[] arrive = arrives;
    int others = across;
    int[] from = acrossFrom;
    int[] to = acrossTo;
    double[] also = alsoArrives;
    double[] add = carried;
    double[] weights = poisson.weights();
    int terms = poisson.terms();
    double w = weights[0];
    for (int c = first; c <= last; c++) {
      s[c] = w * a[c];
    }
    for (int k = 1; k < terms; k++) {
      w = weights[k];
      for (int i = 0; i < others; i++) {
        add[i] = also[i] * a[from[i]];
      }
      for (int c = last; c > first; c--) {
        double there = stay[c] * a[c] + arrive[c] * a[c - 1];
        a[c] = there;
        s[c] += w * there;
      }
      a[first] *= stay[first];
      s[first] += w * a[first];
      for (int i = 0; i < others; i++) {
        a[to[i]] += add[i];
        s[to[i]] += w * add[i];
      }
    }
    System.arraycopy(s, first, a, first, last + 1 - first);
  }

  /** What has come in has come in: the level rises where it is not full yet. */
  private void rise(double stretch) {
    for (int i = 0; i < fillingCells; i++) {
      int c = filling[i];
      held[c] += inflow[c] * stretch;
      if (isFull(c)) {
        held[c] = net.liters[c];
        steadyAlong = null;
      }
    }
    held[n - 1] += inflow[n - 1] * stretch;
    untilNextIsFull -= stretch;
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
    double lacks = 0;
    for (int c = net.firstCell[segment]; c < net.firstCell[segment + 1]; c++) {
      holds += held[c];
      lacks += missing[c];
    }
    return holds > 0 ? Math.max(0, product - lacks / holds) : 0;
  }

  /** Of its cells that hold anything, the weakest. */
  double lowestCell(int segment) {
    double most = Double.NEGATIVE_INFINITY;
    for (int c = net.firstCell[segment]; c < net.firstCell[segment + 1]; c++) {
      if (held[c] > 0) {
        most = Math.max(most, missing[c] / held[c]);
      }
    }
    return most == Double.NEGATIVE_INFINITY ? 0 : Math.max(0, product - most);
  }

  /** The segment with the weakest cell. */
  int weakest() {
    int weakest = 0;
    double lowest = lowestCell(0);
    for (int s = 1; s + 1 < net.firstCell.length; s++) {
      double cell = lowestCell(s);
      if (cell < lowest) {
        weakest = s;
        lowest = cell;
      }
    }
    return weakest;
  }

  double exhaustLiters() {
    return held[net.exhaust()];
  }

  /** All glycol there is, in the path and caught, as liters times mass fraction. */
  double glycolLiters() {
    return Arrays.stream(held).sum() * product - Arrays.stream(missing).sum();
  }
}
