package elsko.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import elsko.core.fluid.Base;
import elsko.core.fluid.GlycolCurve;
import elsko.server.RunningElsko.Answer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Instruments calibrated and read by the machine, jugs read once, second signatures. */
@ExtendWith(RunningElsko.class)
class BenchTest {
  private static final GlycolCurve PG = GlycolCurve.of(Base.PG);

  private static JsonNode named(String list, String name) {
    JsonNode shelf = RunningElsko.as("viewer").get("/api/bench/shelf").body();
    for (JsonNode view : shelf.path(list)) {
      if (view.path("name").asString().equals(name)) {
        return view;
      }
    }
    throw new IllegalStateException(name);
  }

  private static String id(String list, String name) {
    return named(list, name).path("id").asString();
  }

  private static List<Map<String, Object>> series(double... readings) {
    double[][] parts = {{1, 0}, {3, 1}, {1, 1}, {1, 3}, {0, 1}};
    List<Map<String, Object>> glasses = new ArrayList<>();
    for (int i = 0; i < parts.length; i++) {
      glasses.add(
          Map.of("jugParts", parts[i][0], "waterParts", parts[i][1], "reading", readings[i]));
    }
    return glasses;
  }

  private static Answer calibrate(String instrument, String product, Object glasses) {
    return RunningElsko.as("technician")
        .post(
            "/api/bench/instruments/" + id("instruments", instrument) + "/calibrations",
            Map.of("productId", id("products", product), "glasses", glasses));
  }

  @Test
  void aBrixGlassProvesOnceItHasItsOwnCurve() {
    String glass = id("instruments", "Brix glass");
    String product = "Skeldra Deep 56";
    String lot = "D56-" + System.nanoTime();
    RunningElsko.as("coordinator")
        .post("/api/bench/lots", Map.of("productId", id("products", product), "number", lot));
    Yarn yarn = new Yarn("Brixen").filled();
    Map<String, Object> jug =
        Yarn.entry("JUG_READ", "lot", lot, "instrument", glass, "reading", 40.0);
    Map<String, Object> sample =
        Yarn.entry(
            "SAMPLE_READ",
            "lowPoint",
            "block-port",
            "lot",
            lot,
            "instrument",
            glass,
            "reading",
            39.5,
            "temperatureC",
            15);
    yarn.kept(jug, sample);
    assertThat(outcome(yarn, "block-port")).isEqualTo("RETAKE");
    assertThat(calibrate("Brix glass", product, series(41, 31.5, 21.6, 11.2, 0)).status())
        .isEqualTo(201);
    sample.put("id", java.util.UUID.randomUUID().toString());
    yarn.kept(sample);
    assertThat(point(yarn, "block-port").path("verdict").path("reasons").get(0).asString())
        .contains("different scales or curves");
    jug.put("id", java.util.UUID.randomUUID().toString());
    yarn.kept(jug);
    assertThat(outcome(yarn, "block-port")).isEqualTo("PROVEN");
    sample.put("id", java.util.UUID.randomUUID().toString());
    sample.put("reading", 42);
    Answer outside = yarn.send(sample);
    assertThat(outside.status()).isEqualTo(422);
    assertThat(outside.field()).endsWith("reading");
    assertThat(outside.reason()).contains("calibration");
    assertThat(named("instruments", "Brix glass").path("calibrations").get(0).path("points").size())
        .isEqualTo(5);
  }

  private static String outcome(Yarn yarn, String point) {
    return point(yarn, point).path("verdict").path("outcome").asString();
  }

  private static JsonNode point(Yarn yarn, String key) {
    for (JsonNode point : yarn.view().body().path("circuits").get(0).path("points")) {
      if (point.path("key").asString().equals(key)) {
        return point;
      }
    }
    throw new IllegalStateException(key);
  }

  @Test
  void aSeriesThatTurnsBackIsRefusedAndNothingIsKept() {
    Answer back = calibrate("Bay glass", "Skeldra Rose 38", series(-19, -20, -8, -3, 0));
    assertThat(back.status()).isEqualTo(422);
    assertThat(back.field()).isEqualTo("glasses");
    assertThat(back.reason()).contains("turn back");
    List<Map<String, Object>> missing = series(-19, -13, -8, -3, 0);
    missing.set(2, Map.of("jugParts", 1, "waterParts", 1));
    assertThat(calibrate("Bay glass", "Skeldra Rose 38", missing).field()).isEqualTo("glasses[2]");
    assertThat(named("instruments", "Bay glass").path("calibrations")).isEmpty();
  }

  @Test
  void theSimulatedInstrumentReadsWhatIsOnItsPrism() {
    String digital = id("instruments", "Bench digital");
    var technician = RunningElsko.as("technician");
    String read = "/api/bench/instruments/" + digital + "/device-reading";
    JsonNode jug = technician.post(read, Map.of("lot", "P38-112")).body();
    assertThat(jug.path("simulated").asBoolean()).isTrue();
    assertThat(jug.path("reading").asDouble()).isCloseTo(PG.freezePointC(0.38), within(0.36));
    JsonNode water = technician.post(read, Map.of()).body();
    assertThat(water.path("reading").asDouble()).isCloseTo(0, within(0.36));
    Map<String, Object> half = Map.of("lot", "P38-112", "jugParts", 1, "waterParts", 1);
    assertThat(technician.post(read, half).body().path("reading").asDouble()).isBetween(-9.0, -6.0);
    Answer byEye =
        technician.post("/api/bench/instruments/" + Yarn.glass() + "/device-reading", Map.of());
    assertThat(byEye.status()).isEqualTo(422);
    assertThat(byEye.reason()).contains("by eye");
  }

  @Test
  void itReadsABoatsLowPointsAsTheyArePredicted() {
    String digital = id("instruments", "Bench digital");
    Yarn yarn = new Yarn("Digitalis").filled();
    String path = "/api/boats/" + yarn.boat + "/low-points/%s/device-reading";
    var technician = RunningElsko.as("technician");
    JsonNode reading =
        technician.post(path.formatted("block-port"), Map.of("instrument", digital)).body();
    double expected = point(yarn, "block-port").path("predictedMassFraction").asDouble();
    assertThat(reading.path("reading").asDouble())
        .isCloseTo(PG.freezePointC(expected), within(0.36));
    assertThat(technician.post(path.formatted("keel"), Map.of("instrument", digital)).status())
        .isEqualTo(404);
    Yarn wet = new Yarn("Unfilled");
    assertThat(
            technician
                .post(
                    "/api/boats/" + wet.boat + "/low-points/block-port/device-reading",
                    Map.of("instrument", digital))
                .status())
        .isEqualTo(409);
  }

  @Test
  void aJugIsReadOnceForAllBoats() {
    var technician = RunningElsko.as("technician");
    Map<String, Object> jug = new HashMap<>();
    jug.put("lot", "P38-097");
    jug.put("instrument", Yarn.glass());
    jug.put("reading", -18.9);
    JsonNode jugs = technician.post("/api/bench/jugs", jug).body().path("jugs");
    assertThat(jugs.toString()).contains("P38-097").contains("-18.9");
    jug.put("reading", 4);
    Answer refused = technician.post("/api/bench/jugs", jug);
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.field()).isEqualTo("reading");
  }

  @Test
  void whereMeasuredAndPredictedPartItSaysWhy() {
    Yarn yarn = new Yarn("Parting").filled();
    yarn.kept(
        Yarn.jug(-19.0), Yarn.sample("block-port", -7.6), Yarn.sample("block-starboard", -18));
    assertThat(point(yarn, "block-port").path("parting").asString()).contains("was predicted");
    assertThat(point(yarn, "block-starboard").path("parting").isNull()).isTrue();
  }
}
