package elsko.bench;

import elsko.bench.row.Measured;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.GZIPOutputStream;

/** How much JavaScript the first screen fetches. */
final class FirstScreen {
  private static final Pattern SCRIPT = Pattern.compile("(?:src|href)=\"/(assets/[^\"]+\\.js)\"");

  private static final double MOST_KB = 150;

  private FirstScreen() {}

  static Measured measure(Path pages) throws IOException {
    Matcher scripts = SCRIPT.matcher(Files.readString(pages.resolve("index.html")));
    long bytes = 0;
    while (scripts.find()) {
      bytes += zipped(Files.readAllBytes(pages.resolve(scripts.group(1))));
    }
    double kilobytes = bytes / 1000.0;
    return new Measured(
        "JavaScript of the first screen, gzip",
        String.format(Locale.ROOT, "%.1f kB", kilobytes),
        kilobytes,
        Measured.Kind.SIZE,
        "under %.0f kB".formatted(MOST_KB),
        bytes > 0 && kilobytes < MOST_KB);
  }

  private static int zipped(byte[] script) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (GZIPOutputStream gzip = new GZIPOutputStream(out)) {
      gzip.write(script);
    }
    return out.size();
  }
}
