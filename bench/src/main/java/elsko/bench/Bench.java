package elsko.bench;

import elsko.bench.core.CoreRows;
import elsko.bench.core.FrostMeasures;
import elsko.bench.faults.Faults;
import elsko.bench.load.Load;
import elsko.bench.plan.PlanMeasures;
import elsko.bench.row.Machine;
import elsko.bench.row.Part;
import elsko.bench.row.Rows;
import elsko.bench.row.WrittenRows;
import elsko.bench.season.Seasons;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Runs every measure; each row is said, and written where that was asked for, as it comes. */
public final class Bench {
  private Bench() {}

  /**
   * Arguments: the root of the checkout, then optionally {@code --quick}, {@code --write}, {@code
   * --only WORD} for the parts whose name has that word, {@code --short} for the core alone against
   * what was written, {@code --seasons N CODE} for seasons of true boats instead, {@code --season
   * N} for the shortest story of one that fooled it.
   */
  public static void main(String[] args) throws Exception {
    Path root = Path.of(args[0]);
    List<String> options = List.of(args).subList(1, args.length);
    WrittenRows written = new WrittenRows(root.resolve("docs"));
    if (options.contains("--short")) {
      System.exit(ShortCheck.run(written.read()) ? 0 : 1);
    }
    int seasons = options.indexOf("--seasons");
    if (seasons >= 0) {
      long wanted = Long.parseLong(options.get(seasons + 1));
      System.exit(Seasons.run(root, wanted, options.get(seasons + 2)) ? 0 : 1);
    }
    if (options.contains("--faults")) {
      System.exit(Faults.run(root, options) ? 0 : 1);
    }
    if (options.contains("--load")) {
      System.exit(Load.run(root, options) ? 0 : 1);
    }
    int story = options.indexOf("--season");
    if (story >= 0) {
      Seasons.tell(Long.parseLong(options.get(story + 1)));
      return;
    }
    List<Part> parts = parts(root, options.contains("--quick"));
    int only = options.indexOf("--only");
    if (only >= 0) {
      String word = options.get(only + 1).toLowerCase(Locale.ROOT);
      List<Part> chosen = parts.stream().filter(part -> part.name().contains(word)).toList();
      if (chosen.isEmpty()) {
        System.err.println("elsko: no part is called so. There are:");
        parts.forEach(part -> System.err.println("  " + part.name()));
        System.exit(2);
      }
      parts = chosen;
    }
    boolean write = options.contains("--write");
    Rows rows =
        new Rows(
            written.read(),
            LocalDate.now().toString(),
            all -> {
              if (write) {
                written.write(all);
              }
            });
    System.out.println(Machine.words());
    for (Part part : parts) {
      rows.measure(part);
    }
    if (rows.anyFailed()) {
      System.err.println("elsko: what is marked FAILED could not be measured");
      System.exit(1);
    }
  }

  private static List<Part> parts(Path root, boolean quick) {
    List<Part> parts = new ArrayList<>(CoreRows.parts(quick));
    parts.add(new Part("frost clock", FrostMeasures::into));
    parts.addAll(PlanMeasures.parts(quick));
    parts.add(
        new Part(
            "first screen",
            rows -> rows.add(FirstScreen.measure(root.resolve("web/target/classes/static")))));
    parts.add(new Part("server and screens", new ServerMeasures(root, quick)::into));
    parts.add(new Part("book of a million entries", new BookMeasures(root)::into));
    return parts;
  }
}
