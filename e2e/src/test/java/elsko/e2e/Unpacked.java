package elsko.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.spi.ToolProvider;
import java.util.stream.Stream;

/** The built application unpacked, as the launcher unpacks it: it starts faster so. */
final class Unpacked {
  private static final String JAVA = ProcessHandle.current().info().command().orElse("java");
  private static final Duration PATIENCE = Duration.ofMinutes(3);
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

  /**
   * Where the JVM remembers the classes of the application: each start of it takes two thirds of
   * the time then. Made by a start that comes to nothing.
   */
  void rememberClasses() {
    OnceARun.made(
        "classes",
        scratch -> {
          List<String> start =
              new ArrayList<>(
                  command(
                      "-XX:ArchiveClassesAtExit=" + classes(), "-Dspring.context.exit=onRefresh"));
          start.addAll(List.of("--elsko.data=" + scratch, "--server.port=0"));
          ended(start);
        });
  }

  private static void unpack(Path into) {
    extract(into);
    workOutAhead(into);
  }

  /** Which beans there are, as classes: what the launcher does too, so it is tested here. */
  private static void workOutAhead(Path into) {
    Path app = into.resolve("app");
    Path sources = into.resolve("sources");
    Path classes = into.resolve("classes");
    String classpath = app.resolve("elsko-server-app.jar") + ":" + app.resolve("lib") + "/*";
    ended(
        List.of(
            JAVA,
            "-XX:TieredStopAtLevel=1",
            "-cp",
            classpath,
            "org.springframework.boot.SpringApplicationAotProcessor",
            "elsko.server.Elsko",
            sources.toString(),
            classes.toString(),
            classes.toString(),
            "elsko",
            "elsko-server",
            "--elsko.data=" + into));
    List<String> compile =
        new ArrayList<>(
            List.of("-nowarn", "-proc:none", "-cp", classpath, "-d", classes.toString()));
    try (Stream<Path> files = Files.walk(sources)) {
      files.map(Path::toString).filter(name -> name.endsWith(".java")).forEach(compile::add);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    tool("javac", compile);
    tool("jar", List.of("-cf", app.resolve("ahead.jar").toString(), "-C", classes.toString(), "."));
  }

  private static void tool(String name, List<String> arguments) {
    int code =
        ToolProvider.findFirst(name)
            .orElseThrow()
            .run(System.out, System.err, arguments.toArray(String[]::new));
    if (code != 0) {
      throw new IllegalStateException(name + " failed");
    }
  }

  private static void extract(Path into) {
    ended(
        List.of(
            JAVA,
            "-Djarmode=tools",
            "-jar",
            System.getProperty("elsko.app"),
            "extract",
            "--destination",
            into.resolve("app").toString()));
  }

  private static void ended(List<String> command) {
    try {
      Process process =
          new ProcessBuilder(command)
              .redirectErrorStream(true)
              .redirectOutput(ProcessBuilder.Redirect.DISCARD)
              .start();
      if (!process.waitFor(PATIENCE.toSeconds(), TimeUnit.SECONDS)) {
        process.destroyForcibly();
        throw new IllegalStateException("It does not end: " + command);
      }
      if (process.exitValue() != 0) {
        throw new IllegalStateException("It failed: " + command);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  private Path classes() {
    return folder.resolve("classes.jsa");
  }

  /** The start of the command that runs it. */
  List<String> command() {
    return command("-XX:SharedArchiveFile=" + classes());
  }

  private List<String> command(String... jvm) {
    List<String> command =
        new ArrayList<>(
            List.of(
                JAVA,
                // A machine in another zone than the yard: where that leaks in, tests fail.
                "-Duser.timezone=Etc/GMT+9",
                "-XX:TieredStopAtLevel=1",
                "-XX:+UseSerialGC"));
    command.addAll(List.of(jvm));
    command.addAll(
        List.of(
            "-Dspring.aot.enabled=true",
            "-cp",
            folder.resolve("ahead.jar") + ":" + folder.resolve("elsko-server-app.jar"),
            "elsko.server.Elsko"));
    return command;
  }
}
