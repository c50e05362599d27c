package elsko.bench.running;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Base64;
import java.util.concurrent.TimeUnit;

/** The application from the launcher's call to its word that it is ready. */
public final class Running implements AutoCloseable {
  private static final HttpClient HTTP = HttpClient.newHttpClient();

  private final Process process;
  private final int port;
  private final int watchPort;
  private String password;
  public final double seconds;

  public Running(Path root, Path data) throws IOException {
    this(root, data, "");
  }

  /** A demonstration, whose accounts everybody knows. */
  public static Running demonstration(Path root, Path data) throws IOException {
    return new Running(root, data, "demo", "demo");
  }

  /** On a folder whose coordinator has this password already. */
  public Running(Path root, Path data, String knownPassword) throws IOException {
    this(root, data, knownPassword, "serve");
  }

  private Running(Path root, Path data, String knownPassword, String mode) throws IOException {
    password = knownPassword;
    try (ServerSocket free = new ServerSocket(0);
        ServerSocket another = new ServerSocket(0)) {
      port = free.getLocalPort();
      watchPort = another.getLocalPort();
    }
    long from = System.nanoTime();
    process =
        new ProcessBuilder(
                root.resolve("elsko").toString(),
                mode,
                "--port",
                Integer.toString(port),
                "--watch-port",
                Integer.toString(watchPort),
                "--data",
                data.toString())
            .redirectErrorStream(true)
            .start();
    BufferedReader said =
        new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8));
    String line = said.readLine();
    while (line != null && !line.startsWith("Elsko is ready")) {
      if (line.contains("with the password ")) {
        password = line.substring(line.lastIndexOf(' ') + 1);
      }
      line = said.readLine();
    }
    if (line == null) {
      throw new IllegalStateException("the application did not start");
    }
    seconds = (System.nanoTime() - from) / 1e9;
    // Nobody else reads what it says: a full pipe would stop it.
    Thread.ofPlatform().daemon().start(() -> readOn(said));
  }

  private static void readOn(BufferedReader said) {
    try {
      while (said.readLine() != null) {
        // Nobody asks.
      }
    } catch (IOException over) {
      // It has ended.
    }
  }

  public static HttpResponse<String> send(HttpRequest.Builder request)
      throws IOException, InterruptedException {
    return HTTP.send(request.build(), BodyHandlers.ofString());
  }

  public String address(String path) {
    return "http://localhost:" + port + path;
  }

  /**
   * How long requests to a place took in the server so far, and how many there were, by its own
   * count.
   *
   * @param place as the server writes it: "/api/boats/{id}"
   */
  public Served served(String place) throws IOException, InterruptedException {
    URI metrics = URI.create("http://127.0.0.1:" + watchPort + "/metrics");
    String counted =
        HTTP.send(HttpRequest.newBuilder(metrics).build(), BodyHandlers.ofString()).body();
    double count = 0;
    double took = 0;
    for (String line :
        counted.lines().filter(one -> one.contains("uri=\"" + place + "\"")).toList()) {
      double figure = Double.parseDouble(line.substring(line.lastIndexOf(' ') + 1));
      if (line.startsWith("http_server_requests_seconds_count")) {
        count += figure;
      } else if (line.startsWith("http_server_requests_seconds_sum")) {
        took += figure;
      }
    }
    return new Served(count, took);
  }

  /** Requests that were answered, and the seconds they took in the server together. */
  public record Served(double count, double seconds) {
    public double millisEachSince(Served before) {
      return (seconds - before.seconds) * 1_000 / (count - before.count);
    }
  }

  public int port() {
    return port;
  }

  public String password() {
    return password;
  }

  public String authorization() {
    return authorization("coordinator");
  }

  /** As the API takes it. */
  public String authorization(String account) {
    String pair = account + ":" + password;
    return "Basic " + Base64.getEncoder().encodeToString(pair.getBytes(StandardCharsets.UTF_8));
  }

  public HttpRequest.Builder request(String path) {
    return request(path, "coordinator");
  }

  /** A request in somebody's name; empty for nobody's. */
  public HttpRequest.Builder request(String path, String account) {
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create(address(path)))
            .header("Content-Type", "application/json");
    return account.isEmpty() ? request : request.header("Authorization", authorization(account));
  }

  /** Without a word of warning: the application, not its launcher. */
  public void kill() {
    process.descendants().forEach(ProcessHandle::destroyForcibly);
    process.destroyForcibly();
  }

  /** Whether it has ended, and with which number; null while it has not. */
  public Integer ended() {
    return process.isAlive() ? null : process.exitValue();
  }

  @Override
  public void close() {
    process.destroy();
    try {
      process.waitFor(20, TimeUnit.SECONDS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }
}
