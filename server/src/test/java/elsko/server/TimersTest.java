package elsko.server;

import static elsko.server.Yarn.entry;
import static elsko.server.Yarn.set;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Clocks of all cards in one list, by the server's clock. */
@ExtendWith(RunningElsko.class)
class TimersTest {
  private static JsonNode timerOf(String card) {
    for (JsonNode one : RunningElsko.as("viewer").get("/api/timers").body().path("timers")) {
      if (one.path("card").asString().equals(card)) {
        return one;
      }
    }
    return null;
  }

  private static Map<String, Object> on(String card, Map<String, Object> entry) {
    entry.put("card", card);
    entry.put("step", "warm-up");
    return entry;
  }

  @Test
  void aRunningEngineHasAClockForEverybodyUntilItIsStopped() {
    Yarn yarn = new Yarn("Ticking");
    String card = UUID.randomUUID().toString();
    yarn.secondsAgo = 120;
    yarn.kept(entry("CIRCUIT_SEEN", "circuit", "engine"), Yarn.winterizing(card, "POUR"));
    assertThat(timerOf(card)).isNull();
    yarn.kept(on(card, set("feed", "HOSE")), on(card, entry("ENGINE_STARTED", "basis", "FED")));
    yarn.secondsAgo = 0;
    JsonNode timer = timerOf(card);
    assertThat(timer.path("kind").asString()).isEqualTo("RUN");
    assertThat(timer.path("heldBy").asString()).isEqualTo("technician");
    Instant due = Instant.parse(timer.path("dueAt").asString());
    assertThat(Duration.between(RunningElsko.now(), due))
        .isBetween(Duration.ofSeconds(150), Duration.ofSeconds(180));
    assertThat(
            RunningElsko.as("viewer")
                .get("/api/boats/" + yarn.boat + "/cards/" + card)
                .body()
                .path("timers")
                .get(0)
                .path("dueAt"))
        .isEqualTo(timer.path("dueAt"));
    yarn.kept(on(card, entry("ENGINE_STOPPED")));
    assertThat(timerOf(card)).isNull();
  }

  @Test
  void theListSaysWhatTimeItIs() {
    Instant now =
        Instant.parse(RunningElsko.as("viewer").get("/api/timers").body().path("now").asString());
    assertThat(Duration.between(now, RunningElsko.now()).abs()).isLessThan(Duration.ofSeconds(30));
  }
}
