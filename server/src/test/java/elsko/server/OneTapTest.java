package elsko.server;

import static elsko.server.Yarn.entry;
import static elsko.server.Yarn.set;
import static elsko.server.Yarn.winterizing;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Entries of one tap are kept each by itself, marked, and timed by the step they are at. */
@ExtendWith(RunningElsko.class)
class OneTapTest {
  private final Yarn yarn = new Yarn("Tapped");
  private final String card = UUID.randomUUID().toString();

  private Map<String, Object> by(String tap, Integer after, Map<String, Object> entry) {
    entry.put("card", card);
    entry.put("step", "drain");
    entry.put("tap", tap);
    if (after != null) {
      entry.put("tapAfter", after);
    }
    return entry;
  }

  private void opened() {
    yarn.kept(
        entry("CIRCUIT_SEEN", "circuit", "engine", "inService", false), winterizing(card, "DRY"));
  }

  private List<String> marks() {
    JsonNode entries =
        RunningElsko.as("viewer").get("/api/boats/" + yarn.boat + "/log?limit=20").body();
    return StreamSupport.stream(entries.path("entries").spliterator(), false)
        .filter(one -> !one.path("oneTap").isNull())
        .map(one -> one.path("kind").asString() + " " + one.path("oneTap").asString())
        .toList();
  }

  @Test
  void inTimeItIsMarkedAndNoMore() {
    opened();
    String tap = UUID.randomUUID().toString();
    yarn.kept(
        by(tap, 600, set("block-port-drain", "OUT_BAGGED")),
        by(tap, 600, entry("LOW_POINT_SEEN", "lowPoint", "block-port", "seen", "RAN_CLEAR")));
    assertThat(marks()).containsExactly("LOW_POINT_SEEN In one tap.", "FITTING_SET In one tap.");
    JsonNode drain = step("drain");
    assertThat(drain.path("soonestSeconds").asInt()).isEqualTo(180);
    assertThat(drain.path("said").get(0).path("tap").asString()).isEqualTo(tap);
    assertThat(drain.path("said").get(0).path("tooSoon").asBoolean()).isFalse();
  }

  @Test
  void tooSoonItIsSaidAndWhatWasNotTimedIsNot() {
    opened();
    String tap = UUID.randomUUID().toString();
    yarn.kept(by(tap, 4, set("block-port-drain", "OUT_BAGGED")));
    yarn.kept(by(UUID.randomUUID().toString(), null, set("battery", "OFF")));
    yarn.kept(by(UUID.randomUUID().toString(), -7, set("hull-plug", "OUT_BAGGED")));
    assertThat(marks())
        .containsExactly(
            "FITTING_SET In one tap after 0 s, sooner than it can be done: proves nothing.",
            "FITTING_SET In one tap.",
            "FITTING_SET In one tap after 4 s, sooner than it can be done: proves nothing.");
    assertThat(step("drain").path("said").get(0).path("tooSoon").asBoolean()).isTrue();
  }

  @Test
  void withoutACardThereIsNothingItCouldBeTheTapOf() {
    Map<String, Object> loose = set("block-port-drain", "OUT_BAGGED");
    loose.put("tap", UUID.randomUUID().toString());
    yarn.kept(loose);
    assertThat(marks()).isEmpty();
  }

  @Test
  void whatIsNoTapIsRefused() {
    opened();
    Map<String, Object> wrong = set("block-port-drain", "OUT_BAGGED");
    wrong.put("tap", "not an id");
    assertThat(yarn.send(wrong).status()).isBetween(400, 422);
  }

  private JsonNode step(String key) {
    JsonNode steps =
        RunningElsko.as("viewer")
            .get("/api/boats/" + yarn.boat + "/cards/" + card)
            .body()
            .path("steps");
    return StreamSupport.stream(steps.spliterator(), false)
        .filter(one -> one.path("key").asString().equals(key))
        .findFirst()
        .orElseThrow();
  }
}
