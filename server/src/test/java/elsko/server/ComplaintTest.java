package elsko.server;

import static elsko.server.Yarn.entry;
import static org.assertj.core.api.Assertions.assertThat;

import elsko.server.RunningElsko.Answer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** From what an owner says to the work and the curve, over the wire. */
@ExtendWith(RunningElsko.class)
class ComplaintTest {
  private final Yarn yarn = new Yarn("Steaming");

  private JsonNode complaints() {
    Answer answer = RunningElsko.as("viewer").get("/api/boats/" + yarn.boat + "/complaints");
    assertThat(answer.status()).isEqualTo(200);
    return answer.body();
  }

  private static JsonNode cause(JsonNode complaint, String key) {
    for (JsonNode cause : complaint.path("causes")) {
      if (cause.path("key").asString().equals(key)) {
        return cause;
      }
    }
    throw new AssertionError(key);
  }

  @Test
  void causesWorkAndWhatWaitingRisksFollowFromATap() {
    assertThat(complaints()).isEmpty();
    yarn.kept(entry("COMPLAINED", "complaint", "STEAMS_UNDER_LOAD"));
    JsonNode one = complaints().path(0);
    assertThat(one.path("words").asString()).isEqualTo("Steams under load");
    assertThat(one.path("causes").size()).isGreaterThan(3);
    assertThat(one.path("minutesToFind").asDouble())
        .isPositive()
        .isLessThan(one.path("minutesForAll").asDouble());
    assertThat(one.path("waiting").asDouble()).isPositive();

    JsonNode impeller = cause(one, "impeller").path("work");
    assertThat(impeller.path("card").asString()).isEqualTo("PUMP");
    assertThat(impeller.path("wanted").asBoolean()).isFalse();
    JsonNode choice = impeller.path("choices").path(0);
    yarn.kept(
        entry(
            "CARD_OPENED",
            "card",
            UUID.randomUUID().toString(),
            "procedure",
            "PUMP",
            "choices",
            Map.of(choice.path("circuit").asString(), choice.path("usual").asString())));
    assertThat(cause(complaints().path(0), "impeller").path("work").path("wanted").asBoolean())
        .isTrue();

    yarn.kept(entry("DUE_PLANNED", "engine", "CENTER", "item", "elbow"));
    assertThat(cause(complaints().path(0), "elbow").path("work").path("wanted").asBoolean())
        .isTrue();
  }

  @Test
  void whatIsSeenToComesAfterWhatStandsAndShowsItsCurve() {
    Map<String, Object> hot = entry("COMPLAINED", "complaint", "RAN_HOT");
    yarn.kept(entry("READING_TAKEN", "limit", "warm-plateau", "value", 80));
    yarn.kept(hot);
    yarn.kept(entry("COMPLAINED", "complaint", "WET_BILGE"));
    yarn.kept(entry("WORK_DONE", "work", hot.get("id")));
    yarn.kept(entry("READING_TAKEN", "limit", "warm-plateau", "value", 71));
    List<String> order = new ArrayList<>();
    complaints().forEach(one -> order.add(one.path("complaint").asString()));
    assertThat(order).containsExactly("WET_BILGE", "RAN_HOT");
    assertThat(complaints().path(1).path("curve").path("words").asString())
        .isEqualTo("Held at 80 °C before, 71 °C after: 9 K lower.");
    assertThat(yarn.send(entry("WORK_DONE", "work", hot.get("id"))).field()).isEqualTo("work");
  }

  @Test
  void whatIsNoComplaintIsRefusedAtItsField() {
    assertThat(yarn.send(entry("COMPLAINED", "complaint", "GRUMBLES")).status())
        .isBetween(400, 499);
    assertThat(yarn.send(entry("COMPLAINED")).field()).isEqualTo("complaint");
  }

  @Test
  void itIsSaidAfterASeasonOnItsOwn() {
    Map<String, Object> after = new HashMap<>();
    after.put("id", UUID.randomUUID().toString());
    after.put("deviceTime", RunningElsko.now().toString());
    after.put("complaint", "HARD_TO_START");
    String path = "/api/cast-off/boats/" + yarn.boat + "/after";
    assertThat(RunningElsko.as("yardhand").post(path, after).status()).isLessThan(300);
    assertThat(complaints().path(0).path("complaint").asString()).isEqualTo("HARD_TO_START");
    after.put("hours", 3);
    after.put("id", UUID.randomUUID().toString());
    assertThat(RunningElsko.as("yardhand").post(path, after).field()).isEqualTo("hours");
  }
}
