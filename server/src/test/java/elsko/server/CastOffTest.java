package elsko.server;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.server.RunningElsko.Answer;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** May we go? Over the wire, by account and by link. */
@ExtendWith(RunningElsko.class)
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class CastOffTest {
  private static final Map<String, Object> FUEL =
      Map.of(
          "tanks",
          List.of(Map.of("name", "", "capacityLiters", 200, "feeds", List.of("CENTER"))),
          "litersPerHour",
          Map.of("CENTER", 20),
          "speedKn",
          6);

  /** A boat afloat and in service. */
  private static Yarn afloat(String name) {
    Yarn yarn = new Yarn(name);
    yarn.account = "coordinator";
    for (JsonNode berth : RunningElsko.as("viewer").get("/api/yard/plan").body().path("berths")) {
      if (berth.path("name").asString().startsWith("W")
          && yarn.send(Yarn.entry("BERTH_MOVED", "berth", berth.path("id").asString())).status()
              == 200) {
        return yarn;
      }
    }
    throw new AssertionError("no berth on the water is free");
  }

  private static JsonNode round(Yarn yarn) {
    return RunningElsko.as("viewer").get("/api/cast-off/boats/" + yarn.boat).body();
  }

  /** Everything found as it should be. */
  private static Map<String, Object> good(JsonNode round) {
    List<Object> set = new ArrayList<>();
    List<Object> seen = new ArrayList<>();
    List<Object> read = new ArrayList<>();
    for (JsonNode part : round.path("parts")) {
      for (JsonNode check : part.path("checks")) {
        JsonNode ask = check.path("ask");
        Map<String, Object> answer = new LinkedHashMap<>();
        if (ask.path("kind").asString().equals("SET")) {
          answer.put("fitting", ask.path("fitting").asString());
          answer.put("state", ask.path("to").asString());
          set.add(answer);
          continue;
        }
        answer.put("engine", ask.path("engine").isNull() ? null : ask.path("engine").asString());
        if (ask.path("kind").asString().equals("SEE")) {
          JsonNode condition = ask.path("condition");
          answer.put("condition", condition.path("key").asString());
          answer.put("finding", condition.path("findings").get(0).path("key").asString());
          seen.add(answer);
        } else {
          answer.put("limit", ask.path("limit").asString());
          answer.put("value", 12);
          read.add(answer);
        }
      }
    }
    Map<String, Object> sent = new LinkedHashMap<>();
    sent.put("id", UUID.randomUUID().toString());
    sent.put("deviceTime", RunningElsko.now().toString());
    sent.put("kind", "SHORT");
    sent.put("set", set);
    sent.put("seen", seen);
    sent.put("read", read);
    sent.put("trip", trip(80));
    return sent;
  }

  private static Map<String, Object> trip(double gauge) {
    return Map.of("hours", 4, "roundTrip", true, "gaugePercent", List.of(gauge), "fitted", FUEL);
  }

  private static Answer end(Yarn yarn, Object sent) {
    return RunningElsko.as("yardhand").post("/api/cast-off/boats/" + yarn.boat + "/rounds", sent);
  }

  private static Answer byLink(String method, String path, Object body, String key) {
    return RunningElsko.as(null)
        .send(method, "/api/owner" + path, body, Map.of("X-Elsko-Link", key));
  }

  private static JsonNode link(Yarn yarn, Object days) {
    Answer made =
        RunningElsko.as("coordinator")
            .post("/api/cast-off/boats/" + yarn.boat + "/links", Map.of("days", days));
    assertThat(made.status()).isEqualTo(200);
    return made.body();
  }

  @Test
  void aRoundThatIsGoodIsAGoIsKeptOnceAndItsReadingsStandOnTheBoat() {
    Yarn yarn = afloat("Goer");
    Map<String, Object> sent = good(round(yarn));
    Answer first = end(yarn, sent);
    assertThat(first.status()).as(first.raw().body()).isEqualTo(200);
    assertThat(first.body().path("go").asBoolean()).isTrue();
    assertThat(end(yarn, sent).status()).isEqualTo(200);
    JsonNode log =
        RunningElsko.as("viewer").get("/api/boats/" + yarn.boat + "/log").body().path("entries");
    assertThat(log.toString()).containsOnlyOnce("Short round, go");
    assertThat(round(yarn).path("lastRound").path("by").asString()).isEqualTo("yardhand");
    assertThat(RunningElsko.as("viewer").get("/api/boats/" + yarn.boat + "/readings").raw().body())
        .contains("all back");
  }

  @Test
  void tooLittleFuelIsANoGoWithTheLitersToAddAndBadNumbersAreRefusedAtTheField() {
    Yarn yarn = afloat("Dry");
    Map<String, Object> sent = good(round(yarn));
    sent.put("trip", Map.of("hours", 4, "gaugePercent", List.of(40)));
    assertThat(end(yarn, sent).field()).isEqualTo("trip.fitted");
    sent.put("trip", trip(40));
    assertThat(end(yarn, sent).body().path("reasons").get(0).asString())
        .isEqualTo("Fuel: Not enough: add 36 L.");
    sent.put("id", UUID.randomUUID().toString());
    sent.put("trip", trip(140));
    Answer refused = end(yarn, sent);
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.field()).isEqualTo("trip.gaugePercent[0]");
    sent.put("trip", trip(80));
    sent.put(
        "read", List.of(Map.of("engine", "CENTER", "limit", "water-at-exhaust", "value", 9_000)));
    assertThat(end(yarn, sent).field()).isEqualTo("read[0].value");
    sent.put("read", List.of());
    Answer open = end(yarn, sent);
    assertThat(open.status()).isEqualTo(409);
    assertThat(open.reason()).contains("Still open: Start the engine");
  }

  @Test
  void howFarADevicesClockIsOffIsSeenFromWhenItSends() {
    Yarn yarn = new Yarn("Ahead");
    Instant wrong = RunningElsko.now().plus(Duration.ofDays(5));
    Map<String, Object> back = new HashMap<>();
    back.put("id", UUID.randomUUID().toString());
    back.put("deviceTime", wrong.minusSeconds(600).toString());
    back.put("hours", 2);
    String path = "/api/cast-off/boats/" + yarn.boat + "/after";
    assertThat(RunningElsko.as("yardhand").post(path, back).field()).isEqualTo("deviceTime");
    back.put("sentAt", wrong.toString());
    assertThat(RunningElsko.as("yardhand").post(path, back).status()).isLessThan(300);
    Instant kept =
        Instant.parse(
            RunningElsko.as("viewer")
                .get("/api/boats/" + yarn.boat + "/log")
                .body()
                .path("entries")
                .get(0)
                .path("deviceTime")
                .asString());
    assertThat(Duration.between(kept, RunningElsko.now()))
        .isBetween(Duration.ofMinutes(9), Duration.ofMinutes(12));
  }

  @Test
  void anIdOfAnotherBoatsEntryIsRefused() {
    Yarn other = new Yarn("Owned");
    Map<String, Object> note = Yarn.entry("NOTED", "text", "ours");
    other.kept(note);
    Map<String, Object> taken =
        Map.of("id", note.get("id"), "deviceTime", RunningElsko.now().toString(), "hours", 2);
    Answer refused =
        RunningElsko.as("yardhand")
            .post("/api/cast-off/boats/" + new Yarn("Thief").boat + "/after", taken);
    assertThat(refused.status()).isEqualTo(409);
    assertThat(refused.field()).isEqualTo("id");
    assertThat(RunningElsko.as("viewer").get("/api/boats/" + other.boat + "/log").raw().body())
        .contains("Note: ours");
  }

  @Test
  void whatItBurnsIsKeptWithTheBoat() {
    Yarn yarn = new Yarn("Thirsty");
    String path = "/api/cast-off/boats/" + yarn.boat + "/fuel";
    assertThat(round(yarn).path("fuel").isNull()).isTrue();
    assertThat(RunningElsko.as("technician").put(path, FUEL, null).status()).isEqualTo(428);
    assertThat(RunningElsko.as("technician").put(path, FUEL, "\"0\"").status()).isEqualTo(200);
    assertThat(RunningElsko.as("technician").put(path, FUEL, "\"0\"").status())
        .as("on a version that is over")
        .isEqualTo(412);
    assertThat(round(yarn).path("fuelVersion").asLong()).isEqualTo(1);
    assertThat(round(yarn).path("fuel").path("litersPerHour").path("CENTER").asDouble())
        .isEqualTo(20);
    Answer refused =
        RunningElsko.as("technician")
            .put(path, Map.of("tanks", List.of(), "litersPerHour", Map.of()), null);
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.field()).isEqualTo("tanks");
  }

  @Test
  void whatItBurnsSaidByAnOwnerComesToTheYardWithTheRoundAndIsDescribedOnce() {
    Yarn yarn = afloat("Owned and thirsty");
    String key = link(yarn, 3).path("key").asString();
    Map<String, Object> sent = good(round(yarn));
    assertThat(round(yarn).path("fuel").isNull()).isTrue();
    assertThat(byLink("POST", "/rounds", sent, key).status()).isEqualTo(200);
    JsonNode said = round(yarn).path("fuel");
    assertThat(said).isEqualTo(byLink("GET", "/round?kind=SHORT", null, key).body().path("fuel"));
    assertThat(said.path("litersPerHour").path("CENTER").asDouble()).isPositive();
    Map<String, Object> other = new LinkedHashMap<>(FUEL);
    other.put("speedKn", 5.5);
    sent.put("id", UUID.randomUUID().toString());
    Map<String, Object> trip = new HashMap<>(trip(80));
    trip.put("fitted", other);
    sent.put("trip", trip);
    assertThat(byLink("POST", "/rounds", sent, key).status()).isEqualTo(200);
    assertThat(round(yarn).path("fuel")).isEqualTo(said);
  }

  @Test
  void aBoatBackFromSaltWaterIsToBeFlushedAndAnEngineThatRanHotHoldsItBack() {
    Yarn yarn = afloat("Back");
    yarn.kept(Yarn.entry("CIRCUIT_SEEN", "circuit", "engine", "inService", true));
    yarn.kept(Yarn.entry("CAME_BACK", "hours", 3.5));
    assertThat(round(yarn).path("flush").asString()).contains("Back from salt water");
    assertThat(yarn.view().body().path("decision").path("kind").asString())
        .isEqualTo("NOT_FLUSHED");
    yarn.kept(Yarn.entry("ENGINE_TROUBLED", "trouble", "RAN_HOT"));
    assertThat(round(yarn).path("standing").toString()).contains("The engine ran hot");
    assertThat(yarn.view().body().path("decision").path("words").asString())
        .startsWith("Red tag. Engine: over temperature.");
  }

  @Test
  void aLinkOpensItsBoatAloneUntilItIsWithdrawnOrOver() {
    Yarn yarn = afloat("Linked");
    JsonNode made = link(yarn, 30);
    String key = made.path("key").asString();
    JsonNode round = byLink("GET", "/round?kind=SHORT", null, key).body();
    assertThat(round.path("name").asString()).startsWith("Linked");
    assertThat(byLink("POST", "/rounds", good(round), key).body().path("go").asBoolean()).isTrue();
    assertThat(
            byLink(
                    "POST",
                    "/after",
                    Map.of(
                        "id",
                        UUID.randomUUID().toString(),
                        "deviceTime",
                        RunningElsko.now().toString(),
                        "hours",
                        2),
                    key)
                .status())
        .isEqualTo(200);
    Map<String, Object> complaint = new HashMap<>();
    complaint.put("id", UUID.randomUUID().toString());
    complaint.put("deviceTime", RunningElsko.now().toString());
    complaint.put("engine", "CENTER");
    complaint.put("complaint", "STEAMS_UNDER_LOAD");
    assertThat(byLink("POST", "/after", complaint, key).status()).isEqualTo(200);
    assertThat(
            RunningElsko.as("viewer")
                .get("/api/boats/" + yarn.boat + "/complaints")
                .body()
                .path(0)
                .path("by")
                .asString())
        .isEqualTo("owner, by link");
    // The key is good for nothing else.
    for (String path : List.of("/api/boats", "/api/boats/" + yarn.boat, "/api/yard/plan")) {
      assertThat(
              RunningElsko.as(null).send("GET", path, null, Map.of("X-Elsko-Link", key)).status())
          .isEqualTo(401);
    }
    JsonNode kept =
        RunningElsko.as("coordinator")
            .get("/api/cast-off/boats/" + yarn.boat + "/links")
            .body()
            .get(0);
    assertThat(kept.path("opens").asBoolean()).isTrue();
    assertThat(kept.toString()).doesNotContain(key);
    String id = made.path("id").asString();
    assertThat(RunningElsko.as("coordinator").delete("/api/cast-off/links/" + id).status())
        .isEqualTo(200);
    Answer dead = byLink("GET", "/round", null, key);
    assertThat(dead.status()).isEqualTo(404);
    assertThat(dead.reason()).contains("opens nothing any more");
    assertThat(byLink("POST", "/rounds", good(round), key).status()).isEqualTo(404);
  }

  @Test
  void aLinkNeedsAnEnd() {
    Yarn yarn = new Yarn("Endless");
    String path = "/api/cast-off/boats/" + yarn.boat + "/links";
    for (Object days : List.of(0, 401)) {
      Answer refused = RunningElsko.as("coordinator").post(path, Map.of("days", days));
      assertThat(refused.field()).isEqualTo("days");
    }
    assertThat(RunningElsko.as("coordinator").post(path, Map.of()).field()).isEqualTo("days");
  }

  @Test
  void whoeverGuessesHasToWaitAndHoldsUpNobody() {
    String key = link(new Yarn("Guessed"), 3).path("key").asString();
    assertThat(byLink("GET", "/round", null, key).status()).isEqualTo(200);
    for (int i = 0; i < 8; i++) {
      assertThat(byLink("GET", "/round", null, "guess" + i).status()).isEqualTo(404);
    }
    Answer slowed = byLink("GET", "/round", null, "guess9");
    assertThat(slowed.status()).isEqualTo(429);
    assertThat(slowed.raw().headers().firstValue("Retry-After")).isPresent();
    assertThat(byLink("GET", "/round", null, key).status()).isEqualTo(200);
  }

  @Test
  void aLinkSaysNoMoreThanAPersonDoes() {
    String key = link(new Yarn("Chattering"), 3).path("key").asString();
    Map<String, Integer> answers = new TreeMap<>();
    for (int i = 0; i < 60; i++) {
      Answer answer = byLink("POST", "/after", Map.of(), key);
      answers.merge(answer.status() == 429 ? "slowed" : "looked at", 1, Integer::sum);
    }
    assertThat(answers).isEqualTo(Map.of("looked at", 30, "slowed", 30));
    assertThat(byLink("GET", "/round", null, key).status()).as("it still reads").isEqualTo(200);
  }
}
