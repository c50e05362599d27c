package elsko.server;

import static elsko.server.Yarn.entry;
import static elsko.server.Yarn.set;
import static org.assertj.core.api.Assertions.assertThat;

import elsko.server.RunningElsko.Answer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningElsko.class)
class CardOverTheWireTest {
  private Yarn yarn;
  private String card;

  @BeforeEach
  void open() {
    yarn = new Yarn("Carded");
    card = UUID.randomUUID().toString();
    yarn.kept(entry("CIRCUIT_SEEN", "circuit", "engine"), Yarn.winterizing(card, "POUR"));
  }

  private Map<String, Object> on(String step, Map<String, Object> entry) {
    Map<String, Object> on = new HashMap<>(entry);
    on.put("card", card);
    on.put("step", step);
    return on;
  }

  private JsonNode card() {
    Answer answer = RunningElsko.as("viewer").get("/api/boats/" + yarn.boat + "/cards/" + card);
    assertThat(answer.status()).isEqualTo(200);
    return answer.body();
  }

  private JsonNode step(String key) {
    for (JsonNode step : card().path("steps")) {
      if (step.path("key").asString().equals(key)) {
        return step;
      }
    }
    throw new AssertionError(key);
  }

  private static List<String> open(JsonNode step) {
    List<String> labels = new ArrayList<>();
    for (JsonNode ask : step.path("asks")) {
      if (!ask.path("answered").asBoolean()) {
        labels.add(ask.path("label").asString());
      }
    }
    return labels;
  }

  @Test
  void whatIsSaidAtAStepShowsThere() {
    yarn.kept(on("warm-up", set("feed", "HOSE")));
    yarn.kept(on("warm-up", entry("ENGINE_STARTED", "basis", "FED")));
    yarn.kept(on("warm-up", entry("READING_TAKEN", "limit", "warm-plateau", "value", 55)));
    JsonNode warmUp = step("warm-up");
    assertThat(open(warmUp)).containsExactly("stop the engine", "water off");
    JsonNode reading = warmUp.path("said").get(2);
    assertThat(reading.path("words").asString()).isEqualTo("Warm plateau 55 °C");
    assertThat(reading.path("judgement").asString()).contains("not open yet");
    Answer hot =
        yarn.send(on("warm-up", entry("READING_TAKEN", "limit", "warm-plateau", "value", 300)));
    assertThat(hot.field()).isEqualTo("value");
  }

  @Test
  void aSkippedStepKeepsItsReasonAndLetsTheNextOneBeDone() {
    assertThat(yarn.send(on("warm-up", entry("STEP_SKIPPED", "reason", " "))).field())
        .isEqualTo("reason");
    assertThat(yarn.send(on("drain", entry("STEP_DONE"))).reason()).startsWith("First \"Warm");
    yarn.kept(on("warm-up", entry("STEP_SKIPPED", "reason", "came in warm")));
    assertThat(step("warm-up").path("standing").asString()).isEqualTo("SKIPPED");
    assertThat(step("warm-up").path("skippedBecause").asString()).isEqualTo("came in warm");
    assertThat(step("drain").path("waitsFor").size()).isZero();
  }

  @Test
  void someoneElseGoesOnAndBothAreOnTheRecord() {
    yarn.kept(on("warm-up", entry("NOTED", "text", "muffs leak")));
    yarn.account = "coordinator";
    yarn.kept(
        Map.of(
            "id",
            UUID.randomUUID().toString(),
            "kind",
            "CARD_TAKEN",
            "deviceTime",
            RunningElsko.now().toString(),
            "card",
            card));
    yarn.kept(on("warm-up", entry("STEP_SKIPPED", "reason", "no water tonight")));
    assertThat(card().path("heldBy").asString()).isEqualTo("coordinator");
    assertThat(card().path("openedBy").asString()).isEqualTo("technician");
    assertThat(step("warm-up").path("said").get(0).path("person").asString())
        .isEqualTo("technician");
    assertThat(step("warm-up").path("by").asString()).isEqualTo("coordinator");
  }

  @Test
  void aSecondCardIsNotOpenedBesideTheFirst() {
    Answer second = yarn.send(Yarn.winterizing(UUID.randomUUID().toString(), "DRAW"));
    assertThat(second.status()).isEqualTo(409);
    assertThat(second.reason()).contains("Go on with that one");
    assertThat(yarn.send(Yarn.winterizing(card, "DRAW")).status()).isEqualTo(409);
    assertThat(yarn.send(entry("CARD_OPENED", "procedure", "WINTERIZE")).field()).isEqualTo("card");
  }

  @Test
  void aCardOfAnotherBoatIsNotThere() {
    Yarn other = new Yarn("Other");
    assertThat(RunningElsko.as("viewer").get("/api/boats/" + other.boat + "/cards/" + card).field())
        .isEqualTo("card");
  }

  @Test
  void theLogIsReadInPagesNewestFirst() {
    for (int i = 0; i < 7; i++) {
      yarn.kept(entry("NOTED", "text", "note " + i));
    }
    String path = "/api/boats/" + yarn.boat + "/log?limit=4";
    JsonNode first = RunningElsko.as("viewer").get(path).body();
    assertThat(first.path("entries").size()).isEqualTo(4);
    assertThat(first.path("more").asBoolean()).isTrue();
    assertThat(first.path("entries").get(0).path("words").asString()).isEqualTo("Note: note 6");
    long before = first.path("entries").get(3).path("seq").asLong();
    JsonNode second = RunningElsko.as("viewer").get(path + "&before=" + before).body();
    assertThat(second.path("entries").get(0).path("words").asString()).isEqualTo("Note: note 2");
    long last = second.path("entries").get(3).path("seq").asLong();
    JsonNode third = RunningElsko.as("viewer").get(path + "&before=" + last).body();
    assertThat(third.path("entries").size()).isEqualTo(1);
    assertThat(third.path("more").asBoolean()).isFalse();
  }
}
