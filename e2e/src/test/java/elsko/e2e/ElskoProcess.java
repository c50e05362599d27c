package elsko.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** The built application as a process of its own, on a data folder of its own. */
final class ElskoProcess implements AutoCloseable {
  private static final Duration PATIENCE = Duration.ofMinutes(3);
  private static Path demonstration;
  private final Path data;
  private final int port;
  private Process process;

  /** On the demonstration as it is when it was only just set up. */
  ElskoProcess() {
    this(demonstration());
  }

  private ElskoProcess(Path copied) {
    try {
      data = Files.createTempDirectory("elsko-e2e");
      if (copied != null) {
        copy(copied, data);
      }
      try (ServerSocket free = new ServerSocket(0)) {
        port = free.getLocalPort();
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    start();
  }

  /** Setting the demonstration up takes a while: once for all tests of a run. */
  private static synchronized Path demonstration() {
    if (demonstration == null) {
      ElskoProcess first = new ElskoProcess(null);
      first.stop();
      demonstration = first.data;
    }
    return demonstration;
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

  void start(String... more) {
    File log = data.resolve("server.log").toFile();
    try {
      List<String> command = new ArrayList<>(Unpacked.once().command());
      command.addAll(List.of("--elsko.demo=true", "--elsko.data=" + data, "--server.port=" + port));
      command.addAll(List.of(more));
      process =
          new ProcessBuilder(command)
              .redirectErrorStream(true)
              .redirectOutput(ProcessBuilder.Redirect.appendTo(log))
              .start();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    Instant end = Instant.now().plus(PATIENCE);
    while (!answers()) {
      assertThat(process.isAlive()).as("the server runs; its log is " + log).isTrue();
      assertThat(Instant.now()).as("the server answers in time").isBefore(end);
      pause();
    }
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

  String at(String path) {
    return "http://localhost:" + port + path;
  }

  private boolean answers() {
    try {
      return HttpClient.newHttpClient()
              .send(
                  HttpRequest.newBuilder(URI.create(at("/api/welcome"))).build(),
                  BodyHandlers.discarding())
              .statusCode()
          == 200;
    } catch (IOException notYet) {
      return false;
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      return false;
    }
  }

  private static void pause() {
    try {
      Thread.sleep(200);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  @Override
  public void close() {
    kill();
  }
}
