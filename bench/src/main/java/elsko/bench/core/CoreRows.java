package elsko.bench.core;

import elsko.bench.row.Measured;
import elsko.bench.row.Part;
import elsko.bench.row.Rows;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.DoubleFunction;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.Options;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.TimeValue;
import org.openjdk.jmh.runner.options.VerboseMode;

/** What the core does, on one thread. */
public final class CoreRows {
  private static final double LONG_FOLD_TIMES = 4.5;

  /** One of them: its part's name, the benchmark that runs it, and what its rate comes to. */
  public record CoreRow(String name, Class<?> in, String method, DoubleFunction<Measured> said) {
    public Measured of(double perSecond) {
      return said.apply(perSecond);
    }
  }

  private static final CoreRow FOLD =
      new CoreRow(
          "core: fold",
          FoldBenchmark.class,
          "foldOf5000Entries",
          rate -> Measured.millis("fold of a boat's log of 5,000 entries", 1000 / rate, 1.5));
  private static final CoreRow LONG_FOLD =
      new CoreRow(
          "core: long fold",
          FoldBenchmark.class,
          "foldOf20000Entries",
          rate ->
              Measured.millis(
                  "fold of a boat's log of 20,000 entries", 1000 / rate, 1.5 * LONG_FOLD_TIMES));

  public static final List<CoreRow> ALL =
      List.of(
          FOLD,
          LONG_FOLD,
          new CoreRow(
              "core: cards",
              CardBenchmark.class,
              "allCardsOf1000Boats",
              rate ->
                  Measured.seconds(
                      "every card of 1,000 varied boats written, one core", 1 / rate, 0.4)),
          new CoreRow(
              "core: protection",
              CoreBenchmark.class,
              "protectionLookUp",
              rate -> Measured.rate("freeze and burst point of a strength, one core", rate, 1e6)),
          new CoreRow(
              "core: strength",
              CoreBenchmark.class,
              "strengthLookUp",
              rate -> Measured.rate("strength of a freeze point, one core", rate, 1e6)),
          new CoreRow(
              "core: verdict",
              CoreBenchmark.class,
              "verdict",
              rate -> Measured.rate("verdict on a low point, one core", rate, 1e6)),
          new CoreRow(
              "core: fill predictions",
              FleetFillBenchmark.class,
              "predictionsOf1000Boats",
              rate ->
                  Measured.seconds(
                      "fill of every circuit of 1,000 boats predicted, one core", 1 / rate, 1)),
          new CoreRow(
              "core: fill of a V8",
              FillBenchmark.class,
              "v8AtOnce",
              rate ->
                  Measured.rate(
                      "fill of a V8 predicted (12 segments in 24 cells, parallel), exact, one core",
                      rate,
                      20_000)),
          new CoreRow(
              "core: fill of a V8, followed",
              FillBenchmark.class,
              "v8In200Steps",
              rate ->
                  Measured.millis(
                      "the same followed through 200 looks for the slider, every cell kept",
                      1000 / rate,
                      1)));

  private CoreRows() {}

  /** Measured thoroughly, each in a machine of its own. */
  public static List<Part> parts(boolean quick) {
    List<Part> parts = new ArrayList<>();
    parts.add(new Part(FOLD.name(), rows -> folds(rows, quick)));
    ALL.stream()
        .filter(row -> row != FOLD && row != LONG_FOLD)
        .map(row -> new Part(row.name(), rows -> rows.add(row.of(perSecond(row, quick)))))
        .forEach(parts::add);
    return parts;
  }

  /** Both lengths, and how the one grows from the other. */
  private static void folds(Rows rows, boolean quick) throws Exception {
    double shortOnes = perSecond(FOLD, quick);
    rows.add(FOLD.of(shortOnes));
    double longOnes = perSecond(LONG_FOLD, quick);
    rows.add(LONG_FOLD.of(longOnes));
    double times = shortOnes / longOnes;
    rows.add(
        new Measured(
            "20,000 entries against 5,000",
            String.format(Locale.ROOT, "%.2f ×", times),
            times,
            Measured.Kind.QUALITY,
            "under %s ×".formatted(LONG_FOLD_TIMES),
            times < LONG_FOLD_TIMES));
  }

  private static double perSecond(CoreRow row, boolean quick) throws RunnerException {
    TimeValue time = TimeValue.seconds(quick ? 1 : 3);
    Options options =
        new OptionsBuilder()
            .include("^" + row.in().getName().replace(".", "\\.") + "\\." + row.method() + "$")
            .forks(1)
            .threads(1)
            .warmupIterations(quick ? 2 : 4)
            .warmupTime(time)
            .measurementIterations(quick ? 3 : 6)
            .measurementTime(time)
            .verbosity(VerboseMode.SILENT)
            .build();
    // The best of its stretches: what a neighbor takes away of a noisy machine is not the core's.
    return new Runner(options).runSingle().getPrimaryResult().getStatistics().getMax();
  }
}
