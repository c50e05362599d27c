package elsko.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import elsko.server.RunningElsko.Answer;
import java.io.InputStream;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningElsko.class)
class MixAndFillTest {
  private static Answer post(String what, Object body) {
    return RunningElsko.as("viewer").post("/api/bench/" + what, body);
  }

  private static JsonNode example(String name) throws Exception {
    try (InputStream file =
        MixAndFillTest.class.getResourceAsStream("/examples/" + name + ".json")) {
      return RunningElsko.JSON.readTree(file);
    }
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "/api/bench/protection",
        "/api/bench/strength",
        "/api/bench/verdict",
        "/api/bench/blend",
        "/api/bench/topping",
        "/api/bench/ratio",
        "/api/bench/fill",
        "/api/frost/pocket"
      })
  void theExampleInTheDocumentIsWhatComesOut(String path) throws Exception {
    JsonNode example = example(path.substring(path.lastIndexOf('/') + 1));
    Answer answer = RunningElsko.as("viewer").post(path, example.path("request").toString());
    assertAbout(answer.body(), example.path("response"));
    JsonNode documented =
        RunningElsko.as("viewer").get("/api/openapi").body().path("paths").path(path).path("post");
    assertThat(documented.path("requestBody").findValue("example"))
        .isEqualTo(example.path("request"));
    assertThat(documented.path("responses").findValue("example"))
        .isEqualTo(example.path("response"));
  }

  /** The same but for the last digits: the examples are rounded to be read. */
  private static void assertAbout(JsonNode actual, JsonNode expected) {
    if (expected.isNumber()) {
      assertThat(actual.asDouble()).isCloseTo(expected.asDouble(), within(1e-6));
      return;
    }
    assertThat(actual.getNodeType()).isEqualTo(expected.getNodeType());
    assertThat(actual.size()).isEqualTo(expected.size());
    if (expected.isArray()) {
      for (int i = 0; i < expected.size(); i++) {
        assertAbout(actual.path(i), expected.path(i));
      }
    } else if (expected.isObject()) {
      expected.propertyNames().forEach(name -> assertAbout(actual.path(name), expected.path(name)));
    } else {
      assertThat(actual).isEqualTo(expected);
    }
  }

  @ParameterizedTest
  @CsvSource({
    "0.3, , 0.38, 80, concentrateMassFraction",
    "1, -70, , 80, targetFreezePointC",
    "1, 3, , 80, targetFreezePointC",
    "1, , , 80, targetFreezePointC",
    "1, -20, 0.3, 80, targetFreezePointC",
    "1, -20, , -5, totalLiters",
    "1.2, -20, , 80, concentrateMassFraction"
  })
  void aBlendThatCannotBeIsRefusedAtItsField(
      Double concentrate, Double freezeC, Double mass, Double liters, String field) {
    Map<String, Object> in = new HashMap<>();
    in.put("base", "PG");
    in.put("concentrateMassFraction", concentrate);
    in.put("targetFreezePointC", freezeC);
    in.put("targetMassFraction", mass);
    in.put("totalLiters", liters);
    Answer answer = post("blend", in);
    assertThat(answer.status()).isEqualTo(422);
    assertThat(answer.field()).isEqualTo(field);
  }

  private static Map<String, Object> fill(Object path) {
    Map<String, Object> fill = new HashMap<>();
    fill.put("product", Map.of("base", "PG", "massFraction", 0.38));
    fill.put("method", "DRAW");
    fill.put("liters", 10);
    fill.put("thermostatOpen", true);
    fill.put("path", path);
    return fill;
  }

  private static Map<String, Object> segment(String name, double liters) {
    return Map.of("name", name, "liters", liters, "residual", 1, "cells", 1, "gated", false);
  }

  @Test
  void aFillIsPredictedAsTheClosedFormSays() {
    Answer answer = post("fill", fill(List.of(segment("block", 4))));
    assertThat(answer.body().path("segments").get(0).path("massFraction").asDouble())
        .isCloseTo(0.38 * (1 - Math.exp(-2.5)), within(1e-6));
    assertThat(answer.body().path("weakest").asString()).isEqualTo("block");
    assertThat(answer.body().path("exhaustLiters").asDouble()).isCloseTo(10, within(1e-6));
    assertThat(answer.body().path("litersToReach").isNull()).isTrue();
  }

  @Test
  void whatCannotBeFilledIsRefusedAtItsField() {
    assertThat(post("fill", fill(List.of())).field()).isEqualTo("path");
    assertThat(post("fill", fill(List.of(segment("a", -1)))).field()).isEqualTo("path[0].liters");
    Map<String, Object> uneven =
        Map.of(
            "parallel",
            List.of(List.of(segment("a", 1)), List.of(segment("b", 1))),
            "shares",
            List.of(0.5, 0.6));
    Answer shares = post("fill", fill(List.of(segment("c", 1), uneven)));
    assertThat(shares.status()).isEqualTo(422);
    assertThat(shares.field()).isEqualTo("path[1].shares");
    Map<String, Object> deep =
        Map.of(
            "parallel",
            List.of(List.of(segment("a", 1)), List.of(segment("b", 0))),
            "shares",
            List.of(0.5, 0.5));
    assertThat(post("fill", fill(List.of(deep))).field())
        .isEqualTo("path[0].parallel[1][0].liters");
    Map<String, Object> poison = fill(List.of(segment("a", 1)));
    poison.put("product", Map.of("base", "EG", "massFraction", 0.38));
    Answer eg = post("fill", poison);
    assertThat(eg.field()).isEqualTo("product.base");
    assertThat(eg.reason()).contains("poisonous");
    Map<String, Object> nan = fill(List.of(segment("a", 1)));
    nan.put("liters", "NaN");
    assertThat(post("fill", nan).status()).isBetween(400, 499);
  }

  @Test
  void nothingIsTakenForWhatItMightHaveMeant() {
    Map<String, Object> silent = fill(List.of(segment("a", 1)));
    silent.remove("thermostatOpen");
    Answer unsaid = post("fill", silent);
    assertThat(unsaid.status()).isEqualTo(422);
    assertThat(unsaid.field()).isEqualTo("thermostatOpen");
    Map<String, Object> half = new HashMap<>(segment("a", 1));
    half.put("cells", 2.5);
    Answer cells = post("fill", fill(List.of(half)));
    assertThat(cells.status()).isEqualTo(400);
    assertThat(cells.field()).isEqualTo("path[0].cells");
    Map<String, Object> ordinal = fill(List.of(segment("a", 1)));
    ordinal.put("target", Map.of("designLowC", -20, "marginK", 5, "policy", 2));
    Answer policy = post("fill", ordinal);
    assertThat(policy.status()).isEqualTo(400);
    assertThat(policy.field()).isEqualTo("target.policy");
    assertThat(policy.reason()).contains("FREEZE").contains("BURST").contains("LABEL");
  }

  @Test
  void aWeakProductSaysThatItCannotReachTheTarget() {
    Map<String, Object> fill = fill(List.of(segment("block", 4)));
    fill.put("product", Map.of("base", "PG", "massFraction", 0.27));
    fill.put("target", Map.of("designLowC", -20, "marginK", 5, "policy", "BURST"));
    Answer answer = post("fill", fill);
    assertThat(answer.body().path("litersToReachReason").asString())
        .isEqualTo("the product cannot reach it");
    for (JsonNode product :
        RunningElsko.as("viewer").get("/api/bench/shelf").body().path("products")) {
      if (product.path("name").asString().equals("Skeldra Pale 27")) {
        assertThat(product.path("ceiling").path("outcome").asString()).isEqualTo("CHANGE_PRODUCT");
      }
    }
  }

  @Test
  void aBoatsOwnPathIsForecastWhileTheFluidGoesIn() {
    Yarn yarn = new Yarn("Forecast");
    Map<String, Object> in = new HashMap<>();
    in.put("method", "DRAW");
    in.put("liters", 19);
    in.put("massFraction", 0.38);
    String path = "/api/boats/" + yarn.boat + "/circuits/engine/fill-forecast";
    assertThat(RunningElsko.as("viewer").post(path, in).field()).isEqualTo("thermostatOpen");
    in.put("thermostatOpen", true);
    JsonNode open = RunningElsko.as("viewer").post(path, in).body();
    assertThat(open.path("looks").size()).isEqualTo(201);
    assertThat(open.path("litersToReach").asDouble()).isBetween(15.0, 25.0);
    in.put("thermostatOpen", false);
    JsonNode shut = RunningElsko.as("viewer").post(path, in).body();
    assertThat(shut.path("litersToReach").asDouble())
        .as("the little that gets past a shut thermostat")
        .isGreaterThan(5 * open.path("litersToReach").asDouble());
    in.put("method", "POUR");
    in.put("notDrained", List.of("block-starboard"));
    JsonNode poured = RunningElsko.as("viewer").post(path, in).body();
    assertThat(poured.path("looks").get(200).path("weakest").asString())
        .isEqualTo("block-starboard");
    in.put("notDrained", List.of("keel"));
    assertThat(RunningElsko.as("viewer").post(path, in).field()).isEqualTo("notDrained");
    in.put("method", "DRY");
    assertThat(RunningElsko.as("viewer").post(path, in).field()).isEqualTo("method");
  }
}
