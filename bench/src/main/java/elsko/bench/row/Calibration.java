package elsko.bench.row;

import java.util.HashMap;
import java.util.Map;

/**
 * A fixed piece of work that nothing of Elsko is in. How long it takes says how fast the machine is
 * just now, so that a row can be compared with one measured elsewhere or beside other work.
 */
public final class Calibration {
  /** Long enough for the compiler to be done with it, and for a moment without a neighbor. */
  private static final long LASTS_NS = 400_000_000;

  private static final int KEYS = 20_000;

  private Calibration() {}

  /** The best of its rounds, ms: as a row is the best of its stretches. */
  public static double millis() {
    double best = Double.MAX_VALUE;
    long seen = 0;
    long end = System.nanoTime() + LASTS_NS;
    for (int round = 0; System.nanoTime() < end; round++) {
      long from = System.nanoTime();
      seen += work(round);
      best = Math.min(best, (System.nanoTime() - from) / 1e6);
    }
    if (seen == 0) {
      throw new IllegalStateException("the work was left out");
    }
    return best;
  }

  /** What the core does much of: keys looked up, small things made, and numbers. */
  private static long work(int round) {
    Map<String, Integer> counted = new HashMap<>();
    double sum = 0;
    for (int i = 0; i < KEYS; i++) {
      counted.merge("key " + (i * 31 + round) % 3_001, 1, Integer::sum);
      sum += Math.exp(-(i % 97) / 50.0) * Math.sqrt(i);
    }
    return counted.size() + (long) sum;
  }
}
