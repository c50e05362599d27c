package elsko.bench;

import elsko.bench.core.CoreRows;
import elsko.bench.row.Calibration;
import elsko.bench.row.Measured;
import elsko.bench.row.Row;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.util.List;
import java.util.Locale;

/**
 * The rows of the core in a few seconds each, against what was written. Too rough to write down,
 * but it sees at once what has become several times slower.
 */
final class ShortCheck {
  private static final double TOO_SLOW = 3;
  private static final long WARM_UP_NS = 1_300_000_000;
  private static final long MEASURED_NS = 600_000_000;

  /** A neighbor of a noisy machine may take a moment away: a slow row has some more tries. */
  private static final int TRIES = 15;

  /** What takes long has few runs in that time, and the compiler needs some. */
  private static final int WARM_UP_RUNS = 10;

  private static final int MEASURED_RUNS = 3;

  private ShortCheck() {}

  /** Whether every row is fast enough. */
  static boolean run(List<Row> written) throws Exception {
    boolean good = true;
    for (CoreRows.CoreRow row : CoreRows.ALL) {
      good &= check(row, written);
    }
    return good;
  }

  private static boolean check(CoreRows.CoreRow row, List<Row> written) throws Exception {
    Object benchmark = row.in().getConstructor().newInstance();
    Method run = row.in().getMethod(row.method());
    spend(WARM_UP_NS, WARM_UP_RUNS, benchmark, run);
    double slower = Double.MAX_VALUE;
    double best = 0;
    double calibration = Calibration.millis();
    for (int i = 0; i < TRIES && slower >= TOO_SLOW; i++) {
      best = Math.max(best, spend(MEASURED_NS, MEASURED_RUNS, benchmark, run));
      calibration = Math.min(calibration, Calibration.millis());
      Measured now = row.of(best);
      Row before =
          written.stream()
              .filter(one -> one.what().equals(now.what()) && one.calibrationMs() > 0)
              .findFirst()
              .orElse(null);
      slower = before == null ? 1 : before.slowedTo(now.figure(), calibration);
      System.out.println(
          String.format(
              Locale.ROOT,
              "%s %-80s %-20s %s",
              slower < TOO_SLOW ? " " : "!",
              now.what(),
              now.value(),
              before == null
                  ? "nothing written"
                  : String.format(
                      Locale.ROOT, "%.1f times as long as written (%s)", slower, before.value())));
    }
    return slower < TOO_SLOW;
  }

  /** Runs it for so long and so often; the best pace of any stretch, runs a second. */
  private static double spend(long ns, int runs, Object benchmark, Method run)
      throws IllegalAccessException, InvocationTargetException {
    double best = 0;
    long end = System.nanoTime() + ns;
    int at = 1;
    int done = 0;
    do {
      long from = System.nanoTime();
      for (int i = 0; i < at; i++) {
        run.invoke(benchmark);
      }
      long took = System.nanoTime() - from;
      best = Math.max(best, at * 1e9 / took);
      done += at;
      // Stretches long enough for the clock, short enough to miss what disturbs.
      at = took < ns / 20 ? at * 2 : at;
    } while (System.nanoTime() < end || done < runs);
    return best;
  }
}
