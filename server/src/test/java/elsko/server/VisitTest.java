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

/** The cards of one lay-up over the wire. */
@ExtendWith(RunningElsko.class)
class VisitTest {
  private final String winterizing = UUID.randomUUID().toString();
  private final String service = UUID.randomUUID().toString();
  private Yarn yarn;

  @BeforeEach
  void open() {
    yarn = new Yarn("Visited");
    yarn.kept(
        entry("CIRCUIT_SEEN", "circuit", "engine"),
        entry(
            "CARD_OPENED",
            "card",
            winterizing,
            "procedure",
            "WINTERIZE",
            "choices",
            Map.of("engine", "POUR")));
  }

  private void openService() {
    yarn.kept(
        entry("CARD_OPENED", "card", service, "procedure", "LAY_UP_SERVICE", "choices", Map.of()));
  }

  private static Map<String, Object> on(String card, String step, Map<String, Object> entry) {
    Map<String, Object> on = new HashMap<>(entry);
    on.put("card", card);
    on.put("step", step);
    return on;
  }

  private void warmUp(String card) {
    yarn.kept(on(card, "warm-up", set("feed", "HOSE")));
    yarn.kept(on(card, "warm-up", entry("ENGINE_STARTED", "basis", "FED")));
    yarn.kept(on(card, "warm-up", entry("READING_TAKEN", "limit", "warm-plateau", "value", 72)));
    yarn.kept(on(card, "warm-up", entry("ENGINE_STOPPED")));
    yarn.kept(on(card, "warm-up", set("feed", "NONE")));
  }

  private JsonNode get(String path) {
    Answer answer = RunningElsko.as("viewer").get("/api/boats/" + yarn.boat + path);
    assertThat(answer.status()).isEqualTo(200);
    return answer.body();
  }

  private List<String> phases() {
    List<String> phases = new ArrayList<>();
    get("/visit").forEach(part -> phases.add(part.path("phase").asString()));
    return phases;
  }

  @Test
  void oneCardAloneIsNoVisit() {
    assertThat(get("/visit")).isEmpty();
  }

  @Test
  void bothCardsAreOneVisitInTheOrderOfTheHandbook() {
    openService();
    assertThat(phases())
        .containsExactly(
            "FUEL", "WARM", "WARM", "OIL", "EMPTY", "FILL", "PROVE", "CYLINDERS", "CLOSE", "CLOSE");
    JsonNode fuel = get("/visit").path(0);
    assertThat(fuel.path("card").asString()).isEqualTo(service);
    assertThat(fuel.path("cardWords").asString()).isEqualTo("lay-up service");
    assertThat(fuel.path("steps").path(0).path("standing").asString()).isEqualTo("OPEN");
  }

  @Test
  void whatOneCardWarmedTheOtherSaysAndSettlesWithOneTap() {
    warmUp(winterizing);
    openService();
    JsonNode warm = null;
    for (JsonNode step : get("/cards/" + service).path("steps")) {
      warm = step.path("key").asString().equals("warm-up") ? step : warm;
    }
    assertThat(warm).isNotNull();
    assertThat(warm.path("asks")).isEmpty();
    assertThat(warm.path("minutes").asInt()).isZero();
    assertThat(warm.path("elsewhere").path("card").asString()).isEqualTo("winterizing");
    assertThat(warm.path("elsewhere").path("done").asBoolean()).isTrue();
    assertThat(warm.path("elsewhere").path("at").asString()).isNotEmpty();
    yarn.kept(on(service, "fuel", entry("STEP_SKIPPED", "reason", "done at the pump")));
    yarn.kept(on(service, "warm-up", entry("STEP_DONE")));
  }

  @Test
  void cylindersWaitForTheWarmUpOfTheOtherCard() {
    openService();
    for (String step : List.of("fuel", "warm-up", "oil", "gear-oil")) {
      yarn.kept(on(service, step, entry("STEP_SKIPPED", "reason", "another day")));
    }
    yarn.kept(on(service, "spark-plugs", entry("CYLINDERS_OILED")));
    yarn.kept(
        on(
            service,
            "spark-plugs",
            entry("SERVICE_DONE", "engine", "CENTER", "item", "spark-plugs")));
    yarn.kept(
        on(
            service,
            "spark-plugs",
            entry("CONDITION_SEEN", "condition", "spark-plugs-look", "finding", "dry")));
    Answer refused = yarn.send(on(service, "spark-plugs", entry("STEP_DONE")));
    assertThat(refused.status()).isEqualTo(409);
    assertThat(refused.body().path("detail").asString()).contains("on the winterizing card");
    warmUp(winterizing);
    JsonNode steps = get("/cards/" + winterizing).path("steps");
    List<String> keys = new ArrayList<>();
    steps.forEach(step -> keys.add(step.path("key").asString()));
    assertThat(keys).as("asked on the service, which is open").doesNotContain("oil-again");
  }

  @Test
  void whatIsFilledIsNotWettedWithoutAWord() {
    yarn.filled();
    for (String hose :
        List.of(
            "recirculation-hose",
            "manifold-hose-port",
            "manifold-hose-starboard",
            "cooler-hose",
            "pump-hose")) {
      yarn.kept(set(hose, "CLAMPED"));
    }
    yarn.kept(set("feed", "HOSE"));
    Answer refused = yarn.send(entry("ENGINE_STARTED", "basis", "FED"));
    assertThat(refused.status()).isEqualTo(409);
    assertThat(refused.body().path("detail").asString())
        .contains("is FILLED: water in it undoes that");
    assertThat(yarn.protection()).isEqualTo("FILLED");
    yarn.kept(entry("PROOF_GIVEN_UP", "circuit", "engine", "reason", "its pump squealed"));
    yarn.kept(entry("ENGINE_STARTED", "basis", "FED"));
    assertThat(yarn.protection()).isEqualTo("WET");
  }

  @Test
  void nothingIsGivenUpThatIsNotProvenNorWithoutAReason() {
    Answer nothing = yarn.send(entry("PROOF_GIVEN_UP", "circuit", "engine", "reason", "why not"));
    assertThat(nothing.status()).isEqualTo(409);
    assertThat(nothing.body().path("field").asString()).isEqualTo("circuit");
    Answer unsaid = yarn.send(entry("PROOF_GIVEN_UP", "circuit", "engine", "reason", " "));
    assertThat(unsaid.status()).isEqualTo(422);
    assertThat(unsaid.body().path("field").asString()).isEqualTo("reason");
    yarn.account = "yardhand";
    assertThat(
            yarn.send(entry("PROOF_GIVEN_UP", "circuit", "engine", "reason", "why not")).status())
        .isEqualTo(403);
  }
}
