package elsko.core.trueboat;

import elsko.core.boat.path.Segment;
import elsko.core.boat.path.SegmentKind;
import java.util.Arrays;
import java.util.Random;

/** A piece of a circuit with what really stands in it, in equal well-mixed cells. */
final class Vessel implements Stretch {
  /** What gets to a vessel goes in by steps of at most this part of a cell. */
  private static final double STEP = 0.1;

  /** A run leaves no more than that in a muffler. */
  private static final double MUFFLER_KEEPS = 0.4;

  private static final int MOST_CELLS = 6;

  /** In this part of a cell or more, what stands there reaches from wall to wall and breaks it. */
  private static final double FROM_WALL_TO_WALL = 0.25;

  private final Segment segment;
  private final double cell;
  private final double residue;
  private final double keeps;

  /** By cell, what stands in it, L. */
  private final double[] liquid;

  /** By cell, glycol in that, in liters times mass fraction. */
  private final double[] glycol;

  /** As it left the maker and the years: about as described, full of water. */
  Vessel(Segment segment, Random nature) {
    this.segment = segment;
    int cells = mixesAsOne(segment.kind()) ? 1 : 2 + nature.nextInt(MOST_CELLS - 1);
    cell = about(segment.liters(), nature) / cells;
    residue = about(0.05, nature);
    keeps =
        segment.kind() == SegmentKind.MUFFLER ? MUFFLER_KEEPS * (1 - 0.2 * nature.nextDouble()) : 1;
    liquid = new double[cells];
    glycol = new double[cells];
    Arrays.fill(liquid, cell * keeps);
  }

  static double about(double described, Random nature) {
    return described * (0.8 + 0.4 * nature.nextDouble());
  }

  private static boolean mixesAsOne(SegmentKind kind) {
    return switch (kind) {
      case HOSE, COOLER, EXCHANGER, LEG -> false;
      default -> true;
    };
  }

  Segment segment() {
    return segment;
  }

  double capacity() {
    return cell * liquid.length;
  }

  double liters() {
    return Arrays.stream(liquid).sum();
  }

  double glycolLiters() {
    return Arrays.stream(glycol).sum();
  }

  /**
   * Of its cells that hold so much that it reaches from wall to wall, the fraction of the weakest;
   * null where none does.
   */
  Double weakest() {
    double weakest = Double.POSITIVE_INFINITY;
    for (int c = 0; c < liquid.length; c++) {
      if (liquid[c] >= FROM_WALL_TO_WALL * cell) {
        weakest = Math.min(weakest, glycol[c] / liquid[c]);
      }
    }
    return weakest == Double.POSITIVE_INFINITY ? null : (Double) weakest;
  }

  /** The fraction of what runs out first at its low end. */
  double atLowEnd() {
    double liters = liters();
    return liters > 0 ? glycolLiters() / liters : 0;
  }

  @Override
  public Pulse through(Pulse in, Thermostat thermostat) {
    if (!segment.gated() || thermostat.isOpen()) {
      return flow(in);
    }
    double part = thermostat.leaks();
    return flow(in.part(part)).and(in.part(1 - part));
  }

  private Pulse flow(Pulse in) {
    int steps = (int) Math.max(1, Math.ceil(in.liters() / (STEP * cell)));
    Pulse step = in.part(1.0 / steps);
    Pulse out = Pulse.NOTHING;
    for (int i = 0; i < steps; i++) {
      Pulse passing = step;
      for (int c = 0; c < liquid.length; c++) {
        passing = mix(c, passing, cell * keeps);
      }
      out = out.and(passing);
    }
    return out;
  }

  /** Poured in from its top; what does not go in comes back. */
  Pulse pour(Pulse in) {
    Pulse left = in;
    for (int c = 0; c < liquid.length; c++) {
      double room = Math.max(0, cell - liquid[c]);
      double part = left.liters() == 0 ? 0 : Math.min(1, room / left.liters());
      mix(c, left.part(part), cell);
      left = left.part(1 - part);
    }
    return left;
  }

  private Pulse mix(int c, Pulse in, double upTo) {
    double all = liquid[c] + in.liters();
    if (all == 0) {
      return Pulse.NOTHING;
    }
    double fraction = (glycol[c] + in.glycol()) / all;
    double stays = Math.min(all, Math.max(upTo, 0));
    liquid[c] = stays;
    glycol[c] = stays * fraction;
    return new Pulse(all - stays, (all - stays) * fraction);
  }

  /** Lets it run out to what clings and stands in it; how much came, L. */
  double runOut() {
    double before = liters();
    for (int c = 0; c < liquid.length; c++) {
      double fraction = liquid[c] == 0 ? 0 : glycol[c] / liquid[c];
      liquid[c] = Math.min(liquid[c], residue * cell);
      glycol[c] = liquid[c] * fraction;
    }
    return before - liters();
  }
}
