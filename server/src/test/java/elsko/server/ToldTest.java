package elsko.server;

import static elsko.server.Yarn.entry;
import static elsko.server.Yarn.set;
import static elsko.server.Yarn.winterizing;
import static org.assertj.core.api.Assertions.assertThat;

import elsko.server.RunningElsko.Answer;
import jakarta.json.Json;
import jakarta.json.JsonStructure;
import java.io.StringReader;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Whoever says what is shown is told what differs, and nothing of it has to be asked for again. */
@ExtendWith(RunningElsko.class)
class ToldTest {
  private static final int MOST_BYTES = 4000;
  private static final String STAMP = "Elsko-Stamp";

  private final Yarn yarn = new Yarn("Told");
  private final String card = UUID.randomUUID().toString();

  private Answer boat() {
    return RunningElsko.as("technician").get("/api/boats/" + yarn.boat);
  }

  private Answer card() {
    return RunningElsko.as("technician").get("/api/boats/" + yarn.boat + "/cards/" + card);
  }

  private static String stamp(Answer answer) {
    return answer.raw().headers().firstValue(STAMP).orElseThrow();
  }

  private Answer sent(String boatStamp, String cardStamp, List<Map<String, Object>> entries) {
    Map<String, Object> showing = new HashMap<>();
    showing.put("boat", boatStamp);
    showing.put("card", card);
    showing.put("cardStamp", cardStamp);
    return RunningElsko.as("technician")
        .post(
            "/api/boats/" + yarn.boat + "/waiting-entries",
            Map.of("entries", entries, "showing", showing));
  }

  private static JsonNode patched(JsonNode before, JsonNode changes) {
    JsonStructure then = Json.createReader(new StringReader(before.toString())).read();
    JsonStructure steps = Json.createReader(new StringReader(changes.toString())).read();
    return RunningElsko.JSON.readTree(Json.createPatch(steps.asJsonArray()).apply(then).toString());
  }

  @Test
  void whatIsToldComesToWhatWouldHaveBeenAskedFor() {
    yarn.kept(entry("CIRCUIT_SEEN", "circuit", "engine", "inService", false));
    yarn.kept(winterizing(card, "POUR"));
    JsonNode boat = boat().body();
    JsonNode shown = card().body();
    String boatStamp = stamp(boat());
    String cardStamp = stamp(card());
    for (Map<String, Object> tapped :
        List.of(
            set("hull-plug", "OUT_BAGGED"),
            entry("NOTED", "text", "cold hands", "card", card, "step", "drain"),
            set("block-starboard-drain", "OUT_BAGGED"),
            entry("LOW_POINT_SEEN", "lowPoint", "block-starboard", "seen", "RAN_CLEAR"))) {
      Answer answer = sent(boatStamp, cardStamp, List.of(tapped));
      assertThat(answer.status()).as(answer.raw().body()).isEqualTo(200);
      assertThat(answer.body().path("answers").get(0).path("reason").isNull()).isTrue();
      assertThat(answer.raw().body()).hasSizeLessThan(MOST_BYTES);
      JsonNode after = answer.body().path("after");
      boat = patched(boat, after.path("boat").path("changes"));
      shown = patched(shown, after.path("card").path("changes"));
      boatStamp = after.path("boat").path("stamp").asString();
      cardStamp = after.path("card").path("stamp").asString();
      assertThat(boat).isEqualTo(boat().body());
      assertThat(shown).isEqualTo(card().body());
      assertThat(after.path("entries").asInt()).isEqualTo(yarn.logLength());
      assertThat(after.path("line").path("id").asString()).isEqualTo(yarn.boat);
    }
  }

  @Test
  void whoeverNamesNothingThatIsKnownIsToldEverything() {
    yarn.kept(winterizing(card, "POUR"));
    for (String stamp : new String[] {null, "of-an-earlier-start"}) {
      Answer answer = sent(stamp, stamp, List.of(entry("NOTED", "text", "a note")));
      JsonNode after = answer.body().path("after");
      assertThat(after.path("boat").path("changes").isNull()).isTrue();
      assertThat(after.path("boat").path("whole")).isEqualTo(boat().body());
      assertThat(after.path("card").path("whole")).isEqualTo(card().body());
    }
  }

  @Test
  void anAnswerThatWasLostIsToldWholeTheNextTime() {
    yarn.kept(winterizing(card, "POUR"));
    String stamp = stamp(boat());
    List<Map<String, Object>> once = List.of(entry("NOTED", "text", "said once"));
    sent(stamp, null, once);
    JsonNode again = sent(stamp, null, once).body();
    assertThat(again.path("after").path("boat").path("whole")).isEqualTo(boat().body());
    assertThat(yarn.logLength()).isEqualTo(2);
  }
}
