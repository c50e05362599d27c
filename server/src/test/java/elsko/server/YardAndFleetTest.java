package elsko.server;

import static elsko.server.Yarn.jug;
import static elsko.server.Yarn.sample;
import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.ledger.BoatState;
import elsko.core.ledger.decision.Decision;
import elsko.server.RunningElsko.Answer;
import elsko.server.fleet.Fleet;
import elsko.server.jobs.JobKind;
import elsko.server.work.log.Log;
import java.time.Duration;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.HashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(RunningElsko.class)
class YardAndFleetTest {
  @Test
  void everyAnswerSaysTheYardsTimeInTheYardsZone() {
    String said =
        RunningElsko.as("viewer")
            .get("/api/yard")
            .raw()
            .headers()
            .firstValue("Elsko-Time")
            .orElse("");
    ZonedDateTime time = ZonedDateTime.parse(said);
    assertThat(time.getZone()).isEqualTo(ZoneId.of("CET"));
    assertThat(Duration.between(time.toInstant(), RunningElsko.now()).abs())
        .isLessThan(Duration.ofMinutes(1));
  }

  @Test
  void theYardsZoneIsASettingThatTheClockGoesByAtOnce() {
    RunningElsko.Client coordinator = RunningElsko.as("coordinator");
    JsonNode yard = coordinator.get("/api/yard").body();
    assertThat(yard.path("timeZone").asString()).isEqualTo("CET");
    ObjectNode change = (ObjectNode) yard.deepCopy();
    change.remove("version");
    assertThat(
            coordinator.put("/api/yard", change.put("timeZone", "Nowhere"), version(yard)).field())
        .isEqualTo("timeZone");
    assertThat(RunningElsko.clock().getZone()).isEqualTo(ZoneId.of("CET"));
    Answer moved = coordinator.put("/api/yard", change.put("timeZone", "UTC"), version(yard));
    try {
      assertThat(moved.body().path("timeZone").asString()).isEqualTo("UTC");
      assertThat(RunningElsko.clock().getZone()).isEqualTo(ZoneId.of("UTC"));
    } finally {
      coordinator.put("/api/yard", change.put("timeZone", "CET"), version(moved.body()));
    }
    assertThat(RunningElsko.clock().getZone()).isEqualTo(ZoneId.of("CET"));
  }

  private static String version(JsonNode yard) {
    return "\"" + yard.path("version").asLong() + "\"";
  }

  private static Map<String, Object> described(String name) {
    Map<String, Object> described = Yarn.described(name);
    described.put("hullLengthM", 6.5);
    described.put("waterUsedIn", "FRESH");
    return described;
  }

  @Test
  void theListIsWhatTheFoldSays() {
    Fleet fleet = RunningElsko.bean(Fleet.class);
    Log log = RunningElsko.bean(Log.class);
    assertThat(fleet.lines()).hasSizeGreaterThanOrEqualTo(12);
    assertThat(fleet.lines())
        .allSatisfy(
            line -> {
              BoatState state = log.folded(line.id()).state();
              assertThat(line.protection()).isEqualTo(state.protection());
              assertThat(line.berth()).isEqualTo(state.berth());
              assertThat(line.afloat()).isEqualTo(state.afloat());
              assertThat(line.looseEnds()).isEqualTo(state.looseEnds().size());
              Decision decision = Decision.of(state).orElse(null);
              assertThat(line.decisionKind()).isEqualTo(decision == null ? null : decision.kind());
              assertThat(line.decisionWords())
                  .isEqualTo(decision == null ? null : decision.words());
            });
  }

  @Test
  void theDemonstrationHasItsTroubles() {
    var boats = RunningElsko.as("viewer").get("/api/boats").body();
    Map<String, String> decisions = new HashMap<>();
    boats.forEach(
        b -> decisions.put(b.path("name").asString(), b.path("decisionKind").asString("")));
    assertThat(decisions)
        .containsEntry("Marram", "HELD")
        .containsEntry("Tide Table", "PLUG_MISSING")
        .containsEntry("Quillwort", "FILLED_NOT_MEASURED")
        .containsEntry("Saltglass", "STILL_WET");
  }

  @Test
  void aStaleEditIsRefusedAndChangesNothing() {
    Yarn yarn = new Yarn("Edited");
    String path = "/api/boats/" + yarn.boat;
    String etag = yarn.view().raw().headers().firstValue("ETag").orElseThrow();
    var coordinator = RunningElsko.as("coordinator");
    Answer unsaid = coordinator.put(path, described("Edited once"), null);
    assertThat(unsaid.status()).isEqualTo(428);
    Answer first = coordinator.put(path, described("Edited one " + yarn.boat), etag);
    assertThat(first.status()).isEqualTo(200);
    Answer stale = coordinator.put(path, described("Edited two " + yarn.boat), etag);
    assertThat(stale.status()).isEqualTo(412);
    assertThat(stale.reason()).contains("Somebody else changed this");
    assertThat(yarn.view().body().path("description").path("name").asString())
        .startsWith("Edited one");
  }

  @Test
  void aBoatThatCannotBeIsRefusedAtItsField() {
    Map<String, Object> boat = described("Impossible");
    boat.put("hullLengthM", 300);
    Answer tooLong = RunningElsko.as("coordinator").post("/api/boats", boat);
    assertThat(tooLong.status()).isEqualTo(422);
    assertThat(tooLong.field()).isEqualTo("hullLengthM");
    Answer taken = RunningElsko.as("coordinator").post("/api/boats", described("marram"));
    assertThat(taken.status()).isEqualTo(409);
    assertThat(taken.field()).isEqualTo("name");
  }

  @Test
  void aChangedDesignLowJudgesEveryStoredReadingAgain() throws Exception {
    Yarn yarn = new Yarn("Rejudged").filled();
    yarn.kept(
        jug(-19),
        sample("block-port", -18.8),
        sample("block-starboard", -18.8),
        sample("manifold-port", -18.8),
        sample("manifold-starboard", -18.8));
    assertThat(yarn.protection()).isEqualTo("PROVEN");
    var coordinator = RunningElsko.as("coordinator");
    Answer yard = coordinator.get("/api/yard");
    Map<String, Object> change = new HashMap<>();
    change.put("name", yard.body().path("name").asString());
    change.put("marginK", 5);
    change.put("policy", "FREEZE");
    change.put("kickAllowed", true);
    change.put("designLowC", -20);
    String etag = yard.raw().headers().firstValue("ETag").orElseThrow();
    Answer whatIf = coordinator.post("/api/judged-anew/what-if", change("FREEZE"));
    assertThat(of(whatIf, yarn.boat)).as("said before it is saved").isEqualTo("PROVEN HELD");
    assertThat(of(coordinator.post("/api/judged-anew/what-if", change("BURST")), yarn.boat))
        .isNull();
    assertThat(coordinator.post("/api/judged-anew/what-if", Map.of("marginK", 5)).field())
        .isEqualTo("designLowC");
    assertThat(yarn.protection()).as("asking keeps nothing").isEqualTo("PROVEN");
    Answer strict = coordinator.put("/api/yard", change, etag);
    assertThat(strict.status()).isEqualTo(200);
    try {
      assertThat(yarn.protection()).as("the boat itself at once").isEqualTo("HELD");
      Background.ends(JobKind.REASSESS);
      assertThat(line(yarn.boat)).isEqualTo("HELD");
      assertThat(of(coordinator.get("/api/judged-anew"), yarn.boat))
          .as("and after it was")
          .isEqualTo("PROVEN HELD");
      assertThat(coordinator.put("/api/yard", change, etag).status()).isEqualTo(412);
    } finally {
      change.put("policy", "BURST");
      coordinator.put("/api/yard", change, strict.raw().headers().firstValue("ETag").orElseThrow());
    }
    Background.ends(JobKind.REASSESS);
    assertThat(line(yarn.boat)).isEqualTo("PROVEN");
  }

  private static Map<String, Object> change(String policy) {
    return Map.of("designLowC", -20, "marginK", 5, "policy", policy);
  }

  /** What a boat was and becomes, or null where it stands as before. */
  private static @Nullable String of(Answer judged, String boat) {
    assertThat(judged.status()).isEqualTo(200);
    for (var one : judged.body()) {
      if (one.path("boat").asString().equals(boat)) {
        return one.path("was").asString() + " " + one.path("became").asString();
      }
    }
    return null;
  }

  @Test
  void theYardsMethodForALayoutIsOfferedAsUsual() {
    Yarn yarn = new Yarn("Schooled");
    var coordinator = RunningElsko.as("coordinator");
    Answer yard = coordinator.get("/api/yard");
    Map<String, Object> change = new HashMap<>();
    change.put("name", yard.body().path("name").asString());
    change.put("marginK", 5);
    change.put("policy", "BURST");
    change.put("kickAllowed", true);
    change.put("designLowC", -20);
    change.put("methods", Map.of("STERNDRIVE", "DRAW"));
    String etag = yard.raw().headers().firstValue("ETag").orElseThrow();
    Answer drawing = coordinator.put("/api/yard", change, etag);
    assertThat(drawing.body().path("methods").path("STERNDRIVE").asString()).isEqualTo("DRAW");
    try {
      assertThat(usualOf(yarn)).isEqualTo("DRAW");
    } finally {
      change.put("methods", Map.of());
      coordinator.put(
          "/api/yard", change, drawing.raw().headers().firstValue("ETag").orElseThrow());
    }
    assertThat(usualOf(yarn)).isEqualTo("POUR");
  }

  private static String usualOf(Yarn yarn) {
    for (var offer : RunningElsko.as("viewer").get("/api/boats/" + yarn.boat + "/offers").body()) {
      if (offer.path("procedure").asString().equals("WINTERIZE")) {
        return offer.path("choices").get(0).path("usual").asString();
      }
    }
    throw new IllegalStateException("winterizing is always offered");
  }

  @Test
  void aHeatedRackIsAddedToTheYard() {
    var coordinator = RunningElsko.as("coordinator");
    Map<String, Object> rack = new HashMap<>();
    rack.put("line", "QQ");
    rack.put("name", "Warm rack");
    rack.put("kind", "RACK");
    rack.put("heated", true);
    rack.put("berths", 3);
    Answer plan = coordinator.post("/api/yard/lines", rack);
    assertThat(plan.status()).isEqualTo(201);
    assertThat(plan.raw().body()).contains("Warm rack").contains("\"kind\":\"RACK\"");
    assertThat(coordinator.post("/api/yard/lines", rack).field()).isEqualTo("line");
  }

  @Test
  void aZeroCheckIsSaidBeforeTheReadingIsTyped() {
    var shelf = RunningElsko.as("viewer").get("/api/bench/shelf").body();
    Map<String, Boolean> trusted = new HashMap<>();
    for (var instrument : shelf.path("instruments")) {
      trusted.put(instrument.path("name").asString(), instrument.path("trusted").asBoolean());
    }
    assertThat(trusted).containsEntry("Bay glass", true).containsEntry("Old coolant glass", false);
    Answer silly =
        RunningElsko.as("technician")
            .post("/api/bench/instruments/" + Yarn.glass() + "/zero-checks", Map.of());
    assertThat(silly.field()).isEqualTo("reading");
  }

  private static String line(String boat) {
    for (var line : RunningElsko.as("viewer").get("/api/boats").body()) {
      if (line.path("id").asString().equals(boat)) {
        return line.path("protection").asString();
      }
    }
    throw new IllegalStateException(boat);
  }
}
