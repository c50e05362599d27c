package elsko.server;

import static elsko.server.Yarn.entry;
import static org.assertj.core.api.Assertions.assertThat;

import elsko.server.RunningElsko.Answer;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What falls due, how it becomes work, and how engines went. */
@ExtendWith(RunningElsko.class)
class DueTest {
  private static JsonNode due(String boat) {
    return RunningElsko.as("viewer").get("/api/boats/" + boat + "/due").body();
  }

  private static JsonNode line(String boat, String item) {
    for (JsonNode line : due(boat).path("lines")) {
      if (line.path("item").asString().equals(item)) {
        return line;
      }
    }
    throw new AssertionError(item + " does not fall due");
  }

  private static String demo(String name) {
    for (JsonNode boat : RunningElsko.as("viewer").get("/api/boats").body()) {
      if (boat.path("name").asString().equals(name)) {
        return boat.path("id").asString();
      }
    }
    throw new AssertionError(name);
  }

  /** The labels of what a step of a new spring card asks for. */
  private static List<String> asks(Yarn yarn, String step) {
    String card = UUID.randomUUID().toString();
    yarn.kept(entry("CARD_OPENED", "card", card, "procedure", "COMMISSION"));
    List<String> labels = new ArrayList<>();
    JsonNode steps =
        RunningElsko.as("viewer")
            .get("/api/boats/" + yarn.boat + "/cards/" + card)
            .body()
            .path("steps");
    for (JsonNode one : steps) {
      if (one.path("key").asString().equals(step)) {
        one.path("asks").forEach(ask -> labels.add(ask.path("label").asString()));
      }
    }
    return labels;
  }

  private static Yarn servicedNow(String name) {
    Yarn yarn = new Yarn(name);
    for (String item : List.of("impeller", "anodes", "elbow")) {
      yarn.kept(entry("SERVICE_DONE", "engine", "CENTER", "item", item));
    }
    yarn.kept(entry("SERVICE_DONE", "item", "hoses"));
    return yarn;
  }

  @Test
  void whatIsWantedOnTheNextVisitStandsOnItsCardAndOnlyThat() {
    assertThat(asks(servicedNow("Nothing wanted"), "due")).isEmpty();
    Yarn yarn = servicedNow("Wanted");
    assertThat(line(yarn.boat, "impeller").path("due").asBoolean()).isFalse();
    yarn.kept(entry("DUE_PLANNED", "engine", "CENTER", "item", "impeller"));
    JsonNode wanted = line(yarn.boat, "impeller");
    assertThat(wanted.path("due").asBoolean()).isTrue();
    assertThat(wanted.path("plannedBy").asString()).isEqualTo("technician");
    assertThat(asks(yarn, "due")).contains("impeller").doesNotContain("anodes");
    yarn.kept(entry("SERVICE_DONE", "engine", "CENTER", "item", "impeller"));
    assertThat(line(yarn.boat, "impeller").path("due").asBoolean()).isFalse();
  }

  @Test
  void aWishForWhatDoesNotFallDueIsRefusedAtTheField() {
    Yarn yarn = new Yarn("Refused wish");
    assertThat(yarn.send(entry("DUE_PLANNED", "engine", "CENTER", "item", "varnish")).field())
        .isEqualTo("item");
    assertThat(yarn.send(entry("DUE_PLANNED", "item", "impeller")).field()).isEqualTo("engine");
    assertThat(yarn.send(entry("DUE_PLANNED", "engine", "PORT", "item", "impeller")).status())
        .isEqualTo(422);
  }

  @Test
  void hoursReadOnAnEngineCountForItsOil() {
    Yarn yarn = new Yarn("Counted");
    yarn.kept(reading(200));
    yarn.kept(entry("SERVICE_DONE", "engine", "CENTER", "item", "engine-oil"));
    yarn.kept(reading(305));
    JsonNode oil = line(yarn.boat, "engine-oil");
    assertThat(oil.path("standing").asString()).isEqualTo("OVERDUE");
    assertThat(oil.path("hoursLeft").asDouble()).isEqualTo(-5);
    assertThat(oil.path("lastHours").asDouble()).isEqualTo(200);
  }

  private static Map<String, Object> reading(double hours) {
    Map<String, Object> entry =
        new LinkedHashMap<>(entry("READING_TAKEN", "engine", "CENTER", "limit", "engine-hours"));
    entry.put("value", hours);
    return entry;
  }

  @Test
  void theYardPicksTheSchool() {
    Yarn yarn = servicedNow("Schools");
    assertThat(line(yarn.boat, "impeller").path("every").asString()).isEqualTo("24 months");
    follow(List.of("impeller"));
    try {
      assertThat(line(yarn.boat, "impeller").path("every").asString()).isEqualTo("12 months");
      Answer refused = change(List.of("anodes"));
      assertThat(refused.status()).isEqualTo(422);
      assertThat(refused.field()).isEqualTo("othersWay");
    } finally {
      follow(List.of());
    }
  }

  private static void follow(List<String> othersWay) {
    assertThat(change(othersWay).status()).isEqualTo(200);
  }

  private static Answer change(List<String> othersWay) {
    JsonNode yard = RunningElsko.as("coordinator").get("/api/yard").body();
    Map<String, Object> change = new LinkedHashMap<>();
    change.put("name", yard.path("name").asString());
    change.put("designLowC", yard.path("designLowC").asDouble());
    change.put("marginK", yard.path("marginK").asDouble());
    change.put("policy", yard.path("policy").asString());
    change.put("kickAllowed", yard.path("kickAllowed").asBoolean());
    change.put("othersWay", othersWay);
    return RunningElsko.as("coordinator")
        .put("/api/yard", change, "\"" + yard.path("version").asLong() + "\"");
  }

  @Test
  void narrowingIsSaidOfTheOneBoatBuiltForItAndOfNoOther() {
    List<String> narrow = new ArrayList<>();
    for (JsonNode boat : RunningElsko.as("viewer").get("/api/due").body()) {
      if (!boat.path("narrowing").isEmpty()) {
        narrow.add(boat.path("name").asString());
      }
    }
    assertThat(narrow).containsExactly("Old Lapwing");
    JsonNode engine =
        RunningElsko.as("viewer")
            .get("/api/boats/" + demo("Old Lapwing") + "/trends")
            .body()
            .get(0);
    assertThat(engine.path("toDo").asString()).contains("descale or inspect");
    assertThat(engine.path("narrowing").get(0).path("words").asString())
        .isEqualTo("Holds at 77.6 °C, 4.6 K over its own median of 73 °C.");
    assertThat(engine.path("narrowing").get(1).path("words").asString())
        .endsWith("8 s, 9 s, 12 s, 17 s.");
  }

  @Test
  void theImpellerWantedLastSpringIsDueThisYear() {
    JsonNode impeller = line(demo("Smew"), "impeller");
    assertThat(impeller.path("due").asBoolean()).isTrue();
    assertThat(impeller.path("plannedBy").asString()).isEqualTo("coordinator");
    assertThat(line(demo("Smew"), "anodes").path("due").asBoolean()).isFalse();
    List<String> impellers = new ArrayList<>();
    for (JsonNode done : due(demo("Smew")).path("done")) {
      if (done.path("item").asString().startsWith("impeller")) {
        impellers.add(done.path("words").asString() + ": " + done.path("found").asString());
      }
    }
    assertThat(impellers)
        .containsExactly(
            "impeller looked at: one vane begins to crack",
            "impeller: ",
            "impeller: two vanes set");
  }
}
