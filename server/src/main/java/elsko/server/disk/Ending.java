package elsko.server.disk;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Ends this process where it can do no more, with a number that says why. */
@Component
class Ending {
  /** The database cannot be opened again by this process: starting anew may help. */
  static final int AWAY = 75;

  private static final Logger LOG = LoggerFactory.getLogger(Ending.class);
  private static final long LONGEST_S = 10;
  private final Path folder;

  Ending(@Value("${elsko.data}") Path folder) {
    this.folder = folder;
  }

  void end(int number, String why) {
    LOG.error(why);
    Thread exit = new Thread(() -> System.exit(number), "ending");
    exit.setDaemon(true);
    exit.start();
    try {
      exit.join(TimeUnit.SECONDS.toMillis(LONGEST_S));
    } catch (InterruptedException already) {
      Thread.currentThread().interrupt();
    }
    Runtime.getRuntime().halt(number);
  }

  String damaged() {
    return damaged(folder);
  }

  /** What to do about a damaged database: the newest backup by name. */
  static String damaged(Path folder) {
    String newest = newestBackup(folder);
    return newest == null
        ? "The database in %s is damaged, and there is no backup beside it.".formatted(folder)
        : ("The database in %s is damaged. Restore the newest backup into a new folder:"
                + " ./elsko restore %s --data NEW-FOLDER")
            .formatted(folder, newest);
  }

  private static @Nullable String newestBackup(Path folder) {
    Path backups = folder.resolve("backups");
    if (!Files.isDirectory(backups)) {
      return null;
    }
    try (Stream<Path> files = Files.list(backups)) {
      return files
          .filter(file -> file.getFileName().toString().matches("elsko-.*\\d{6}(-asked)?\\.zip"))
          .max(Comparator.comparing(file -> file.toFile().lastModified()))
          .map(Path::toString)
          .orElse(null);
    } catch (IOException unreadable) {
      return null;
    }
  }
}
