package elsko.e2e;

import static java.nio.file.StandardOpenOption.APPEND;
import static java.nio.file.StandardOpenOption.CREATE;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.options.Cookie;
import java.io.BufferedReader;
import java.io.BufferedWriter;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

/** The built application as a process of its own, on a data folder of its own. */
final class ElskoProcess implements AutoCloseable {
  private static final Duration PATIENCE = Duration.ofMinutes(3);
  private final Path data;
  private final int port;
  private int plainPort;
  private final Map<String, List<Cookie>> signedIn = new HashMap<>();
  private Process process;

  /** On the demonstration as it is when it was only just set up. */
  ElskoProcess() {
    this(demonstration());
  }

  /** On a demonstration of its own, whose clock stands still from the beginning. */
  static ElskoProcess standingStill() {
    ElskoProcess elsko = new ElskoProcess(temporary(), freePort());
    elsko.start("--elsko.clock-stands-still=true");
    return elsko;
  }

  /** Over https, with an authority of its own; beside it the plain door. */
  static ElskoProcess overHttps() {
    ElskoProcess elsko = new ElskoProcess(temporary(), freePort());
    elsko.takesOver(demonstration());
    elsko.plainPort = freePort();
    elsko.start("--elsko.https=own", "--elsko.https.plain-port=" + elsko.plainPort);
    return elsko;
  }

  /** What a phone is told to trust. */
  Path authority() {
    return data.resolve("https").resolve("authority.pem");
  }

  int port() {
    return port;
  }

  int plainPort() {
    return plainPort;
  }

  private ElskoProcess(Path copied) {
    this(temporary(), freePort());
    takesOver(copied);
    start();
  }

  private void takesOver(Path copied) {
    try {
      copy(copied, data);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private ElskoProcess(Path data, int port) {
    this.data = data;
    this.port = port;
  }

  private static int freePort() {
    try (ServerSocket free = new ServerSocket(0)) {
      return free.getLocalPort();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static Path temporary() {
    try {
      return Files.createTempDirectory("elsko-e2e");
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Setting the demonstration up takes a while: once for all tests of a run. */
  private static Path demonstration() {
    CompletableFuture<Void> beside = CompletableFuture.runAsync(Unpacked.once()::rememberClasses);
    Path demonstration = setUp();
    beside.join();
    return demonstration;
  }

  private static Path setUp() {
    return OnceARun.made(
        "demonstration",
        folder -> {
          ElskoProcess first = new ElskoProcess(folder, freePort());
          first.start();
          first.stop();
        });
  }

  private static void copy(Path from, Path to) throws IOException {
    try (Stream<Path> files = Files.walk(from)) {
      for (Path file : files.filter(Files::isRegularFile).toList()) {
        Path copy = to.resolve(from.relativize(file));
        Files.createDirectories(copy.getParent());
        Files.copy(file, copy);
      }
    }
  }

  /**
   * What the yard's clock shows at a first start; ELSKO_TEST_NOW runs all tests as on another day.
   */
  static LocalDateTime begins() {
    return LocalDateTime.parse(System.getenv().getOrDefault("ELSKO_TEST_NOW", "2026-11-24T09:10"));
  }

  void start(String... more) {
    startAt(begins(), more);
  }

  /** Starts it when the yard's clock shows that, or later where it was left later. */
  void startAt(LocalDateTime at, String... more) {
    Path log = data.resolve("server.log");
    signedIn.clear();
    try {
      List<String> command = new ArrayList<>(Unpacked.once().command());
      command.addAll(
          List.of(
              "--elsko.demo=true",
              "--elsko.at=" + at,
              "--elsko.data=" + data,
              "--elsko.plan.moves-a-second=25",
              "--server.port=" + port));
      command.addAll(List.of(more));
      process = new ProcessBuilder(command).redirectErrorStream(true).start();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    boolean answers = false;
    try {
      answers = saysThatItAnswers(log);
    } finally {
      if (!answers) {
        kill();
      }
    }
    assertThat(answers).as("the server answers; its log is " + log).isTrue();
  }

  /** Reads what it says, to the end in the background. */
  private boolean saysThatItAnswers(Path log) {
    CompletableFuture<Boolean> answers = new CompletableFuture<>();
    Thread reading =
        new Thread(
            () -> {
              try (BufferedReader said = process.inputReader();
                  BufferedWriter kept = Files.newBufferedWriter(log, CREATE, APPEND)) {
                for (String line = said.readLine(); line != null; line = said.readLine()) {
                  kept.write(line + System.lineSeparator());
                  kept.flush();
                  if (line.contains("Elsko answers")) {
                    answers.complete(true);
                  }
                }
              } catch (IOException broken) {
                answers.completeExceptionally(broken);
              }
              answers.complete(false);
            },
            "what the server says");
    reading.setDaemon(true);
    reading.start();
    return answers.orTimeout(PATIENCE.toSeconds(), TimeUnit.SECONDS).join();
  }

  /** As the launcher stops it; it has time to tidy up. */
  void stop() {
    process.destroy();
    awaitEnd();
  }

  /** SIGKILL: no chance to tidy up. */
  void kill() {
    process.destroyForcibly();
    awaitEnd();
  }

  private void awaitEnd() {
    try {
      process.waitFor();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  /** The cookies of those who are signed in, by account; a new start knows nobody. */
  Map<String, List<Cookie>> signedIn() {
    return signedIn;
  }

  String at(String path) {
    return "http://localhost:" + port + path;
  }

  @Override
  public void close() {
    kill();
  }
}
