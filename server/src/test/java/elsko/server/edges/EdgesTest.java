package elsko.server.edges;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.server.RunningElsko;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.extension.ExtendWith;

/** What comes in too large, too slow, in pieces or in a shape nobody takes. */
@ExtendWith(RunningElsko.class)
class EdgesTest {
  private static final String JSON = "Content-Type: application/json\r\n";
  private static final String CHUNKED = "Transfer-Encoding: chunked\r\n";
  private static final String POCKET =
      "{\"tauHours\":2,\"freezePointC\":0,\"startC\":5,\"hourlyC\":[-1,-2]}";

  private static String length(long bytes) {
    return "Content-Length: " + bytes + "\r\n";
  }

  private static String chunk(String text) {
    return Integer.toHexString(text.length()) + "\r\n" + text + "\r\n";
  }

  @Test
  @Timeout(60)
  void aBodyMayComeInPieces() throws Exception {
    try (Wire wire = new Wire()) {
      wire.head("POST /api/frost/pocket", JSON, Wire.basic("viewer"), length(POCKET.length()));
      TimeUnit.MILLISECONDS.sleep(50);
      for (String piece : POCKET.split("(?<=,)")) {
        wire.say(piece);
        TimeUnit.MILLISECONDS.sleep(20);
      }
      assertThat(wire.hear().status()).isEqualTo(200);
      wire.head("POST /api/frost/pocket", JSON, Wire.basic("viewer"), CHUNKED);
      for (String piece : POCKET.split("(?<=,)")) {
        wire.say(chunk(piece));
        TimeUnit.MILLISECONDS.sleep(20);
      }
      wire.say("0\r\n\r\n");
      assertThat(wire.hear().status()).as("on the same line").isEqualTo(200);
    }
  }

  @Test
  @Timeout(60)
  void whoSignsInSlowlyIsSignedIn() throws Exception {
    String body = "{\"name\":\"viewer\",\"password\":\"demo\"}";
    try (Wire wire = new Wire()) {
      String token = "11111111-2222-3333-4444-555555555555";
      wire.head(
          "POST /api/session",
          JSON,
          "Cookie: XSRF-TOKEN=" + token + "\r\nX-XSRF-TOKEN: " + token + "\r\n",
          length(body.length()));
      TimeUnit.MILLISECONDS.sleep(100);
      Wire.Answer in = wire.say(body).hear();
      assertThat(in.status()).isEqualTo(200);
      String session = in.head().replaceAll("(?s).*ELSKO_SESSION=([^;]*);.*", "$1");
      wire.head(
          "POST /api/frost/pocket",
          JSON,
          "Cookie: ELSKO_SESSION="
              + session
              + "; XSRF-TOKEN="
              + token
              + "\r\nX-XSRF-TOKEN: "
              + token
              + "\r\n",
          length(POCKET.length()));
      TimeUnit.MILLISECONDS.sleep(100);
      assertThat(wire.say(POCKET).hear().status()).as("role and session hold on").isEqualTo(200);
    }
  }

  @Test
  @Timeout(60)
  void whoeverIsLockedWhileTheBodyComesIsNotLetIn() throws Exception {
    String body = "{\"name\":\"Nobody\"}";
    String token = "11111111-2222-3333-4444-555555555555";
    String cookies = "; XSRF-TOKEN=" + token + "\r\nX-XSRF-TOKEN: " + token + "\r\n";
    try (Wire wire = new Wire()) {
      String in = "{\"name\":\"coordinator\",\"password\":\"demo\"}";
      wire.head("POST /api/session", JSON, "Cookie: a=b" + cookies, length(in.length())).say(in);
      String session = wire.hear().head().replaceAll("(?s).*ELSKO_SESSION=([^;]*);.*", "$1");
      String mine = "Cookie: ELSKO_SESSION=" + session + cookies;
      wire.head("POST /api/boats", JSON, mine, length(body.length()));
      TimeUnit.MILLISECONDS.sleep(100);
      try (Wire other = new Wire()) {
        other.head("POST /api/session/end", JSON, mine, length(0));
        assertThat(other.hear().status()).isLessThan(300);
      }
      assertThat(wire.say(body).hear().status()).isIn(401, 403);
    }
  }

  @Test
  @Timeout(60)
  void aBodyThatIsTooLargeIsRefusedBeforeItIsRead() throws Exception {
    try (Wire wire = new Wire()) {
      wire.head("POST /api/session", JSON, length(15_000_000));
      Wire.Answer answer = wire.hear();
      assertThat(answer.status()).isIn(403, 413);
    }
    try (Wire wire = new Wire()) {
      wire.head("POST /api/frost/pocket", JSON, Wire.basic("viewer"), length(1_000_000));
      Wire.Answer answer = wire.hear();
      assertThat(answer.status()).isEqualTo(413);
      assertThat(answer.body()).contains("At most 300 kB.");
    }
    try (Wire wire = new Wire()) {
      wire.head("POST /api/frost/pocket", JSON, Wire.basic("viewer"), CHUNKED);
      String much = chunk("x".repeat(100_000));
      for (int i = 0; i < 20; i++) {
        wire.say(much);
      }
      wire.say("0\r\n\r\n");
      assertThat(wire.hear().status()).as("nobody said how long").isEqualTo(413);
    }
  }

  @Test
  @Timeout(60)
  void whatIsRefusedUnreadIsStillAnswered() throws Exception {
    try (Wire wire = new Wire()) {
      wire.head("POST /api/boats", JSON, length(60_000));
      TimeUnit.MILLISECONDS.sleep(50);
      wire.say("x".repeat(60_000));
      assertThat(wire.hear().status()).isIn(401, 403);
      wire.head("GET /api/welcome");
      assertThat(wire.hear().status()).as("the line goes on").isEqualTo(200);
    }
  }

  @Test
  @Timeout(60)
  void formsAreNothingAnybodyTakes() throws Exception {
    for (String type :
        List.of(
            "multipart/form-data",
            "multipart/mixed; boundary=",
            "application/x-www-form-urlencoded")) {
      try (Wire wire = new Wire()) {
        wire.head("POST /api/session", "Content-Type: " + type + "\r\n", length(3)).say("a=b");
        assertThat(wire.hear().status()).as(type).isEqualTo(415);
        wire.head(
                "PUT /api/boats/x",
                Wire.basic("coordinator"),
                "Content-Type: " + type + "\r\n",
                length(3))
            .say("a=b");
        assertThat(wire.hear().status()).as(type).isEqualTo(415);
      }
    }
  }

  @Test
  @Timeout(120)
  void hundredsThatSendNothingStopNobody() throws Exception {
    List<Wire> slow = new ArrayList<>();
    try {
      for (int i = 0; i < 210; i++) {
        slow.add(slowly("/api/owner/after", ""));
        slow.add(slowly("/api/boats", Wire.basic("coordinator")));
        slow.add(slowly("/api/boats", ""));
      }
      for (int i = 0; i < 50; i++) {
        assertThat(RunningElsko.as("viewer").get("/api/boats").status()).isEqualTo(200);
        assertThat(
                RunningElsko.as("viewer")
                    .post("/api/frost/pocket", RunningElsko.JSON.readTree(POCKET))
                    .status())
            .isEqualTo(200);
      }
      assertThat(slow.get(0).hear().status()).as("a second in ten is not enough").isEqualTo(408);
      assertThat(slow.get(0).isOver()).isTrue();
      assertThat(slow.get(1).hear().status()).isEqualTo(408);
      assertThat(slow.get(2).hear().status()).isIn(401, 403);
      assertThat(slow.get(2).isOver()).as("and not waited for").isTrue();
    } finally {
      for (Wire one : slow) {
        one.close();
      }
    }
  }

  private static Wire slowly(String path, String who) throws IOException {
    return new Wire().head("POST " + path, JSON, who, length(40_000)).say("{");
  }
}
