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
      once = new Unpacked(OnceARun.made("app", Unpacked::unpack).resolve("app"));
    }
    return once;
  }

  private static void unpack(Path into) {
    try {
      int ended =
          new ProcessBuilder(
                  JAVA,
                  "-Djarmode=tools",
                  "-jar",
                  System.getProperty("elsko.app"),
                  "extract",
                  "--destination",
                  into.resolve("app").toString())
              .redirectErrorStream(true)
              .redirectOutput(ProcessBuilder.Redirect.DISCARD)
              .start()
              .waitFor();
      if (ended != 0) {
        throw new IllegalStateException("Could not be unpacked");
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  /** The start of the command that runs it, remembering its classes for the next from the first. */
  List<String> command() {
    Path classes = folder.resolve("classes.jsa");
    String memory = Files.exists(classes) ? "-XX:SharedArchiveFile=" : "-XX:ArchiveClassesAtExit=";
    return List.of(
        JAVA,
        // A machine in another zone than the yard: where that leaks in, tests fail.
        "-Duser.timezone=Etc/GMT+9",
        memory + classes,
        "-XX:TieredStopAtLevel=1",
        "-XX:+UseSerialGC",
        "-jar",
        folder.resolve("elsko-server-app.jar").toString());
  }
}
