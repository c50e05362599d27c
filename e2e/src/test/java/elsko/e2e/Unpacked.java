package elsko.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/** The built application unpacked, as the launcher unpacks it: it starts faster so. */
final class Unpacked {
  private static final String JAVA = ProcessHandle.current().info().command().orElse("java");
  private static Unpacked once;
  private final Path folder;

  private Unpacked(Path folder) {
    this.folder = folder;
  }

  /** Once for all tests of a run. */
  static synchronized Unpacked once() {
    if (once == null) {
      try {
        Path folder = Files.createTempDirectory("elsko-app").resolve("app");
        String built = System.getProperty("elsko.app");
        int ended =
            new ProcessBuilder(
                    JAVA, "-Djarmode=tools", "-jar", built, "extract", "--destination", "" + folder)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start()
                .waitFor();
        if (ended != 0) {
          throw new IllegalStateException("Could not be unpacked: " + built);
        }
        once = new Unpacked(folder);
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      } catch (InterruptedException e) {
        throw new IllegalStateException(e);
      }
    }
    return once;
  }

  /** The start of the command that runs it, remembering its classes for the next from the first. */
  List<String> command() {
    Path classes = folder.resolve("classes.jsa");
    String memory = Files.exists(classes) ? "-XX:SharedArchiveFile=" : "-XX:ArchiveClassesAtExit=";
    return List.of(
        JAVA,
        memory + classes,
        "-XX:TieredStopAtLevel=1",
        "-XX:+UseSerialGC",
        "-jar",
        folder.resolve("elsko-server-app.jar").toString());
  }
}
