package elsko.server;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.boat.description.Accessory;
import elsko.server.RunningElsko.Answer;
import java.time.Instant;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** One boat of a test, made for it, and the entries the test sends about it. */
public final class Yarn {
  public final String boat;
  String account = "technician";

  /** What it sends is said to have happened so long ago, s. */
  long secondsAgo;

  /** A petrol V8 sterndrive of that name. */
  public Yarn(String name) {
    Answer made =
        RunningElsko.as("coordinator")
            .post(
                "/api/boats", described(name + " " + UUID.randomUUID().toString().substring(0, 8)));
    assertThat(made.status()).isEqualTo(201);
    boat = made.body().path("id").asString();
  }

  /** A petrol V8 sterndrive with nothing else aboard, as it is sent. */
  static Map<String, Object> described(String name) {
    Map<String, Object> boat = new LinkedHashMap<>();
    boat.put("name", name);
    boat.put("hullLengthM", 7.2);
    boat.put("layout", "STERNDRIVE");
    boat.put("engines", List.of(engine("CENTER", "PETROL", 8, "RAW_WATER")));
    boat.put("accessories", answers());
    boat.put("waterUsedIn", "SALT");
    boat.put("silty", false);
    return boat;
  }

  static Map<String, Object> engine(String position, String fuel, int cylinders, String cooling) {
    Map<String, Object> engine = new LinkedHashMap<>();
    engine.put("position", position);
    engine.put("fuel", fuel);
    engine.put("cylinders", cylinders);
    engine.put("cooling", cooling);
    return engine;
  }

  /** Every accessory answered: those named YES, the others NO. */
  static Map<String, String> answers(String... has) {
    Map<String, String> answers = new LinkedHashMap<>();
    for (Accessory accessory : Accessory.values()) {
      answers.put(accessory.name(), List.of(has).contains(accessory.name()) ? "YES" : "NO");
    }
    return answers;
  }

  static Map<String, Object> winterizing(String card, String method) {
    return entry(
        "CARD_OPENED", "card", card, "procedure", "WINTERIZE", "choices", Map.of("engine", method));
  }

  /** An entry with an id of its own: kind, then field and value in turn. */
  public static Map<String, Object> entry(String kind, Object... fields) {
    Map<String, Object> entry = new LinkedHashMap<>();
    entry.put("id", UUID.randomUUID().toString());
    entry.put("kind", kind);
    entry.put("deviceTime", RunningElsko.now().toString());
    for (int i = 0; i < fields.length; i += 2) {
      entry.put((String) fields[i], fields[i + 1]);
    }
    return entry;
  }

  static Map<String, Object> set(String fitting, String state) {
    return entry("FITTING_SET", "fitting", fitting, "state", state);
  }

  @SafeVarargs
  @SuppressWarnings("varargs")
  final Answer send(Map<String, Object>... entries) {
    if (secondsAgo > 0) {
      for (Map<String, Object> entry : entries) {
        Instant at = Instant.parse((String) entry.get("deviceTime"));
        entry.put("deviceTime", at.minusSeconds(secondsAgo).toString());
      }
    }
    return RunningElsko.as(account)
        .post("/api/boats/" + boat + "/entries", Map.of("entries", List.of(entries)));
  }

  @SafeVarargs
  @SuppressWarnings("varargs")
  public final void kept(Map<String, Object>... entries) {
    Answer answer = send(entries);
    assertThat(answer.status()).as(answer.raw().body() + Arrays.toString(entries)).isEqualTo(200);
  }

  Answer view() {
    return RunningElsko.as("viewer").get("/api/boats/" + boat);
  }

  String protection() {
    return view().body().path("protection").asString();
  }

  int logLength() {
    return RunningElsko.as("viewer")
        .get("/api/boats/" + boat + "/log?limit=200")
        .body()
        .path("entries")
        .size();
  }

  static String glass() {
    for (var instrument :
        RunningElsko.as("viewer").get("/api/bench/shelf").body().path("instruments")) {
      if (instrument.path("name").asString().equals("Bay glass")) {
        return instrument.path("id").asString();
      }
    }
    throw new IllegalStateException("the demonstration has a bay glass");
  }

  /** Drained, filled and clamped: ready to be sampled. */
  public Yarn filled() {
    kept(entry("CIRCUIT_SEEN", "circuit", "engine", "inService", false));
    for (String point :
        List.of("block-starboard", "manifold-starboard", "block-port", "manifold-port")) {
      kept(
          set(point + "-drain", "OUT_BAGGED"),
          entry("LOW_POINT_SEEN", "lowPoint", point, "seen", "RAN_CLEAR"),
          set(point + "-drain", "IN"));
    }
    kept(
        set("recirculation-hose", "OFF"),
        entry("LOW_POINT_SEEN", "lowPoint", "recirculation", "seen", "RAN_CLEAR"),
        set("pump-hose", "OFF"),
        entry("LOW_POINT_SEEN", "lowPoint", "pump", "seen", "RAN_CLEAR"));
    for (String hose :
        List.of(
            "recirculation-hose",
            "manifold-hose-port",
            "manifold-hose-starboard",
            "cooler-hose",
            "pump-hose")) {
      kept(set(hose, "OFF"));
      kept(pour(hose, 3.0));
    }
    return this;
  }

  static Map<String, Object> pour(String hose, double liters) {
    return entry(
        "FLUID_USED", "circuit", "engine", "lot", "P38-112", "liters", liters, "pourPoint", hose);
  }

  static Map<String, Object> jug(double reading) {
    return entry("JUG_READ", "lot", "P38-112", "instrument", glass(), "reading", reading);
  }

  static Map<String, Object> sample(String lowPoint, double reading) {
    return entry(
        "SAMPLE_READ",
        "lowPoint",
        lowPoint,
        "lot",
        "P38-112",
        "instrument",
        glass(),
        "reading",
        reading,
        "temperatureC",
        15);
  }
}
