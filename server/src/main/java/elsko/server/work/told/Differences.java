package elsko.server.work.told;

import jakarta.json.Json;
import jakarta.json.JsonArray;
import jakarta.json.JsonObject;
import jakarta.json.JsonReader;
import jakarta.json.JsonValue;
import java.io.ByteArrayInputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What differs between two JSON texts, as steps that make the one out of the other. */
final class Differences {
  private final JsonMapper json;
  private final List<PatchStep> steps = new ArrayList<>();

  private Differences(JsonMapper json) {
    this.json = json;
  }

  static List<PatchStep> between(byte[] before, byte[] now, JsonMapper json) {
    Differences all = new Differences(json);
    all.at("", JsonSlice.of(before), JsonSlice.of(now));
    return all.steps;
  }

  private void at(String path, JsonSlice before, JsonSlice now) {
    if (before.isSameAs(now)) {
      return;
    }
    if (before.isObject() && now.isObject()) {
      members(path, before.members(), now.members());
    } else if (before.isArray() && now.isArray()) {
      elements(path, before, now);
    } else {
      step(PatchStep.Op.replace, path, now);
    }
  }

  private void members(String path, Map<String, JsonSlice> before, Map<String, JsonSlice> now) {
    now.forEach(
        (name, value) -> {
          JsonSlice was = before.get(name);
          if (was == null) {
            step(PatchStep.Op.add, path + pointer(name), value);
          } else {
            at(path + pointer(name), was, value);
          }
        });
    before.keySet().stream()
        .filter(name -> !now.containsKey(name))
        .forEach(name -> step(PatchStep.Op.remove, path + pointer(name), null));
  }

  private void elements(String path, JsonSlice before, JsonSlice now) {
    List<JsonSlice> were = before.elements();
    List<JsonSlice> are = now.elements();
    if (were.size() == are.size()) {
      for (int i = 0; i < are.size(); i++) {
        at(path + "/" + i, were.get(i), are.get(i));
      }
      return;
    }
    // What came between and what went: that is the library's to find.
    Json.createDiff(array(before), array(now)).toJsonArray().stream()
        .map(JsonValue::asJsonObject)
        .forEach(step -> steps.add(below(path, step)));
  }

  private PatchStep below(String path, JsonObject step) {
    JsonValue value = step.get("value");
    return new PatchStep(
        PatchStep.Op.valueOf(step.getString("op")),
        path + step.getString("path"),
        value == null ? null : json.readTree(value.toString()));
  }

  private void step(PatchStep.Op op, String path, @Nullable JsonSlice value) {
    JsonNode then = value == null ? null : json.readTree(value.bytes());
    steps.add(new PatchStep(op, path, then));
  }

  /** A name as a pointer has it. */
  private String pointer(String written) {
    String name =
        written.indexOf('\\') < 0 ? written : json.readValue("\"" + written + "\"", String.class);
    return "/" + name.replace("~", "~0").replace("/", "~1");
  }

  private static JsonArray array(JsonSlice of) {
    try (JsonReader reader =
        Json.createReader(new ByteArrayInputStream(of.text(), of.from(), of.to() - of.from()))) {
      return reader.readArray();
    }
  }
}
