package elsko.bench.core;

import elsko.bench.row.Measured;
import elsko.bench.row.Rows;
import elsko.core.boat.path.PocketKind;
import elsko.core.frost.CircuitWater;
import elsko.core.frost.DailyAir;
import elsko.core.frost.Enclosure;
import elsko.core.frost.Ensemble;
import elsko.core.frost.FrostClock;
import elsko.core.frost.FrostMemory;
import elsko.core.frost.Pocket;
import elsko.core.frost.Sheltered;
import elsko.core.frost.SimulatedSite;
import elsko.core.frost.Winters;
import java.io.IOException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;

/**
 * The frost clock over a thousand boats with what weather left in them, each pocket for itself and
 * shared.
 */
public final class FrostMeasures {
  private static final int BOATS = 1000;
  private static final int OBSERVED_DAYS = 300;
  private static final int POCKETS = 6;
  private static final int ROUNDS = 5;

  private FrostMeasures() {}

  public static void into(Rows rows) throws IOException {
    LocalDate today = LocalDate.of(2031, 10, 20);
    SimulatedSite site = new SimulatedSite(7, today.plusDays(95));
    List<DailyAir> record = new ArrayList<>(site.pastYears(today, 30));
    record.addAll(site.truth(today.minusDays(OBSERVED_DAYS), OBSERVED_DAYS));
    Winters winters = new Winters(record);
    Ensemble ensemble = Ensemble.of(winters, site.forecast(today, 14), today);
    List<Boat> boats = boats(today);
    double plain = Double.MAX_VALUE;
    double shared = Double.MAX_VALUE;
    boolean same = true;
    for (int round = 0; round < ROUNDS; round++) {
      FrostMemory memory = new FrostMemory(winters, today, ZoneOffset.UTC);
      FrostClock clock = new FrostClock(ensemble, 0, memory);
      long began = System.nanoTime();
      double[] alone = new double[BOATS];
      IntStream.range(0, BOATS)
          .parallel()
          .forEach(b -> alone[b] = sum(clock.unshared(enclosure(boats, b), held(boats, b, clock))));
      plain = Math.min(plain, (System.nanoTime() - began) / 1e9);
      began = System.nanoTime();
      double[] together = new double[BOATS];
      IntStream.range(0, BOATS)
          .parallel()
          .forEach(b -> together[b] = sum(clock, enclosure(boats, b), held(boats, b, clock)));
      shared = Math.min(shared, (System.nanoTime() - began) / 1e9);
      same &= java.util.Arrays.equals(alone, together);
    }
    rows.add(line("frost clock, 1,000 boats, each pocket for itself, 2 cores", plain, 1.0, same));
    rows.add(line("the same with shared pockets, results identical", shared, 0.15, same));
  }

  /** Where a boat stands since when, and what stands in it. */
  private record Boat(List<Sheltered> shelters, List<CircuitWater> waters) {}

  private static Enclosure enclosure(List<Boat> boats, int boat) {
    return boats.get(boat).shelters().get(0).enclosure();
  }

  private static List<CircuitWater.Held> held(List<Boat> boats, int boat, FrostClock clock) {
    return clock.remembered(boats.get(boat).shelters(), boats.get(boat).waters()).get(0).pockets();
  }

  private static List<Boat> boats(LocalDate today) {
    Random random = new Random(3);
    Enclosure.Kind[] kinds = {
      Enclosure.Kind.OPEN, Enclosure.Kind.TARP, Enclosure.Kind.SHRINK_WRAP, Enclosure.Kind.COLD_SHED
    };
    PocketKind[] what = PocketKind.values();
    List<Boat> boats = new ArrayList<>();
    for (int boat = 0; boat < BOATS; boat++) {
      Instant came = today.minusDays(1 + random.nextInt(90)).atTime(9, 0).toInstant(ZoneOffset.UTC);
      List<CircuitWater.Held> pockets = new ArrayList<>();
      for (int i = 0; i < POCKETS; i++) {
        PocketKind kind = what[random.nextInt(what.length)];
        double freezes = random.nextInt(3) == 0 ? -2 * random.nextInt(12) : 0;
        Pocket pocket = new Pocket(kind.tauHours(), freezes);
        pockets.add(new CircuitWater.Held("s" + i, "segment " + i, kind, pocket, came, null));
      }
      Enclosure enclosure = Enclosure.of(kinds[random.nextInt(kinds.length)]);
      boats.add(
          new Boat(
              List.of(new Sheltered(came, enclosure)),
              List.of(new CircuitWater("engine", "engine", pockets))));
    }
    return boats;
  }

  private static double sum(FrostClock clock, Enclosure enclosure, List<CircuitWater.Held> held) {
    double sum = 0;
    for (CircuitWater.Held one : held) {
      for (double hours : clock.hoursToDamage(enclosure, one.pocket(), one.stand())) {
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
