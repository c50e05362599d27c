package elsko.server;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.server.live.Changed;
import java.io.BufferedReader;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.transaction.support.TransactionTemplate;

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

  /** A screen that reads nothing: its line fills up, and it alone is left behind. */
  @Test
  @Timeout(120)
  void whoDoesNotReadStopsNobody() throws Exception {
    Yarn yarn = new Yarn("Ignored");
    List<Socket> deaf = new ArrayList<>();
    try {
      for (int i = 0; i < 12; i++) {
        Socket socket = new Socket();
        socket.setReceiveBufferSize(1_024);
        socket.connect(
            new InetSocketAddress(
                InetAddress.getLoopbackAddress(), RunningElsko.at("/").getPort()));
        String basic = Base64.getEncoder().encodeToString("viewer:demo".getBytes());
        socket
            .getOutputStream()
            .write(
                "GET /api/events HTTP/1.1\r\nHost: localhost\r\nAuthorization: Basic %s\r\n\r\n"
                    .formatted(basic)
                    .getBytes(StandardCharsets.UTF_8));
        deaf.add(socket);
      }
      ApplicationEventPublisher events = RunningElsko.start();
      TransactionTemplate transaction = RunningElsko.bean(TransactionTemplate.class);
      for (int i = 0; i < 400; i++) {
        transaction.executeWithoutResult(
            begun -> {
              for (int j = 0; j < 50; j++) {
                events.publishEvent(Changed.boat(UUID.fromString(yarn.boat)));
              }
            });
      }
      anOpenScreenIsToldWhichBoatChanged();
    } finally {
      for (Socket socket : deaf) {
        socket.close();
      }
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
