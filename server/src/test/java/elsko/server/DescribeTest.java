package elsko.server;

import static elsko.server.Yarn.entry;
import static org.assertj.core.api.Assertions.assertThat;

import elsko.server.RunningElsko.Answer;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningElsko.class)
class DescribeTest {
  private static Map<String, Object> twin(String name, String... has) {
    Map<String, Object> boat = Yarn.described(name);
    boat.put("layout", "SHAFT");
    boat.put(
        "engines",
        List.of(
            Yarn.engine("PORT", "DIESEL", 6, "CLOSED"),
            Yarn.engine("STARBOARD", "DIESEL", 6, "CLOSED")));
    boat.put("accessories", Yarn.answers(has));
    return boat;
  }

  private static Answer draft(Map<String, Object> boat) {
    return RunningElsko.as("coordinator").post("/api/boats/draft", boat);
  }

  private static List<String> circuits(Answer boat) {
    return boat.body().path("circuits").valueStream().map(c -> c.path("key").asString()).toList();
  }

  private static String unique(String name) {
    return name + " " + UUID.randomUUID().toString().substring(0, 8);
  }

  @Test
  void aDraftIsWrittenOutWithItsChoicesAndKeptNowhere() {
    int before = RunningElsko.as("viewer").get("/api/boats").body().size();
    Answer draft = draft(twin("Draft", "GENERATOR", "AIR_CONDITIONING"));
    assertThat(draft.status()).isEqualTo(200);
    assertThat(circuits(draft))
        .contains("port-engine", "starboard-engine", "generator", "air-conditioning");
    assertThat(draft.body().path("engines").get(0).path("exhaust").asString())
        .isEqualTo("WATER_LIFT");
    assertThat(RunningElsko.as("viewer").get("/api/boats").body().size()).isEqualTo(before);
  }

  @Test
  void whatContradictsItselfIsRefusedAtTheEngine() {
    Map<String, Object> boat = Yarn.described("Contradiction");
    boat.put("layout", "OUTBOARD");
    Map<String, Object> engine = Yarn.engine("CENTER", "PETROL", 4, "RAW_WATER");
    engine.put("exhaust", "WATER_LIFT");
    boat.put("engines", List.of(engine));
    Answer refused = draft(boat);
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.field()).isEqualTo("exhaust");
    assertThat(refused.reason()).contains("does not exist on an outboard");
  }

  @Test
  void aDrainOnASegmentThatIsNotThereAndTwoOfOneNameAreRefused() {
    Map<String, Object> boat = Yarn.described("Drains");
    boat.put(
        "addedDrains",
        List.of(
            Map.of(
                "circuit", "engine", "segment", "keel", "name", "keel drain", "kind", "PETCOCK")));
    assertThat(draft(boat).reason()).contains("no such segment");
    boat.put(
        "addedDrains",
        List.of(Map.of("circuit", "engine", "segment", "pump", "name", "Hull Plug")));
    assertThat(draft(boat).reason()).contains("Two fittings are both called");
    boat.put(
        "addedDrains",
        List.of(Map.of("circuit", "engine", "segment", "pump", "name", "pump cover plug")));
    assertThat(draft(boat).status()).isEqualTo(200);
  }

  @Test
  void changesOfThisHullAreKeptWithItsDescription() {
    Map<String, Object> boat = Yarn.described(unique("Own Way"));
    boat.put(
        "segmentChanges",
        List.of(
            Map.of("circuit", "engine", "segment", "intake-hose", "liters", 1.7, "gone", false)));
    boat.put(
        "fittingChanges",
        List.of(
            Map.of(
                "fitting", "block-port-drain",
                "name", "remote hose of the port block",
                "where", "behind the starboard hatch",
                "tool", "13 mm spanner",
                "gone", false)));
    Answer made = RunningElsko.as("coordinator").post("/api/boats", boat);
    assertThat(made.status()).as(made.raw().body()).isEqualTo(201);
    assertThat(made.raw().body())
        .contains("remote hose of the port block", "behind the starboard hatch", "1.7");
  }

  @Test
  void aGeneratorFoundAtIntakeMakesTheBoatUnknownUntilItIsDescribed() {
    Answer made = RunningElsko.as("coordinator").post("/api/boats", twin(unique("Found")));
    String path = "/api/boats/" + made.body().path("id").asString();
    var technician = RunningElsko.as("technician");
    var found = entry("ACCESSORY_SEEN", "accessory", "GENERATOR", "aboard", true);
    Answer kept = technician.post(path + "/entries", Map.of("entries", List.of(found)));
    assertThat(kept.status()).isEqualTo(200);
    Answer boat = technician.get(path);
    assertThat(boat.body().path("protection").asString()).isEqualTo("UNKNOWN");
    assertThat(boat.body().path("decision").path("kind").asString()).isEqualTo("FOUND_ABOARD");
    String etag = boat.raw().headers().firstValue("ETag").orElseThrow();
    Map<String, Object> complete =
        twin(boat.body().path("description").path("name").asString(), "GENERATOR");
    Answer described = RunningElsko.as("coordinator").put(path, complete, etag);
    assertThat(circuits(described)).contains("generator");
    assertThat(described.body().path("unlisted").size()).isZero();
  }

  @Test
  void aTemplateIsSavedUsedAndForgotten() {
    var coordinator = RunningElsko.as("coordinator");
    String name = unique("Twin of the club");
    Map<String, Object> body = Map.of("name", name, "description", twin("Template", "GENERATOR"));
    Answer saved = coordinator.post("/api/boats/templates", body);
    assertThat(saved.status()).isEqualTo(201);
    assertThat(coordinator.post("/api/boats/templates", body).status()).isEqualTo(409);
    assertThat(coordinator.get("/api/boats/templates").raw().body()).contains(name);
    String id = saved.body().path("id").asString();
    assertThat(coordinator.delete("/api/boats/templates/" + id).status()).isEqualTo(204);
    assertThat(coordinator.delete("/api/boats/templates/" + id).status()).isEqualTo(404);
  }

  @Test
  void whatABoatCannotBeDoneByIsNotOfferedAndRefused() {
    Answer made = RunningElsko.as("coordinator").post("/api/boats", twin(unique("Offered")));
    String path = "/api/boats/" + made.body().path("id").asString();
    String offers = RunningElsko.as("technician").get(path + "/offers").raw().body();
    assertThat(offers).contains("PIPE_IN_BUCKET", "STRAINER_SOAK").doesNotContain("\"POUR\"");
    var opened =
        entry(
            "CARD_OPENED",
            "card",
            UUID.randomUUID().toString(),
            "procedure",
            "WINTERIZE",
            "choices",
            Map.of("port-engine", "POUR"));
    Answer refused =
        RunningElsko.as("technician").post(path + "/entries", Map.of("entries", List.of(opened)));
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.field()).isEqualTo("choices");
    assertThat(refused.reason()).contains("thermostat housing");
  }

  @Test
  void theYardsLooseEndsAreThoseOfItsBoats() {
    Yarn yarn = new Yarn("Loose");
    yarn.kept(
        entry("FITTING_SET", "fitting", "impeller", "state", "REMOVED", "reason", "on the bench"));
    String all = RunningElsko.as("viewer").get("/api/boats/loose-ends").raw().body();
    assertThat(all).contains(yarn.boat).contains("on the bench");
  }
}
