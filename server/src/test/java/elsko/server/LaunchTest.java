package elsko.server;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.server.RunningElsko.Answer;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Who may go into the water, over the wire. */
@ExtendWith(RunningElsko.class)
class LaunchTest {
  private static JsonNode waiting(String boat) {
    for (JsonNode line : RunningElsko.as("yardhand").get("/api/launch").body().path("boats")) {
      if (line.path("boat").asString().equals(boat)) {
        return line;
      }
    }
    return null;
  }

  private static Answer promise(String boat, String day) {
    return RunningElsko.as("coordinator")
        .put(
            "/api/walks/boats/" + boat + "/dates",
            Map.of("was", Map.of(), "now", Map.of("launchOn", day)),
            null);
  }

  @Test
  void aBoatThatWasPromisedWaitsAndAPlugKeepsItAshore() {
    Yarn yarn = new Yarn("Promised");
    assertThat(waiting(yarn.boat)).isNull();
    String day = RunningElsko.today().plusDays(3).toString();
    assertThat(promise(yarn.boat, day).status()).isEqualTo(200);
    JsonNode ready = waiting(yarn.boat);
    assertThat(ready.path("promisedOn").asString()).isEqualTo(day);
    assertThat(ready.path("ready").asBoolean()).isTrue();
    assertThat(ready.path("place").asInt()).isPositive();
    yarn.kept(Yarn.set("hull-plug", "OUT_BAGGED"));
    JsonNode kept = waiting(yarn.boat);
    assertThat(kept.path("may").asBoolean()).isFalse();
    assertThat(kept.path("lifted").isNull()).isTrue();
    assertThat(kept.path("inTheWay").get(0).path("kind").asString()).isEqualTo("HOLE");
    yarn.kept(Yarn.set("hull-plug", "IN"));
    assertThat(waiting(yarn.boat).path("ready").asBoolean()).isTrue();
  }

  @Test
  void oneBoatIsAskedForByItself() {
    Yarn yarn = new Yarn("Alone");
    JsonNode line = RunningElsko.as("viewer").get("/api/launch/boats/" + yarn.boat).body();
    assertThat(line.path("may").asBoolean()).isTrue();
    assertThat(RunningElsko.as("viewer").get("/api/launch/boats/" + UUID.randomUUID()).status())
        .isEqualTo(404);
    assertThat(promise(yarn.boat, "soon").status()).isEqualTo(400);
  }
}
