package elsko.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningElsko.class)
class LiveTest {
  @Test
  @Timeout(30)
  void anOpenScreenIsToldWhichBoatChanged() throws Exception {
    Yarn yarn = new Yarn("Watched");
    String basic = Base64.getEncoder().encodeToString("viewer:demo".getBytes());
    InputStream stream =
        HttpClient.newHttpClient()
            .send(
                HttpRequest.newBuilder(RunningElsko.at("/api/events"))
                    .header("Authorization", "Basic " + basic)
                    .build(),
                BodyHandlers.ofInputStream())
            .body();
    try (BufferedReader events =
        new BufferedReader(new InputStreamReader(stream, StandardCharsets.UTF_8))) {
      assertThat(next(events, "event:")).isEqualTo("event:hello");
      yarn.kept(Yarn.entry("NOTED", "text", "look"));
      assertThat(next(events, "event:")).isEqualTo("event:changed");
      assertThat(next(events, "data:")).contains(yarn.boat);
    }
  }

  private static String next(BufferedReader events, String prefix) throws Exception {
    String line = events.readLine();
    while (line != null && !line.startsWith(prefix)) {
      line = events.readLine();
    }
    return line;
  }
}
