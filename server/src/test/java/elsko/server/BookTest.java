package elsko.server;

import static elsko.server.Yarn.entry;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import elsko.server.RunningElsko.Answer;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The log of the whole yard, and where a lot went. */
@ExtendWith(RunningElsko.class)
class BookTest {
  private static Answer book(String query) {
    return RunningElsko.as("viewer").get("/api/book?" + query);
  }

  private static List<String> words(String query) {
    return book(query)
        .body()
        .path("lines")
        .valueStream()
        .map(line -> line.path("entry").path("words").asString())
        .toList();
  }

  @Test
  void isSearchedByBoatPersonKindAndDay() {
    Yarn yarn = new Yarn("Booked");
    yarn.kept(entry("NOTED", "text", "first of the book"));
    yarn.account = "coordinator";
    yarn.kept(entry("NOTED", "text", "second of the book"));
    yarn.kept(Yarn.set("hull-plug", "OUT_BAGGED"));
    String boat = "boat=" + yarn.boat;
    assertThat(words(boat)).startsWith("Hull plug OUT, bagged", "Note: second of the book");
    assertThat(words(boat + "&person=technician&kind=NOTES"))
        .containsExactly("Note: first of the book");
    assertThat(words(boat + "&kind=FITTINGS")).containsExactly("Hull plug OUT, bagged");
    LocalDate today = RunningElsko.today();
    assertThat(words(boat + "&from=" + today.minusDays(1) + "&to=" + today.plusDays(1)))
        .hasSizeGreaterThan(2);
    assertThat(words(boat + "&from=" + today.plusDays(2))).isEmpty();
    assertThat(book("from=2031-02-02&to=2031-02-01").field()).isEqualTo("to");
    assertThat(book("from=yesterday").status()).isEqualTo(400);
    assertThat(book("before=999999999").field()).isEqualTo("before");
  }

  @Test
  void isSearchedByCircuitAndByProduct() {
    Yarn yarn = new Yarn("Circuits").filled();
    String boat = "boat=" + yarn.boat;
    assertThat(words(boat + "&circuit=engine")).hasSizeGreaterThan(3);
    assertThat(words(boat + "&circuit=heads")).isEmpty();
    assertThat(words(boat + "&product=Skeldra%20Rose%2038"))
        .hasSizeGreaterThan(2)
        .allMatch(words -> words.contains("P38-112"));
    assertThat(words(boat + "&product=Skeldra%20Pale%2027")).isEmpty();
    assertThat(book(boat + "&product=Nothing").field()).isEqualTo("product");
  }

  @Test
  void pagesWithoutLosingOrRepeatingALine() {
    Set<Long> seen = new HashSet<>();
    String before = "";
    int pages = 0;
    while (pages++ < 5) {
      JsonNode page = book("limit=7&kind=FILLS" + before).body();
      for (JsonNode line : page.path("lines")) {
        assertThat(seen.add(line.path("entry").path("seq").asLong())).isTrue();
        before = "&before=" + line.path("entry").path("seq").asLong();
      }
      assertThat(page.path("more").asBoolean()).isTrue();
    }
    assertThat(seen).hasSize(35);
  }

  @Test
  void aLotIsFoundInEveryBoatAndCircuitItWentInto() {
    Yarn yarn = new Yarn("Recalled").filled();
    JsonNode recall = RunningElsko.as("viewer").get("/api/book/lots/P38-112").body();
    JsonNode boat = null;
    double liters = 0;
    for (JsonNode one : recall.path("boats")) {
      for (JsonNode circuit : one.path("circuits")) {
        liters += circuit.path("liters").asDouble();
      }
      if (one.path("boat").asString().equals(yarn.boat)) {
        boat = one;
      }
    }
    assertThat(boat).isNotNull();
    assertThat(liters).isCloseTo(recall.path("liters").asDouble(), within(1e-6));
    JsonNode engine = boat.path("circuits").get(0);
    assertThat(engine.path("name").asString()).isEqualTo("engine raw water");
    assertThat(engine.path("stillIn").asBoolean()).isTrue();
    assertThat(engine.path("lastBy").asString()).isEqualTo("technician");
    assertThat(words("lot=P38-112&boat=" + yarn.boat)).isNotEmpty();
    assertThat(RunningElsko.as("viewer").get("/api/book/lots/nothing").body().path("boats"))
        .isEmpty();
  }

  @Test
  void whatWasTakenBackIsNotRecalledAndTheBookSaysWhoChangedWhat() {
    Yarn yarn = new Yarn("Mistaken");
    Map<String, Object> drained = Yarn.set("hull-plug", "OUT_BAGGED");
    yarn.kept(drained);
    yarn.kept(entry("WITHDRAWN", "corrects", drained.get("id"), "reason", "wrong boat"));
    JsonNode lines = book("corrections=true&boat=" + yarn.boat).body().path("lines");
    assertThat(lines).hasSize(1);
    assertThat(lines.get(0).path("entry").path("correctsWords").asString())
        .isEqualTo("Hull plug OUT, bagged");
    assertThat(lines.get(0).path("name").asString()).startsWith("Mistaken");
  }
}
