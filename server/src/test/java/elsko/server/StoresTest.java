package elsko.server;

import static elsko.server.Yarn.entry;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import elsko.server.RunningElsko.Answer;
import elsko.server.csv.CsvText;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The shelf: counted, received, taken by cards, and what the plan does to it. */
@ExtendWith(RunningElsko.class)
class StoresTest {
  private static JsonNode line(String item, int days) {
    for (JsonNode line :
        RunningElsko.as("viewer").get("/api/stores?days=" + days).body().path("lines")) {
      if (line.path("item").asString().equals(item)) {
        return line;
      }
    }
    throw new AssertionError(item);
  }

  private static double stock(String item) {
    return line(item, 30).path("stock").asDouble();
  }

  private static Answer move(String shelf, String kind, Object quantity) {
    Map<String, Object> move = new LinkedHashMap<>();
    move.put("shelf", shelf);
    move.put("kind", kind);
    move.put("quantity", quantity);
    return RunningElsko.as("technician").post("/api/stores/moves", move);
  }

  @Test
  void whatCardsTakeComesOffTheLotUntilItIsCountedAnew() {
    String rose = "product/Skeldra Rose 38";
    double before = stock(rose);
    new Yarn("Takes").filled();
    double taken = before - stock(rose);
    assertThat(taken).isGreaterThan(5);
    assertThat(move("lot/P38-112", "RECEIVED", 40).status()).isEqualTo(200);
    assertThat(stock(rose)).isCloseTo(before - taken + 40, within(1e-6));
    assertThat(move("lot/P38-112", "COUNTED", 77.5).status()).isEqualTo(200);
    double lot = 0;
    for (JsonNode shelf : line(rose, 30).path("shelves")) {
      if (shelf.path("shelf").asString().equals("lot/P38-112")) {
        lot = shelf.path("stock").asDouble();
        assertThat(shelf.path("countedBy").asString()).isEqualTo("technician");
      }
    }
    assertThat(lot).isEqualTo(77.5);
  }

  @Test
  void aFillThatIsCorrectedAfterACountWasCountedWithIt() {
    Yarn yarn = new Yarn("Corrected").filled();
    String pour = null;
    for (JsonNode line :
        RunningElsko.as("viewer")
            .get("/api/boats/" + yarn.boat + "/log?limit=200")
            .body()
            .path("entries")) {
      if (line.path("kind").asString().equals("FLUID_USED")) {
        pour = line.path("id").asString();
      }
    }
    assertThat(move("lot/P38-112", "COUNTED", 60).status()).isEqualTo(200);
    String rose = "product/Skeldra Rose 38";
    double counted = stock(rose);
    for (double liters : new double[] {3.5, 2.5}) {
      Map<String, Object> right = new LinkedHashMap<>(Yarn.pour("recirculation-hose", liters));
      right.put("corrects", pour);
      yarn.kept(right);
      assertThat(stock(rose)).isCloseTo(counted, within(1e-6));
      pour = (String) right.get("id");
    }
  }

  @Test
  void aServiceTakesItsPart() {
    move("impeller", "COUNTED", 5);
    Yarn yarn = new Yarn("Impeller");
    yarn.kept(entry("SERVICE_DONE", "engine", "CENTER", "item", "impeller"));
    assertThat(stock("impeller")).isEqualTo(4);
    assertThat(line("impeller", 30).path("unit").asString()).isEqualTo("pieces");
  }

  @Test
  void thePlanSaysWhenItRunsOutAndWhatToOrderInWholePackages() {
    JsonNode rose = line("product/Skeldra Rose 38", 60);
    double needed = rose.path("needed").asDouble();
    assertThat(needed).isGreaterThan(100);
    double planned = 0;
    for (JsonNode use : rose.path("uses")) {
      planned += use.path("quantity").asDouble();
    }
    assertThat(planned).isGreaterThanOrEqualTo(needed);
    double missing = rose.path("missing").asDouble();
    assertThat(missing)
        .isCloseTo(Math.max(0, needed - rose.path("stock").asDouble()), within(1e-6));
    assertThat(rose.path("packages").asInt())
        .isEqualTo((int) Math.ceil(missing / rose.path("packageSize").asDouble()));
    Answer bought =
        RunningElsko.as("coordinator")
            .put(
                "/api/stores/packages",
                Map.of("item", "product/Skeldra Rose 38", "quantity", 200),
                null);
    assertThat(bought.status()).isEqualTo(200);
    assertThat(line("product/Skeldra Rose 38", 60).path("packages").asInt())
        .isEqualTo((int) Math.ceil(missing / 200));
  }

  @Test
  void whatCannotBeIsRefusedAtItsField() {
    assertThat(move("lot/none", "COUNTED", 1).field()).isEqualTo("shelf");
    assertThat(move("impeller", "COUNTED", -1).field()).isEqualTo("quantity");
    assertThat(move("impeller", "RECEIVED", 0).field()).isEqualTo("quantity");
    assertThat(move("impeller", "COUNTED", null).field()).isEqualTo("quantity");
    assertThat(move("impeller", "LOST", 1).status()).isEqualTo(400);
    assertThat(RunningElsko.as("viewer").get("/api/stores?days=0").field()).isEqualTo("days");
  }

  private static Answer count(String csv) {
    return RunningElsko.as("technician")
        .send("POST", "/api/stores/count", csv, Map.of("Content-Type", "text/csv"));
  }

  @Test
  void theShelfGoesOutAsAFileAndIsCountedFromOne() {
    String file = RunningElsko.as("viewer").get("/api/stores/stock.csv").raw().body();
    assertThat(file).startsWith("shelf,item,quantity,unit").contains("lot/P27-040");
    assertThat(count("shelf,quantity\r\ncoolant,7\r\nlot/P27-040,33.5\r\n").status())
        .isEqualTo(200);
    assertThat(stock("coolant")).isEqualTo(7);
    Answer half = count("shelf,quantity\ncoolant,9\nlot/none,1\n");
    assertThat(half.status()).isEqualTo(422);
    assertThat(half.reason()).startsWith("Row 2: ");
    assertThat(stock("coolant")).isEqualTo(7);
    assertThat(count("item,pieces\na,1\n").field()).isEqualTo("csv");
    assertThat(count("shelf,quantity\ncoolant,lots\n").reason()).contains("no number");
    assertThat(count("shelf,quantity\n\"coolant,7\n").field()).isEqualTo("csv");
    assertThat(count("x".repeat(1_200_000)).status()).isEqualTo(422);
  }

  @Test
  void everyListGoesOutAsAFile() {
    for (String path :
        List.of(
            "/api/stores/order.csv?days=60",
            "/api/book/log.csv?kind=FILLS",
            "/api/due/list.csv",
            "/api/launch/list.csv",
            "/api/boats/loose-ends.csv",
            "/api/walks/plan.csv")) {
      Answer answer = RunningElsko.as("viewer").get(path);
      assertThat(answer.status()).as(path).isEqualTo(200);
      assertThat(answer.raw().headers().firstValue("Content-Type").orElse(""))
          .startsWith("text/csv");
      assertThat(answer.raw().body().lines().count()).as(path).isGreaterThan(1);
    }
  }

  @Test
  void noCellIsTakenForAFormula() {
    assertThat(CsvText.of(List.of("a", "b"), List.of(List.of("=1+1", "-5.5"))))
        .isEqualTo("a,b\r\n'=1+1,-5.5\r\n");
    Yarn yarn = new Yarn("Formula");
    yarn.kept(entry("NOTED", "text", "plain"));
    yarn.kept(entry("WORK_ADDED", "text", "@SUM(A1)"));
    assertThat(RunningElsko.as("viewer").get("/api/book/log.csv?boat=" + yarn.boat).raw().body())
        .doesNotContain(",@SUM");
  }
}
