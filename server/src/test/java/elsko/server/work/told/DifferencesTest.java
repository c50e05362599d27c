package elsko.server.work.told;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.json.Json;
import jakarta.json.JsonStructure;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

/** Held against a library that does what the steps say, on whatever a document may be. */
class DifferencesTest {
  private static final JsonMapper JSON = JsonMapper.builder().build();
  private static final List<String> NAMES = List.of("a", "b/c", "d~e", "f\"g\\", "ü", "", "0");
  private static final List<String> WORDS =
      List.of("", "[{", "}],", "\"", "\\", "\\\"", "°F", "two\nlines", "𝄞");

  private static Object anything(Random chance, int depth) {
    return switch (chance.nextInt(depth > 3 ? 4 : 7)) {
      case 0 -> chance.nextInt(100) / 4.0;
      case 1 -> chance.nextBoolean();
      case 2 -> null;
      case 3 -> WORDS.get(chance.nextInt(WORDS.size()));
      case 4 -> list(chance, depth);
      default -> object(chance, depth);
    };
  }

  private static List<Object> list(Random chance, int depth) {
    List<Object> list = new ArrayList<>();
    for (int left = chance.nextInt(4); left > 0; left--) {
      list.add(anything(chance, depth + 1));
    }
    return list;
  }

  private static Map<String, Object> object(Random chance, int depth) {
    Map<String, Object> object = new LinkedHashMap<>();
    for (int left = chance.nextInt(5); left > 0; left--) {
      object.put(NAMES.get(chance.nextInt(NAMES.size())), anything(chance, depth + 1));
    }
    return object;
  }

  /** The same, here and there otherwise. */
  private static Object changed(Object of, Random chance, int depth) {
    if (chance.nextInt(8) == 0) {
      return anything(chance, depth);
    }
    if (of instanceof Map<?, ?> map) {
      Map<String, Object> next = new LinkedHashMap<>();
      map.forEach(
          (name, value) -> {
            if (chance.nextInt(10) > 0) {
              next.put((String) name, changed(value, chance, depth + 1));
            }
          });
      return next;
    }
    if (of instanceof List<?> list) {
      List<Object> next = new ArrayList<>();
      list.forEach(value -> next.add(changed(value, chance, depth + 1)));
      if (chance.nextInt(4) == 0) {
        next.add(chance.nextInt(next.size() + 1), anything(chance, depth + 1));
      }
      return next;
    }
    return of;
  }

  private static String applied(byte[] before, List<PatchStep> steps) {
    List<Map<String, Object>> written = new ArrayList<>();
    for (PatchStep step : steps) {
      Map<String, Object> one = new LinkedHashMap<>();
      one.put("op", step.op().name());
      one.put("path", step.path());
      if (step.op() != PatchStep.Op.remove) {
        one.put("value", step.value());
      }
      written.add(one);
    }
    JsonStructure document = read(new String(before, StandardCharsets.UTF_8));
    return Json.createPatch(read(JSON.writeValueAsString(written)).asJsonArray())
        .apply(document)
        .toString();
  }

  private static JsonStructure read(String text) {
    return Json.createReader(new StringReader(text)).read();
  }

  @Test
  void whatTheStepsMakeOfItIsWhatStandsThereNow() {
    for (int seed = 0; seed < 3_000; seed++) {
      Random chance = new Random(seed);
      Map<String, Object> one = object(chance, 0);
      one.put("always", anything(chance, 1));
      Map<String, Object> other = new LinkedHashMap<>();
      one.forEach((name, value) -> other.put(name, changed(value, chance, 1)));
      byte[] before = JSON.writeValueAsBytes(one);
      byte[] now = JSON.writeValueAsBytes(other);
      String made = applied(before, Differences.between(before, now, JSON));
      assertThat(JSON.readTree(made)).as("seed %d", seed).isEqualTo(JSON.readTree(now));
    }
  }

  @Test
  void nothingIsSaidOfWhatStaysAndLittleOfWhatIsDeepWithin() {
    byte[] before = "{\"a\":[{\"b\":1,\"c\":\"x\"},{\"b\":2,\"c\":\"y\"}],\"d\":true}".getBytes();
    assertThat(Differences.between(before, before.clone(), JSON)).isEmpty();
    byte[] now = "{\"a\":[{\"b\":1,\"c\":\"x\"},{\"b\":3,\"c\":\"y\"}],\"d\":true}".getBytes();
    assertThat(Differences.between(before, now, JSON))
        .singleElement()
        .satisfies(
            step -> {
              assertThat(step.path()).isEqualTo("/a/1/b");
              assertThat(step.value()).hasToString("3");
            });
  }
}
