package elsko.bench.row;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** What it was measured on. */
public final class Machine {
  private Machine() {}

  public static String words() throws IOException {
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
