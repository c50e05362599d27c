package elsko.server;

import static elsko.server.Yarn.entry;
import static elsko.server.Yarn.pour;
import static elsko.server.Yarn.set;
import static org.assertj.core.api.Assertions.assertThat;

import elsko.server.RunningElsko.Answer;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What waited on a device is taken in order, once each, and what is refused comes back. */
@ExtendWith(RunningElsko.class)
class WaitingEntriesTest {
  private static Answer sent(Yarn yarn, Instant sentAt, List<Map<String, Object>> entries) {
    Map<String, Object> body = new HashMap<>(Map.of("entries", entries));
    if (sentAt != null) {
      body.put("sentAt", sentAt.toString());
    }
    return RunningElsko.as(yarn.account).post("/api/boats/" + yarn.boat + "/waiting-entries", body);
  }

  private static List<JsonNode> log(Yarn yarn) {
    List<JsonNode> oldestFirst = new ArrayList<>();
    for (JsonNode one :
        RunningElsko.as("viewer")
            .get("/api/boats/" + yarn.boat + "/log?limit=200")
            .body()
            .path("entries")) {
      oldestFirst.add(0, one);
    }
    return oldestFirst;
  }

  @Test
  void whatIsNoEntryIsRefusedWithAllAroundIt() {
    Yarn yarn = new Yarn("Nothing among them");
    for (String path : List.of("/waiting-entries", "/entries")) {
      Answer refused =
          RunningElsko.as("coordinator")
              .post(
                  "/api/boats/" + yarn.boat + path,
                  Map.of("entries", Collections.singletonList(null)));
      assertThat(refused.status()).isEqualTo(422);
      assertThat(refused.field()).isEqualTo("entries");
    }
  }

  @Test
  void oneThatIsRefusedGoesBackWithTheReasonAndTheOthersAreKeptInOrder() {
    Yarn yarn = new Yarn("Waited");
    Answer answer =
        sent(
            yarn,
            RunningElsko.now(),
            List.of(
                set("block-starboard-drain", "OUT_BAGGED"),
                set("recirculation-hose", "OFF"),
                pour("recirculation-hose", 4),
                entry("NOTED", "text", "cold hands")));
    assertThat(answer.status()).isEqualTo(200);
    JsonNode answers = answer.body().path("answers");
    assertThat(answers.get(0).path("reason").isNull()).isTrue();
    assertThat(answers.get(2).path("field").asString()).isEqualTo("liters");
    assertThat(answers.get(2).path("reason").asString())
        .startsWith("Starboard block drain is OUT.");
    assertThat(answers.get(3).path("reason").isNull()).isTrue();
    assertThat(log(yarn).stream().map(one -> one.path("words").asString()))
        .containsExactly(
            "Starboard block drain OUT, bagged", "Recirculation hose OFF", "Note: cold hands");
  }

  @Test
  void sentAgainNothingIsKeptTwiceAndTheAnswersAreTheSame() {
    Yarn yarn = new Yarn("Again");
    List<Map<String, Object>> entries =
        List.of(entry("NOTED", "text", "one"), entry("NOTED", "text", "two"));
    sent(yarn, RunningElsko.now(), entries);
    Answer again = sent(yarn, RunningElsko.now(), entries);
    assertThat(again.body().path("answers")).allMatch(one -> one.path("reason").isNull());
    assertThat(yarn.logLength()).isEqualTo(2);
    Map<String, Object> other = new HashMap<>(entries.get(0));
    other.put("text", "something else");
    assertThat(
            sent(yarn, RunningElsko.now(), List.of(other))
                .body()
                .path("answers")
                .get(0)
                .path("reason")
                .asString())
        .contains("Another entry with this id");
  }

  @Test
  void twoDevicesThatOpenedTheLaidOutCardWorkOnOneCard() {
    Yarn yarn = new Yarn("Shared");
    JsonNode laidOut =
        RunningElsko.as("technician")
            .get("/api/boats/" + yarn.boat + "/card-to-open?procedure=WINTERIZE")
            .body();
    assertThat(yarn.logLength()).as("nothing is opened by looking").isZero();
    String card = laidOut.path("id").asString();
    assertThat(
            RunningElsko.as("viewer")
                .get("/api/boats/" + yarn.boat + "/card-to-open?procedure=WINTERIZE")
                .body()
                .path("id")
                .asString())
        .isEqualTo(card);
    for (String whose : List.of("hers", "his")) {
      Answer answer =
          sent(
              yarn,
              RunningElsko.now(),
              List.of(
                  entry("CARD_OPENED", "card", card, "procedure", "WINTERIZE", "choices", Map.of()),
                  entry("NOTED", "text", whose, "card", card, "step", "drain")));
      assertThat(answer.body().path("answers")).allMatch(one -> one.path("reason").isNull());
    }
    assertThat(log(yarn).stream().map(one -> one.path("kind").asString()))
        .containsExactly("CARD_OPENED", "NOTED", "NOTED");
  }

  @Test
  void whatHappenedIsPutRightByHowFarTheDevicesClockIsOff() {
    Yarn yarn = new Yarn("Wrong clock");
    Instant wrongNow = RunningElsko.now().plusSeconds(300_000);
    Map<String, Object> note = entry("NOTED", "text", "an hour ago");
    note.put("deviceTime", wrongNow.minusSeconds(3600).toString());
    assertThat(sent(yarn, wrongNow, List.of(note)).status()).isEqualTo(200);
    Instant happened = Instant.parse(log(yarn).get(0).path("deviceTime").asString());
    assertThat(happened)
        .isBetween(RunningElsko.now().minusSeconds(3660), RunningElsko.now().minusSeconds(3590));
  }

  @Test
  void whatIsKeptStaysKeptWhenItIsSentAgainByADeviceWhoseClockWasSetMeanwhile() {
    Yarn yarn = new Yarn("Set clock");
    Instant wrongNow = RunningElsko.now().plusSeconds(300_000);
    Map<String, Object> note = entry("NOTED", "text", "once");
    note.put("deviceTime", wrongNow.toString());
    sent(yarn, wrongNow, List.of(note));
    Answer again = sent(yarn, RunningElsko.now(), List.of(note));
    assertThat(again.body().path("answers").get(0).path("reason").isNull()).isTrue();
    Map<String, Object> other = entry("NOTED", "text", "never kept");
    other.put("deviceTime", wrongNow.toString());
    Answer first = sent(yarn, RunningElsko.now(), List.of(other));
    assertThat(first.body().path("answers").get(0).path("reason").asString())
        .contains("more than a day ahead");
    // The same, held up on its way until its device had been told.
    Answer late = sent(yarn, wrongNow, List.of(other));
    assertThat(late.body().path("answers")).isEqualTo(first.body().path("answers"));
    assertThat(yarn.logLength()).isEqualTo(1);
  }

  @Test
  void anEntryNobodyCanReadIsRefusedByItself() {
    Yarn yarn = new Yarn("Unreadable");
    Map<String, Object> noId = new HashMap<>(entry("NOTED", "text", "x"));
    noId.remove("id");
    Answer answer =
        sent(
            yarn,
            null,
            List.of(
                entry("JUG_READ", "lot", "X-1", "reading", -19),
                noId,
                entry("STEP_DONE", "card", UUID.randomUUID().toString(), "step", "drain"),
                entry("NOTED", "text", "fine")));
    JsonNode answers = answer.body().path("answers");
    assertThat(answers.get(0).path("field").asString()).isEqualTo("lot");
    assertThat(answers.get(1).path("field").asString()).isEqualTo("id");
    assertThat(answers.get(2).path("reason").asString()).contains("no such card");
    assertThat(answers.get(3).path("reason").isNull()).isTrue();
    yarn.account = "yardhand";
    assertThat(
            sent(yarn, null, List.of(set("block-port-drain", "OUT_BAGGED")))
                .body()
                .path("answers")
                .get(0)
                .path("field")
                .asString())
        .isEqualTo("role");
    assertThat(sent(yarn, null, List.of()).field()).isEqualTo("entries");
  }

  @Test
  void anInstrumentStandsAsItDidWhenTheSampleWasRead() {
    Yarn yarn = new Yarn("Late").filled();
    assertThat(hoursSinceZeroCheck(yarn, 0)).isLessThan(5);
    assertThat(hoursSinceZeroCheck(yarn, 20)).as("the check was made after it").isGreaterThan(24);
  }

  private static double hoursSinceZeroCheck(Yarn yarn, int hoursAgo) {
    Map<String, Object> jug = Yarn.jug(-19);
    jug.put("deviceTime", RunningElsko.now().minusSeconds(hoursAgo * 3600L).toString());
    JsonNode answers = sent(yarn, RunningElsko.now(), List.of(jug)).body().path("answers");
    assertThat(answers.get(0).path("reason").isNull()).isTrue();
    return log(yarn)
        .get(yarn.logLength() - 1)
        .path("fact")
        .path("with")
        .path("instrument")
        .path("hoursSinceZeroCheck")
        .asDouble();
  }

  @Test
  void theWeakestSampleThatPassesIsToldForEveryLotAndInstrument() {
    JsonNode all = RunningElsko.as("technician").get("/api/bench/weakest-samples").body();
    JsonNode bay = null;
    for (JsonNode one : all) {
      if (one.path("lot").asString().equals("P38-112")
          && one.path("instrument").asString().equals(Yarn.glass())) {
        bay = one;
      }
    }
    assertThat(bay).isNotNull();
    for (JsonNode row : bay.path("rows")) {
      if (row.path("jugReading").asDouble() == -19) {
        Yarn yarn = new Yarn("Edge").filled();
        yarn.kept(Yarn.jug(-19), Yarn.sample("block-port", row.path("weakest").asDouble()));
        yarn.kept(Yarn.sample("manifold-port", row.path("weakest").asDouble() + 0.05));
        List<String> outcomes = new ArrayList<>();
        yarn.view()
            .body()
            .path("circuits")
            .get(0)
            .path("points")
            .forEach(
                point -> {
                  if (!point.path("verdict").isNull()) {
                    outcomes.add(
                        point.path("key").asString()
                            + " "
                            + point.path("verdict").path("outcome").asString());
                  }
                });
        assertThat(outcomes).contains("manifold-port HELD").doesNotContain("block-port HELD");
        return;
      }
    }
    throw new AssertionError("a jug at −19 has a row");
  }
}
