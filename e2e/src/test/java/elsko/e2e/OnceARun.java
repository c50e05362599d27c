package elsko.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;

/**
 * Things that take long to make and are the same for every process the tests of a run are in.
 *
 * <p>Whoever claims one first makes it, the others wait for it. Locks of the operating system will
 * not do: two processes that each make one thing and wait for the other's are no deadlock, as
 * different threads do it, but are refused as one.
 */
final class OnceARun {
  private static final Duration PATIENCE = Duration.ofMinutes(5);
  private static final long LOOK_AGAIN_MS = 50;

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
      Path made = folder.resolveSibling(what + ".made");
      Path failed = folder.resolveSibling(what + ".failed");
      if (claimed(folder.resolveSibling(what + ".claimed"))) {
        boolean done = false;
        try {
          making.into(folder);
          done = true;
        } finally {
          Files.createFile(done ? made : failed);
        }
      }
      await(made, failed);
      return folder;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static boolean claimed(Path claim) throws IOException {
    try {
      Files.createFile(claim);
      return true;
    } catch (FileAlreadyExistsException another) {
      return false;
    }
  }

  private static void await(Path made, Path failed) {
    long end = System.nanoTime() + PATIENCE.toNanos();
    while (!Files.exists(made)) {
      if (Files.exists(failed) || System.nanoTime() > end) {
        throw new IllegalStateException("It was not made: " + made);
      }
      try {
        Thread.sleep(LOOK_AGAIN_MS);
      } catch (InterruptedException e) {
        throw new IllegalStateException(e);
      }
    }
  }
}
