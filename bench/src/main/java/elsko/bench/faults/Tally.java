package elsko.bench.faults;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Properties;

/** How far the faults are: kept after each, so that a run that was stopped goes on where it was. */
final class Tally {
  private final Path file;
  private final Properties counts = new Properties();

  Tally(Path file) throws IOException {
    this.file = file;
    if (Files.exists(file)) {
      try (InputStream in = Files.newInputStream(file)) {
        counts.load(in);
      }
    }
  }

  synchronized long of(String what) {
    return Long.parseLong(counts.getProperty(what, "0"));
  }

  synchronized void add(String what, long more) {
    counts.setProperty(what, Long.toString(of(what) + more));
  }

  String words(String what) {
    return counts.getProperty(what, "");
  }

  synchronized void say(String what, String words) {
    counts.setProperty(what, words);
  }

  synchronized void keep() throws IOException {
    Files.createDirectories(file.getParent());
    Path part = file.resolveSibling(file.getFileName() + ".part");
    try (OutputStream out = Files.newOutputStream(part)) {
      counts.store(out, null);
    }
    Files.move(part, file, java.nio.file.StandardCopyOption.REPLACE_EXISTING);
  }
}
