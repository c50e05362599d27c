package elsko.bench.load;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.TimeUnit;

/**
 * How often this machine kept a process from going on that had only slept: what nobody at the
 * server can do anything about, and what the slowest answers are to be held against.
 */
final class HeldUp {
  private static final double WORTH_SAYING_MS = 50;
  private static final Path TIMES = Path.of("/proc/stat");
  private static final int STOLEN = 7;

  private final long begun = System.nanoTime();
  private final long[] atFirst = times();
  private final Map<Long, Long> longest = new TreeMap<>();
  private final Thread watch = Thread.ofPlatform().daemon().start(this::watch);
  private String words = "";

  private void watch() {
    long before = System.nanoTime();
    while (!Thread.currentThread().isInterrupted()) {
      try {
        TimeUnit.MILLISECONDS.sleep(2);
      } catch (InterruptedException over) {
        return;
      }
      long now = System.nanoTime();
      long late = (now - before) / 1_000_000 - 2;
      if (late >= WORTH_SAYING_MS) {
        longest.merge((before - begun) / 1_000_000_000, late, Math::max);
      }
      before = now;
    }
  }

  void over() throws InterruptedException {
    watch.interrupt();
    watch.join();
    long[] now = times();
    long all = 0;
    for (int i = 0; i < now.length; i++) {
      all += now[i] - atFirst[i];
    }
    words =
        String.format(
            Locale.ROOT,
            "%s%s",
            all == 0
                ? ""
                : "%.1f %% of it taken away, "
                    .formatted(100.0 * (now[STOLEN] - atFirst[STOLEN]) / all),
            longest.isEmpty()
                ? "nobody held up for %.0f ms".formatted(WORTH_SAYING_MS)
                : "held up, ms by second: " + longest);
  }

  String words() {
    return words;
  }

  /** Time of all processors by what it went to; only zeros where the machine does not say. */
  private static long[] times() {
    long[] times = new long[STOLEN + 1];
    try {
      if (Files.exists(TIMES)) {
        String[] said = Files.readString(TIMES).lines().findFirst().orElse("").split(" +", -1);
        for (int i = 0; i < times.length && i + 1 < said.length; i++) {
          times[i] = Long.parseLong(said[i + 1]);
        }
      }
    } catch (IOException untold) {
      // Not said.
    }
    return times;
  }
}
