package elsko.bench;

import elsko.core.frost.Enclosure;
import elsko.core.frost.Ensemble;
import elsko.core.frost.FrostClock;
import elsko.core.frost.Pocket;
import elsko.core.frost.PocketKind;
import elsko.core.frost.SimulatedSite;
import elsko.core.frost.Winters;
import java.io.IOException;
import java.time.LocalDate;
import java.util.Random;
import java.util.stream.IntStream;

/** The frost clock over a thousand boats, each pocket for itself and shared. */
final class FrostMeasures {
  private static final int BOATS = 1000;
  private static final int POCKETS = 6;
  private static final int ROUNDS = 5;

  private FrostMeasures() {}

  static void into(Rows rows) throws IOException {
    LocalDate today = LocalDate.of(2031, 10, 20);
    SimulatedSite site = new SimulatedSite(7, today.plusDays(95));
    Ensemble ensemble =
        Ensemble.of(new Winters(site.pastYears(today, 30)), site.forecast(today, 14), today);
    Enclosure[] enclosures = new Enclosure[BOATS];
    Pocket[][] pockets = new Pocket[BOATS][POCKETS];
    fill(enclosures, pockets);
    double plain = Double.MAX_VALUE;
    double shared = Double.MAX_VALUE;
    boolean same = true;
    for (int round = 0; round < ROUNDS; round++) {
      FrostClock clock = new FrostClock(ensemble, 0);
      long began = System.nanoTime();
      double[] alone = new double[BOATS];
      IntStream.range(0, BOATS)
          .parallel()
          .forEach(b -> alone[b] = sum(clock.unshared(enclosures[b], pockets[b])));
      plain = Math.min(plain, (System.nanoTime() - began) / 1e9);
      began = System.nanoTime();
      double[] together = new double[BOATS];
      IntStream.range(0, BOATS)
          .parallel()
          .forEach(b -> together[b] = sum(clock, enclosures[b], pockets[b]));
      shared = Math.min(shared, (System.nanoTime() - began) / 1e9);
      same &= java.util.Arrays.equals(alone, together);
    }
    rows.add(line("frost clock, 1,000 boats, each pocket for itself, 2 cores", plain, 2, same));
    rows.add(line("the same with shared pockets, results identical", shared, 0.3, same));
  }

  private static void fill(Enclosure[] enclosures, Pocket[][] pockets) {
    Random random = new Random(3);
    Enclosure.Kind[] kinds = {
      Enclosure.Kind.OPEN, Enclosure.Kind.TARP, Enclosure.Kind.SHRINK_WRAP, Enclosure.Kind.COLD_SHED
    };
    PocketKind[] what = PocketKind.values();
    for (int boat = 0; boat < BOATS; boat++) {
      enclosures[boat] = Enclosure.of(kinds[random.nextInt(kinds.length)]);
      for (int i = 0; i < POCKETS; i++) {
        double freezes = random.nextInt(3) == 0 ? -2 * random.nextInt(12) : 0;
        pockets[boat][i] = new Pocket(what[random.nextInt(what.length)].tauHours(), freezes);
      }
    }
  }

  private static double sum(FrostClock clock, Enclosure enclosure, Pocket[] pockets) {
    double sum = 0;
    for (Pocket pocket : pockets) {
      for (double hours : clock.hoursToDamage(enclosure, pocket)) {
        sum += Double.isNaN(hours) ? 1e6 : hours;
      }
    }
    return sum;
  }

  private static double sum(double[] hours) {
    double sum = 0;
    for (double each : hours) {
      sum += Double.isNaN(each) ? 1e6 : each;
    }
    return sum;
  }

  private static Measured line(String what, double seconds, double under, boolean same) {
    Measured measured = Measured.seconds(what, seconds, under);
    return same ? measured : measured.notMet();
  }
}
