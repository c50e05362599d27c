package elsko.bench.season;

import elsko.core.trial.LayUpTrial;
import elsko.core.trial.Season;
import java.io.IOException;
import java.nio.file.Path;
import java.util.stream.LongStream;

/** Many seasons of true boats, whatever is claimed of them held against what would break. */
public final class Seasons {
  private static final int AT_ONCE = 200;

  private Seasons() {}

  /**
   * Runs seasons from where the last run of the same code stopped.
   *
   * @param of names the code: what was counted with other code does not count
   * @return whether nothing that would break was called safe
   */
  public static boolean run(Path root, long wanted, String of) throws IOException {
    Path file = root.resolve(".elsko").resolve("seasons.properties");
    SeasonTally tally = SeasonTally.kept(file, of);
    if (tally.done() > 0) {
      System.out.printf("going on after %,d seasons%n", tally.done());
    }
    long began = System.nanoTime();
    while (tally.done() < wanted) {
      long from = tally.done();
      LongStream.range(from, Math.min(wanted, from + AT_ONCE))
          .parallel()
          .mapToObj(Season::of)
          .forEach(season -> tally.add(season, season.laidUp()));
      tally.keep(file, of);
      System.out.printf(
          "%,d of %,d seasons, %.0f s%n", tally.done(), wanted, (System.nanoTime() - began) / 1e9);
    }
    System.out.println();
    System.out.print(tally.words());
    return !tally.wasFooled();
  }

  /** The shortest story in which a season is fooled. */
  public static void tell(long seed) {
    Season shortest = Season.of(seed).shrunk(LayUpTrial::isFooled);
    LayUpTrial trial = shortest.laidUp();
    System.out.println(shortest.choices() + " " + shortest.mistakes());
    trial.unsafe().forEach(System.out::println);
    trial.story().forEach(System.out::println);
  }
}
