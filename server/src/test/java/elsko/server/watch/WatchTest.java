package elsko.server.watch;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.server.RunningElsko;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.core.env.Environment;

/** What is seen from this machine: health, figures, and a log without names. */
@ExtendWith(RunningElsko.class)
class WatchTest {
  private static HttpResponse<String> watched(String path) {
    String port = RunningElsko.bean(Environment.class).getProperty("local.management.port");
    return asked(URI.create("http://127.0.0.1:" + port + path));
  }

  private static HttpResponse<String> asked(URI address) {
    try {
      return HttpClient.newHttpClient()
          .send(HttpRequest.newBuilder(address).build(), BodyHandlers.ofString());
    } catch (IOException | InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  @Test
  void healthAndFiguresStandOnAPortOfTheirOwn() {
    assertThat(watched("/health/readiness").body()).contains("\"status\":\"UP\"", "\"disk\"");
    assertThat(watched("/health/liveness").statusCode()).isEqualTo(200);
    RunningElsko.as("viewer").get("/api/boats/" + java.util.UUID.randomUUID());
    assertThat(watched("/metrics").body())
        .contains("elsko_keeps 1.0", "elsko_screens", "http_server_requests_seconds_count")
        .contains("uri=\"/api/boats/{id}\"")
        .doesNotContain("viewer");
    for (String path : new String[] {"/health", "/metrics", "/env", "/heapdump", "/shutdown"}) {
      assertThat(asked(RunningElsko.address(path)).body()).as(path).doesNotContain("status\":\"UP");
    }
    for (String path : new String[] {"/env", "/heapdump", "/beans", "/loggers", "/api/boats"}) {
      assertThat(watched(path).statusCode()).as(path).isIn(401, 404);
    }
  }

  @Test
  void eachAnswerHasANumberAndWhatTheLogSaysHasNoNames() throws IOException {
    HttpResponse<String> one = RunningElsko.as("viewer").get("/api/boats").raw();
    HttpResponse<String> other = RunningElsko.as("viewer").get("/api/boats").raw();
    String number = one.headers().firstValue("Elsko-Request").orElseThrow();
    assertThat(number).matches("[0-9a-f]{12}");
    assertThat(other.headers().firstValue("Elsko-Request")).isNotEqualTo(number);
    RunningElsko.as("coordinator").post("/api/people", Map.of("name", "Vessna", "role", "VIEWER"));
    RunningElsko.as("coordinator").post("/api/people", Map.of("name", "Vessna", "role", "VIEWER"));
    Path log =
        Path.of(RunningElsko.bean(Environment.class).getRequiredProperty("logging.file.name"));
    if (Files.exists(log)) {
      assertThat(Files.readString(log)).doesNotContain("Vessna", "viewer", "coordinator");
    }
  }
}
