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
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The yard's own pieces over the wire: what fits, what stands in a tank, who has it. */
@ExtendWith(RunningElsko.class)
class KitTest {
  private final String tank = added("TANK");

  private static String added(String kind) {
    String name = kind + " " + UUID.randomUUID().toString().substring(0, 8);
    Answer made =
        RunningElsko.as("coordinator")
            .post("/api/kit", Map.of("name", name, "kind", kind, "size", "as made"));
    assertThat(made.status()).isEqualTo(200);
    return piece(name).path("id").asString();
  }

  private static JsonNode piece(String nameOrId) {
    for (JsonNode one : RunningElsko.as("viewer").get("/api/kit").body().path("pieces")) {
      if (nameOrId.equals(one.path("name").asString())
          || nameOrId.equals(one.path("id").asString())) {
        return one;
      }
    }
    throw new AssertionError(nameOrId);
  }

  private static Answer tell(String who, String id, String what, Map<String, Object> said) {
    return RunningElsko.as(who).post("/api/kit/" + id + "/" + what, said);
  }

  @AfterEach
  void hangUp() {
    RunningElsko.as("coordinator").delete("/api/kit/" + tank);
  }

  /** A card whose engine runs on the tank. */
  private static String onTheTank(Yarn yarn, String procedure, String choice) {
    String card = UUID.randomUUID().toString();
    yarn.kept(
        entry("CIRCUIT_SEEN", "circuit", "engine"),
        entry(
            "CARD_OPENED",
            "card",
            card,
            "procedure",
            procedure,
            "choices",
            Map.of("engine", choice)),
        set("feed", "TANK"),
        entry("ENGINE_STARTED", "basis", "FED"));
    return card;
  }

  private static Map<String, Object> drawn() {
    return entry("FLUID_USED", "circuit", "engine", "lot", "P38-112", "liters", 12);
  }

  private static Map<String, Object> acid() {
    return entry(
        "DESCALER_USED", "circuit", "engine", "segments", List.of("block-port"), "liters", 9);
  }

  @Test
  void acidBeforeAntifreezeIsRefusedUntilTheTankIsRinsed() {
    assertThat(tell("technician", tank, "taken", Map.of("taken", true)).status()).isEqualTo(200);
    Yarn descaled = new Yarn("Descaled");
    onTheTank(descaled, "DESCALE", "TANK_SOAK");
    descaled.kept(acid());
    assertThat(piece(tank).path("carried").asString()).isEqualTo("ACID");

    Yarn next = new Yarn("Next");
    String card = onTheTank(next, "WINTERIZE", "DRAW");
    Answer refused = next.send(drawn());
    assertThat(refused.status()).isEqualTo(409);
    assertThat(refused.field()).isEqualTo("liters");
    assertThat(refused.reason()).contains("acid").contains("Rinse it");
    JsonNode wanted =
        RunningElsko.as("viewer").get("/api/boats/" + next.boat + "/cards/" + card + "/kit").body();
    assertThat(wanted.toString()).contains("\"redLine\":true");

    assertThat(tell("technician", tank, "rinsed", Map.of()).status()).isEqualTo(200);
    next.kept(drawn());
    assertThat(piece(tank).path("carried").asString()).isEqualTo("ANTIFREEZE");
  }

  @Test
  void whoHasItIsSaidAndNobodyElseTakesIt() {
    assertThat(tell("technician", tank, "taken", Map.of("taken", true)).status()).isEqualTo(200);
    assertThat(piece(tank).path("holder").asString()).isEqualTo("technician");
    Answer other = tell("coordinator", tank, "taken", Map.of("taken", true));
    assertThat(other.status()).isEqualTo(409);
    assertThat(other.reason()).isEqualTo("technician has it.");
    tell("technician", tank, "taken", Map.of("taken", false));
    assertThat(piece(tank).path("holder").asString()).isEmpty();
  }

  @Test
  void theCardNamesWhatFitsFirstAndLeavesOutWhatDoesNot() {
    Yarn yarn = new Yarn("Muffed");
    String card = UUID.randomUUID().toString();
    yarn.kept(Yarn.winterizing(card, "POUR"));
    String fits = added("MUFFS");
    String never = added("MUFFS");
    Map<String, Object> tried = new HashMap<>(Map.of("boat", yarn.boat, "circuit", "engine"));
    tried.put("fits", true);
    assertThat(tell("technician", fits, "fits", tried).status()).isEqualTo(200);
    tried.put("fits", false);
    assertThat(tell("technician", never, "fits", tried).status()).isEqualTo(200);
    tried.put("circuit", "bathtub");
    assertThat(tell("technician", never, "fits", tried).field()).isEqualTo("circuit");

    JsonNode steps =
        RunningElsko.as("viewer").get("/api/boats/" + yarn.boat + "/cards/" + card + "/kit").body();
    List<String> muffs = new ArrayList<>();
    steps.forEach(
        step -> {
          if (step.path("kind").asString().equals("MUFFS")) {
            step.path("pieces").forEach(one -> muffs.add(one.path("id").asString()));
          }
        });
    assertThat(muffs).startsWith(fits).doesNotContain(never);
    RunningElsko.as("coordinator").delete("/api/kit/" + fits);
    RunningElsko.as("coordinator").delete("/api/kit/" + never);
    assertThat(
            RunningElsko.as("viewer")
                .get("/api/boats/" + yarn.boat + "/cards/" + yarn.boat + "/kit")
                .status())
        .isEqualTo(404);
  }

  @Test
  void aNameIsGivenOnceAndAnOldEditIsRefused() {
    JsonNode one = piece(tank);
    Map<String, Object> same = new HashMap<>();
    same.put("name", one.path("name").asString().toUpperCase(java.util.Locale.ROOT));
    same.put("kind", "MUFFS");
    Answer taken = RunningElsko.as("coordinator").post("/api/kit", same);
    assertThat(taken.status()).isEqualTo(409);
    assertThat(taken.field()).isEqualTo("name");
    same.put("name", " ");
    assertThat(RunningElsko.as("coordinator").post("/api/kit", same).status()).isEqualTo(422);

    String path = "/api/kit/" + tank;
    String was = "\"" + one.path("version").asLong() + "\"";
    Map<String, Object> other = Map.of("name", one.path("name").asString() + "!", "size", "80 L");
    assertThat(RunningElsko.as("coordinator").put(path, other, was).status()).isEqualTo(200);
    assertThat(RunningElsko.as("coordinator").put(path, other, was).status()).isEqualTo(412);
  }

  @Test
  void thePlanCountsWhatIsRegistered() {
    int before =
        RunningElsko.as("coordinator")
            .get("/api/walks/crew")
            .body()
            .path("equipment")
            .path("TANK_KIT")
            .asInt();
    String more = added("TANK");
    assertThat(
            RunningElsko.as("coordinator")
                .get("/api/walks/crew")
                .body()
                .path("equipment")
                .path("TANK_KIT")
                .asInt())
        .isEqualTo(before + 1);
    RunningElsko.as("coordinator").delete("/api/kit/" + more);
  }
}
