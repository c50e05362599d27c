package elsko.bench.season;

import elsko.core.trial.LayUpTrial;
import elsko.core.trial.Mistake;
import elsko.core.trial.Season;
import java.io.IOException;
import java.io.Reader;
import java.io.Writer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Properties;
import java.util.TreeMap;

/** What many seasons came to, added up so that a run that was stopped goes on where it was. */
final class SeasonTally {
  private static final String DONE = "done";
  private static final String OF = "of";

  private final Map<String, Long> counts = new TreeMap<>();

  /** One season and how it ended. */
  synchronized void add(Season season, LayUpTrial trial) {
    count(DONE);
    count("circuits", trial.worked().size());
    for (LayUpTrial.Unsafe claim : trial.unsafe()) {
      count(
          switch (claim.restsOn()) {
            case WHAT_WAS_SEEN -> "unsafe";
            case A_LIE -> "unsafe, on a lie";
            case A_CIRCUIT_NOBODY_LISTED -> "unsafe, not listed";
          });
      if (claim.restsOn() == LayUpTrial.RestsOn.WHAT_WAS_SEEN) {
        count("unsafe claim/" + claim.claim());
      }
    }
    count("stuck", trial.stuck() == null ? 0 : 1);
    count("spring", trial.reachedSpring() ? 1 : 0);
    count("cracked", trial.cracked() ? 1 : 0);
    if (trial.isFooled()) {
      count("fooled/" + season.seed());
    }
    if (season.mistakes().isEmpty()) {
      honest(trial);
    }
    for (Mistake mistake : season.mistakes()) {
      count("made/" + mistake);
      boolean mattered = trial.worked().stream().anyMatch(LayUpTrial.Ended::breaks);
      if (mattered) {
        count("mattered/" + mistake);
      }
      for (LayUpTrial.Ended end : trial.worked()) {
        if (end.breaks() && end.heldBy() != null) {
          count("caught/" + mistake + "/" + end.heldBy() + ", at " + end.heldAt());
        }
      }
    }
  }

  private void honest(LayUpTrial trial) {
    count("honest");
    for (LayUpTrial.Ended end : trial.worked()) {
      if (!end.breaks()) {
        count("honest safe/" + end.method());
        count("honest called safe/" + end.method(), end.heldBy() == null ? 1 : 0);
      }
    }
    if (trial.isSafe()) {
      count("honest safe boats");
      trial.heldBack().stream()
          .findFirst()
          .ifPresent(
              held -> {
                count("held back");
                count("held back by/" + held.heldBy());
              });
    }
  }

  private void count(String what) {
    count(what, 1);
  }

  private void count(String what, long by) {
    counts.merge(what, by, Long::sum);
  }

  synchronized long done() {
    return of(DONE);
  }

  synchronized boolean wasFooled() {
    return of("unsafe") > 0;
  }

  private long of(String what) {
    return counts.getOrDefault(what, 0L);
  }

  private List<Map.Entry<String, Long>> under(String prefix) {
    return counts.entrySet().stream()
        .filter(entry -> entry.getKey().startsWith(prefix))
        .map(entry -> Map.entry(entry.getKey().substring(prefix.length()), entry.getValue()))
        .sorted(Comparator.comparing(Map.Entry<String, Long>::getValue).reversed())
        .toList();
  }

  /** What a person reads. */
  synchronized String words() {
    StringBuilder out = new StringBuilder();
    line(out, "%,d seasons, %,d circuits laid up", of(DONE), of("circuits"));
    line(out, "unsafe claims: %d", of("unsafe"));
    under("fooled/").forEach(seed -> line(out, "  fooled in season %s", seed.getKey()));
    under("unsafe claim/").forEach(kind -> line(out, "  %,6d  %s", kind.getValue(), kind.getKey()));
    line(
        out,
        "counted apart: %,d claims that rest on what nobody saw, %,d in a circuit nobody listed",
        of("unsafe, on a lie"),
        of("unsafe, not listed"));
    line(
        out,
        "something cracked in %,d winters; %,d boats were made ready for the lift in spring",
        of("cracked"),
        of("spring"));
    line(out, "");
    line(out, "mistakes: made, in boats of which something would break, and what then held them");
    for (Mistake mistake : Mistake.values()) {
      line(
          out,
          "  %-32s made %,6d  mattered %,6d",
          mistake.name().toLowerCase(java.util.Locale.ROOT).replace('_', ' '),
          of("made/" + mistake),
          of("mattered/" + mistake));
      under("caught/" + mistake + "/").stream()
          .limit(4)
          .forEach(rule -> line(out, "      %,6d  %s", rule.getValue(), rule.getKey()));
    }
    line(out, "");
    long safe = of("honest safe boats");
    line(
        out,
        "honest seasons: %,d; boats that are safe to the design low: %,d, held back: %,d (%.1f %%)",
        of("honest"),
        safe,
        of("held back"),
        safe == 0 ? 0 : 100.0 * of("held back") / safe);
    under("held back by/")
        .forEach(rule -> line(out, "      %,6d  %s", rule.getValue(), rule.getKey()));
    under("honest safe/")
        .forEach(
            method ->
                line(
                    out,
                    "  %-16s %,6d safe circuits, %.1f %% of them called so",
                    method.getKey(),
                    method.getValue(),
                    100.0 * of("honest called safe/" + method.getKey()) / method.getValue()));
    return out.toString();
  }

  private static void line(StringBuilder out, String format, Object... values) {
    out.append(format.formatted(values).stripTrailing()).append('\n');
  }

  /** Keeps it for a run that goes on later. */
  synchronized void keep(Path file, String of) throws IOException {
    Properties kept = new Properties();
    kept.setProperty(OF, of);
    counts.forEach((what, count) -> kept.setProperty(what, count.toString()));
    Files.createDirectories(file.getParent());
    try (Writer writer = Files.newBufferedWriter(file)) {
      kept.store(writer, null);
    }
  }

  /** What was kept of the same code; an empty one otherwise. */
  static SeasonTally kept(Path file, String of) throws IOException {
    SeasonTally tally = new SeasonTally();
    if (Files.exists(file)) {
      Properties kept = new Properties();
      try (Reader reader = Files.newBufferedReader(file)) {
        kept.load(reader);
      }
      if (of.equals(kept.remove(OF))) {
        kept.forEach((what, n) -> tally.counts.put((String) what, Long.valueOf((String) n)));
      }
    }
    return tally;
  }
}
