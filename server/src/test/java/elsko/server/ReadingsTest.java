package elsko.server;

import static elsko.server.Yarn.entry;
import static org.assertj.core.api.Assertions.assertThat;

import elsko.server.RunningElsko.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Readings over the wire: what can be taken, how it is judged, what stays on the boat. */
@ExtendWith(RunningElsko.class)
class ReadingsTest {
  private final Yarn yarn = new Yarn("Read");

  private JsonNode readings() {
    return RunningElsko.as("viewer").get("/api/boats/" + yarn.boat + "/readings").body();
  }

  private JsonNode asked(String limit) {
    for (JsonNode group : readings().path("groups")) {
      for (JsonNode ask : group.path("asks")) {
        if (ask.path("limit").asString("").equals(limit)) {
          return ask;
        }
      }
    }
    throw new AssertionError(limit);
  }

  @Test
  void aReadingComesWithWhatItIsJudgedBy() {
    JsonNode belt = asked("belt-deflection");
    assertThat(belt.path("school").asString()).contains("42 mm per m");
    assertThat(belt.path("limits").path("goodLow").asDouble()).isEqualTo(0.0315);
    assertThat(belt.path("limits").path("against").path("name").asString()).isEqualTo("free span");
    assertThat(belt.path("instead").path("key").asString()).isEqualTo("tensioner-mark");
    assertThat(asked("battery-age").path("against").asDouble()).isBetween(2.0, 5.0);
  }

  @Test
  void aBadReadingIsRefusedAtItsFieldAndNothingIsKept() {
    int before = yarn.logLength();
    Answer alone = yarn.send(entry("READING_TAKEN", "limit", "belt-deflection", "value", 12));
    assertThat(alone.status()).isEqualTo(422);
    assertThat(alone.field()).isEqualTo("against");
    assertThat(
            yarn.send(entry("READING_TAKEN", "limit", "belt-twist", "value", 85, "against", 3))
                .field())
        .isEqualTo("against");
    assertThat(yarn.send(entry("READING_TAKEN", "limit", "gland-drip", "value", -1)).field())
        .isEqualTo("value");
    assertThat(yarn.send(entry("CONDITION_SEEN", "condition", "oil-look")).field())
        .isEqualTo("finding");
    assertThat(
            yarn.send(entry("CONDITION_SEEN", "condition", "oil-look", "finding", "blue")).field())
        .isEqualTo("finding");
    assertThat(yarn.send(entry("CONDITION_SEEN", "condition", "mood", "finding", "bad")).field())
        .isEqualTo("condition");
    assertThat(yarn.send(entry("PIECES_FOUND", "count", 1)).status()).isEqualTo(409);
    assertThat(yarn.send(entry("PIECES_FOUND")).field()).isEqualTo("count");
    assertThat(yarn.logLength()).isEqualTo(before);
  }

  @Test
  void whatIsWrongStaysOnTheBoatUntilItIsPutRight() {
    yarn.kept(
        entry("READING_TAKEN", "limit", "battery", "value", 11.8),
        entry("READING_TAKEN", "limit", "impeller-vanes", "value", 5, "against", 6));
    JsonNode boat = yarn.view().body();
    assertThat(boat.path("openReadings")).hasSize(2);
    assertThat(boat.path("openReadings").get(0).path("call").asString()).isEqualTo("MEND");
    assertThat(boat.path("missingPieces").get(0).path("count").asInt()).isEqualTo(1);
    yarn.kept(
        entry("READING_TAKEN", "limit", "battery", "value", 12.8),
        entry("SERVICE_DONE", "engine", "CENTER", "item", "impeller"),
        entry("PIECES_FOUND", "count", 1, "text", "first rising pipe"));
    boat = yarn.view().body();
    assertThat(boat.path("openReadings")).isEmpty();
    assertThat(boat.path("missingPieces")).isEmpty();
    assertThat(readings().path("last").get(0).path("found").asString()).isEqualTo("12.8 V");
  }

  @Test
  void milkyOilForbidsTheStart() {
    yarn.kept(
        entry("CONDITION_SEEN", "condition", "oil-look", "finding", "milky"),
        Yarn.set("feed", "HOSE"));
    Answer start = yarn.send(entry("ENGINE_STARTED", "basis", "FED"));
    assertThat(start.status()).isEqualTo(409);
    assertThat(start.body().path("detail").asString())
        .startsWith("Red tag. Engine: water in the engine oil (milky");
  }
}
