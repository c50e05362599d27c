package elsko.server;

import static elsko.server.Yarn.entry;
import static elsko.server.Yarn.pour;
import static elsko.server.Yarn.set;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import elsko.server.RunningElsko.Answer;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/**
 * What counts as evidence over the wire: when it happened, what frost did, what somebody accepts.
 */
@ExtendWith(RunningElsko.class)
class EvidenceTest {
  private static final RunningElsko.Client COORDINATOR = RunningElsko.as("coordinator");

  private static Map<String, Object> minutesAgo(int minutes, Map<String, Object> entry) {
    Map<String, Object> earlier = new HashMap<>(entry);
    earlier.put("deviceTime", RunningElsko.now().minusSeconds(minutes * 60L).toString());
    return earlier;
  }

  private static JsonNode waited(Yarn yarn, Map<String, Object> entry) {
    return RunningElsko.as(yarn.account)
        .post(
            "/api/boats/" + yarn.boat + "/waiting-entries",
            Map.of("entries", List.of(entry), "sentAt", RunningElsko.now().toString()))
        .body()
        .path("answers")
        .get(0);
  }

  private static String fitting(Yarn yarn, String key) {
    for (JsonNode fitting : yarn.view().body().path("fittings")) {
      if (fitting.path("key").asString().equals(key)) {
        return fitting.path("state").asString();
      }
    }
    throw new AssertionError(key);
  }

  private static String mark(Yarn yarn, int newest) {
    return RunningElsko.as("viewer")
        .get("/api/boats/" + yarn.boat + "/log?limit=20")
        .body()
        .path("entries")
        .get(newest)
        .path("mark")
        .asString("");
  }

  @Test
  void anInThatWaitedDoesNotOverrideTheOutThatCameAfterIt() {
    Yarn yarn = new Yarn("Ordered");
    yarn.kept(minutesAgo(60, set("block-port-drain", "OUT_BAGGED")));
    assertThat(waited(yarn, minutesAgo(120, set("block-port-drain", "IN"))).path("reason").isNull())
        .isTrue();
    assertThat(fitting(yarn, "block-port-drain")).isEqualTo("OUT_BAGGED");
  }

  @Test
  void aLateStartThatARuleForbadeIsKeptAndTheBoatAsksUntilItIsSettled() {
    Yarn yarn = new Yarn("Forbidden");
    yarn.kept(entry("CIRCUIT_SEEN", "circuit", "engine", "inService", false), set("drive", "UP"));
    Map<String, Object> start = entry("ENGINE_STARTED", "basis", "FED", "seconds", 0);
    assertThat(yarn.send(start).status()).isEqualTo(409);
    yarn.kept(minutesAgo(180, set("feed", "HOSE")));
    yarn.kept(minutesAgo(170, set("drive", "UP")));
    assertThat(
            waited(yarn, minutesAgo(160, entry("ENGINE_STARTED", "basis", "FED", "seconds", 0)))
                .path("reason")
                .isNull())
        .isTrue();
    assertThat(mark(yarn, 0)).startsWith("A rule forbade it then:");
    JsonNode boat = yarn.view().body();
    assertThat(boat.path("decision").path("kind").asString()).isEqualTo("CONTRADICTED");
    String late = boat.path("contradicted").get(0).path("entry").asString();
    yarn.kept(entry("LATE_SETTLED", "work", late, "text", "the joints are whole"));
    assertThat(yarn.view().body().path("contradicted").size()).isZero();
    assertThat(yarn.send(entry("LATE_SETTLED", "entry", late, "found", "again")).field())
        .isEqualTo("entry");
  }

  @Test
  void whatLaterEntriesRestedOnIsNamed() {
    Yarn yarn = new Yarn("Upset").filled();
    assertThat(waited(yarn, minutesAgo(3, entry("NOTED", "text", "cold"))).path("reason").isNull())
        .isTrue();
    Yarn poured = new Yarn("Poured");
    poured.kept(minutesAgo(60, entry("CIRCUIT_SEEN", "circuit", "engine", "inService", false)));
    poured.kept(minutesAgo(50, set("recirculation-hose", "OFF")));
    poured.kept(minutesAgo(20, pour("recirculation-hose", 4)));
    waited(poured, minutesAgo(40, set("block-port-drain", "OUT_BAGGED")));
    assertThat(poured.view().body().path("contradicted").get(0).path("words").asString())
        .contains("1 later entry could not have been made");
  }

  @Test
  void whatIsSaidToHaveHappenedBeforeTheDeviceSawTheBoatProvesNothing() {
    Yarn yarn = new Yarn("Afterwards").filled();
    yarn.kept(Yarn.jug(-19));
    Instant seen = RunningElsko.now().plusSeconds(60);
    for (String point :
        List.of("block-port", "block-starboard", "manifold-port", "manifold-starboard")) {
      Map<String, Object> sample = Yarn.sample(point, -18.8);
      sample.put("downloadedAt", seen.toString());
      yarn.kept(sample);
    }
    assertThat(yarn.protection()).isEqualTo("FILLED");
    assertThat(mark(yarn, 0)).startsWith("Entered afterwards");
    for (String point :
        List.of("block-port", "block-starboard", "manifold-port", "manifold-starboard")) {
      yarn.kept(Yarn.sample(point, -18.8));
    }
    assertThat(yarn.protection()).isEqualTo("PROVEN");
  }

  @Test
  void onlyACoordinatorAcceptsARiskAndItLeavesWhatIsToBeDecided() {
    Yarn yarn = new Yarn("Risky");
    yarn.kept(entry("CIRCUIT_SEEN", "circuit", "engine", "inService", false));
    String day = RunningElsko.today().plusDays(5).toString();
    Map<String, Object> taken =
        entry("ACCEPTED", "circuit", "engine", "reason", "heated", "until", day);
    assertThat(yarn.send(taken).status()).isEqualTo(403);
    yarn.account = "coordinator";
    assertThat(yarn.send(entry("ACCEPTED", "circuit", "engine", "until", day)).field())
        .isEqualTo("reason");
    assertThat(yarn.send(entry("ACCEPTED", "circuit", "engine", "reason", "heated")).field())
        .isEqualTo("until");
    yarn.kept(entry("ACCEPTED", "circuit", "engine", "reason", "heated", "until", day));
    JsonNode boat = yarn.view().body();
    assertThat(boat.path("protection").asString()).isEqualTo("WET");
    assertThat(boat.path("decision").isNull()).isTrue();
    assertThat(boat.path("circuits").get(0).path("accepted").asString())
        .startsWith("Accepted until ")
        .endsWith("by coordinator: heated");
  }

  @Test
  void aCrackStopsTheLaunchAndStandsOnTheBoatsFrost() {
    Yarn yarn = new Yarn("Cracked");
    yarn.kept(entry("CIRCUIT_SEEN", "circuit", "engine", "inService", false));
    assertThat(yarn.send(entry("FROST_LOOKED", "circuit", "engine", "finding", "x")).field())
        .isEqualTo("finding");
    yarn.kept(entry("FROST_LOOKED", "circuit", "engine", "finding", "crack"));
    JsonNode frost = COORDINATOR.get("/api/boats/" + yarn.boat + "/frost").body();
    assertThat(frost.path("feared").get(0).path("words").asString())
        .startsWith("A crack was found.");
    assertThat(frost.path("feared").get(0).path("look").path("findings").size()).isEqualTo(4);
    assertThat(yarn.view().body().path("decision").path("kind").asString()).isEqualTo("BROKEN");
    yarn.kept(entry("FROST_LOOKED", "circuit", "engine", "finding", "nothing"));
    assertThat(COORDINATOR.get("/api/boats/" + yarn.boat + "/frost").body().path("feared").size())
        .isZero();
  }

  @Test
  void tonightsLowIsTypedInOneFieldAndGivenBack() {
    double before = tonight();
    Answer typed = COORDINATOR.put("/api/weather/tonight", Map.of("lowC", -9.5), null);
    assertThat(typed.status()).isEqualTo(200);
    try {
      assertThat(typed.body().path("tonight").path("lowC").asDouble()).isEqualTo(-9.5);
      assertThat(tonight()).isCloseTo(-9.5, within(1.0));
      assertThat(COORDINATOR.get("/api/frost").body().path("tonight").size()).isPositive();
    } finally {
      assertThat(COORDINATOR.delete("/api/weather/tonight").status()).isEqualTo(200);
    }
    assertThat(tonight()).isEqualTo(before);
    assertThat(COORDINATOR.put("/api/weather/tonight", Map.of(), null).field()).isEqualTo("lowC");
    assertThat(COORDINATOR.put("/api/weather/tonight", Map.of("lowC", -90), null).field())
        .isEqualTo("lowC");
  }

  private static double tonight() {
    return COORDINATOR.get("/api/frost").body().path("nights").get(0).path("lowC").asDouble();
  }

  @Test
  void springTellsNothingBeforeAnybodyLooked() {
    JsonNode spring = COORDINATOR.get("/api/launch/spring").body();
    assertThat(spring.path("missed").asInt()).isZero();
    assertThat(COORDINATOR.get("/api/judged-anew").body().size()).isZero();
  }
}
