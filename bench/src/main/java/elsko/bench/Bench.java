package elsko.bench;

import elsko.bench.plan.PlanMeasures;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.Options;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.TimeValue;
import org.openjdk.jmh.runner.options.VerboseMode;

/** Runs every measure and prints them as one table. */
public final class Bench {
  private Bench() {}

  /**
   * Arguments: the root of the checkout, then optionally {@code --quick}, {@code --write}, {@code
   * --book} for the book alone.
   */
  public static void main(String[] args) throws Exception {
    Path root = Path.of(args[0]);
    List<String> options = List.of(args).subList(1, args.length);
    boolean quick = options.contains("--quick");
    if (options.contains("--book")) {
      System.out.println(report(new BookMeasures(root).run()));
      return;
    }
    List<Measured> all = new ArrayList<>(core(quick));
    all.addAll(FrostMeasures.run());
    all.addAll(PlanMeasures.run(quick));
    all.addAll(new ServerMeasures(root, quick).run());
    all.addAll(new BookMeasures(root).run());
    all.add(FirstScreen.measure(root.resolve("web/target/classes/static")));
    String report = report(all);
    System.out.println(report);
    if (options.contains("--write")) {
      Files.writeString(root.resolve("docs/benchmarks.md"), report);
    }
  }

  private static List<Measured> core(boolean quick) throws RunnerException {
    TimeValue time = TimeValue.seconds(quick ? 1 : 3);
    Options options =
        new OptionsBuilder()
            .include(CoreBenchmark.class.getSimpleName())
            .include(FillBenchmark.class.getSimpleName())
            .forks(1)
            .threads(1)
            .warmupIterations(quick ? 2 : 4)
            .warmupTime(time)
            .measurementIterations(quick ? 3 : 6)
            .measurementTime(time)
            .verbosity(VerboseMode.SILENT)
            .build();
    Collection<RunResult> results = new Runner(options).run();
    List<Measured> measured = new ArrayList<>();
    for (RunResult result : results) {
      String name = result.getParams().getBenchmark();
      double perSecond = result.getPrimaryResult().getScore();
      measured.add(line(name.substring(name.lastIndexOf('.') + 1), perSecond));
    }
    return measured;
  }

  private static Measured line(String name, double perSecond) {
    return switch (name) {
      case "foldOf5000Entries" ->
          millis("fold of a boat's log of 5,000 entries", 1000 / perSecond, 5);
      case "allCardsOf1000Boats" ->
          second("every card of 1,000 varied boats written, one core", 1 / perSecond);
      case "predictionsOf1000Boats" ->
          second("fill of every circuit of 1,000 boats predicted, one core", 1 / perSecond);
      case "v8AtOnce" ->
          new Measured(
              "fill of a V8 predicted (12 segments in 24 cells, parallel), exact, one core",
              String.format(Locale.ROOT, "%.0f /s", perSecond),
              "over 20,000 /s",
              perSecond > 20_000);
      case "v8In200Steps" ->
          millis(
              "the same followed through 200 looks for the slider, every cell kept",
              1000 / perSecond,
              1);
      case "protectionLookUp" ->
          million("freeze and burst point of a strength, one core", perSecond);
      case "strengthLookUp" -> million("strength of a freeze point, one core", perSecond);
      case "verdict" -> million("verdict on a low point, one core", perSecond);
      default -> throw new IllegalStateException("nothing is said about " + name);
    };
  }

  private static Measured second(String what, double seconds) {
    return new Measured(
        what, String.format(Locale.ROOT, "%.2f s", seconds), "under 1 s", seconds < 1);
  }

  private static Measured millis(String what, double millis, int under) {
    return new Measured(
        what,
        String.format(Locale.ROOT, "%.2f ms", millis),
        "under %d ms".formatted(under),
        millis < under);
  }

  private static Measured million(String what, double perSecond) {
    return new Measured(
        what,
        String.format(Locale.ROOT, "%.2f million/s", perSecond / 1e6),
        "over 1 million/s",
        perSecond > 1e6);
  }

  private static String report(List<Measured> all) throws IOException {
    StringBuilder text = new StringBuilder("# Benchmarks\n\n");
    text.append("Measured by `./elsko bench` on ").append(LocalDate.now()).append(": ");
    text.append(machine()).append("\n\n");
    text.append("| what | measured | asked for | met |\n| --- | --- | --- | --- |\n");
    for (Measured line : all) {
      text.append(
          "| %s | %s | %s | %s |\n"
              .formatted(line.what(), line.value(), line.target(), line.met() ? "yes" : "no"));
    }
    return text.toString();
  }

  private static String machine() throws IOException {
    String processor = "unknown processor";
    Path info = Path.of("/proc/cpuinfo");
    if (Files.exists(info)) {
      processor =
          Files.readAllLines(info).stream()
              .filter(line -> line.startsWith("model name"))
              .map(line -> line.substring(line.indexOf(':') + 1).strip())
              .findFirst()
              .orElse(processor);
    }
    return "%s, %d cores, Java %s."
        .formatted(
            processor,
            Runtime.getRuntime().availableProcessors(),
            System.getProperty("java.version"));
  }
}
