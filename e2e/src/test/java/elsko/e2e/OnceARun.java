package elsko.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;

/** Things that take long to make and are the same for every process the tests of a run are in. */
final class OnceARun {
  private OnceARun() {}

  /** Makes it; whoever comes later finds it made. */
  interface Making {
    void into(Path folder);
  }

  static Path made(String what, Making making) {
    try {
      String run = System.getProperty("elsko.run");
      Path folder =
          Files.createDirectories(
              Path.of(System.getProperty("java.io.tmpdir"), "elsko-run-" + run, what));
      Path done = folder.resolveSibling(what + ".made");
      try (FileChannel locked =
              FileChannel.open(
                  folder.resolveSibling(what + ".lock"),
                  StandardOpenOption.CREATE,
                  StandardOpenOption.WRITE);
          FileLock held = locked.lock()) {
        if (held.isValid() && !Files.exists(done)) {
          making.into(folder);
          Files.createFile(done);
        }
      }
      return folder;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
