package elsko.server;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.server.RunningElsko.Answer;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningElsko.class)
class ShelfTest {
  private static Answer add(String what, Map<String, Object> body) {
    return RunningElsko.as("coordinator").post("/api/bench/" + what, body);
  }

  private static String unique(String name) {
    return name + " " + UUID.randomUUID().toString().substring(0, 8);
  }

  private static Map<String, Object> instrument(String name) {
    Map<String, Object> instrument = new HashMap<>();
    instrument.put("name", name);
    instrument.put("kind", "REFRACTOMETER");
    instrument.put("scale", "PG_FREEZE");
    instrument.put("accuracy", 1);
    instrument.put("compensatesFromC", 10);
    instrument.put("compensatesToC", 30);
    return instrument;
  }

  @Test
  void aProductALotAndAnInstrumentAreAddedAndUsed() {
    String name = unique("Harbor Blue 45");
    Answer products = add("products", Map.of("name", name, "base", "PG", "massFraction", 0.45));
    assertThat(products.status()).isEqualTo(201);
    String product = null;
    for (var view : products.body().path("products")) {
      if (view.path("name").asString().equals(name)) {
        product = view.path("id").asString();
        assertThat(view.path("labelRatingC").isNull()).isTrue();
      }
    }
    String number = unique("P45");
    assertThat(add("lots", Map.of("productId", product, "number", number)).status()).isEqualTo(201);
    Yarn yarn = new Yarn("Blue");
    yarn.kept(Yarn.entry("JUG_READ", "lot", number, "instrument", Yarn.glass(), "reading", -26.7));
  }

  @Test
  void anOldLotIsSaidToBeExpired() {
    String product =
        RunningElsko.as("viewer")
            .get("/api/bench/shelf")
            .body()
            .path("products")
            .get(0)
            .path("id")
            .asString();
    String number = unique("OLD");
    Answer shelf =
        add("lots", Map.of("productId", product, "number", number, "expiresOn", "2020-01-31"));
    assertThat(shelf.status()).isEqualTo(201);
    for (var lot : shelf.body().path("lots")) {
      if (lot.path("number").asString().equals(number)) {
        assertThat(lot.path("expired").asBoolean()).isTrue();
        return;
      }
    }
    throw new AssertionError("the lot is on the shelf");
  }

  @Test
  void anInstrumentIsTrustedOnlyAfterATrueZeroCheck() {
    String name = unique("Shed glass");
    Answer added = add("instruments", instrument(name));
    String id = find(added, name).path("id").asString();
    assertThat(find(added, name).path("trusted").asBoolean()).isFalse();
    String path = "/api/bench/instruments/" + id + "/zero-checks";
    Answer off = RunningElsko.as("technician").post(path, Map.of("reading", -2.5));
    assertThat(find(off, name).path("trusted").asBoolean()).isFalse();
    Answer good = RunningElsko.as("technician").post(path, Map.of("reading", 0.3));
    assertThat(find(good, name).path("trusted").asBoolean()).isTrue();
    assertThat(find(good, name).path("zeroCheckedBy").asString()).isEqualTo("technician");
    Answer nowhere =
        RunningElsko.as("technician")
            .post(
                "/api/bench/instruments/" + UUID.randomUUID() + "/zero-checks",
                Map.of("reading", 0));
    assertThat(nowhere.status()).isEqualTo(404);
  }

  @Test
  void aZeroCheckOnPaperCountsFromWhenItWasMadeAndNeitherLaterNorForLong() {
    String path = "/api/bench/instruments/" + Yarn.glass() + "/zero-checks";
    Instant now = RunningElsko.now();
    for (Instant wrong : List.of(now.plusSeconds(600), now.minus(Duration.ofDays(8)))) {
      Answer refused =
          RunningElsko.as("technician")
              .post(path, Map.of("reading", 0, "checkedAt", wrong.toString()));
      assertThat(refused.status()).isEqualTo(422);
      assertThat(refused.field()).isEqualTo("checkedAt");
    }
    Instant yesterday = now.minus(Duration.ofDays(1)).truncatedTo(ChronoUnit.SECONDS);
    Answer taken =
        RunningElsko.as("technician")
            .post(path, Map.of("reading", 0, "checkedAt", yesterday.toString()));
    assertThat(taken.status()).isEqualTo(201);
    // What was checked today still comes last.
    for (JsonNode one : taken.body().path("instruments")) {
      if (one.path("id").asString().equals(Yarn.glass().toString())) {
        assertThat(Instant.parse(one.path("zeroCheckedAt").asString())).isAfter(yesterday);
      }
    }
  }

  @Test
  void aReadingWithAnUncheckedInstrumentHasToBeTakenAgain() {
    String name = unique("Never checked");
    String id = find(add("instruments", instrument(name)), name).path("id").asString();
    Yarn yarn = new Yarn("Unchecked").filled();
    Map<String, Object> sample = Yarn.sample("block-port", -18);
    sample.put("instrument", id);
    yarn.kept(Yarn.jug(-19), sample);
    assertThat(yarn.protection()).isEqualTo("FILLED");
    for (var point : yarn.view().body().path("circuits").get(0).path("points")) {
      if (point.path("key").asString().equals("block-port")) {
        assertThat(point.path("verdict").path("outcome").asString()).isEqualTo("RETAKE");
        assertThat(point.path("verdict").path("reasons").get(0).asString())
            .contains("no zero check in the 24 h before");
      }
    }
  }

  @Test
  void aZeroCheckMadeAfterwardsProvesNothingAboutAnEarlierReading() {
    String name = unique("Checked late");
    String id = find(add("instruments", instrument(name)), name).path("id").asString();
    Yarn yarn = new Yarn("Late check");
    yarn.secondsAgo = 7200;
    yarn.filled();
    yarn.secondsAgo = 0;
    Answer checked =
        RunningElsko.as("technician")
            .post("/api/bench/instruments/" + id + "/zero-checks", Map.of("reading", 0));
    assertThat(checked.status()).isEqualTo(201);
    String before = RunningElsko.now().minusSeconds(3600).toString();
    Map<String, Object> jug = Yarn.jug(-19);
    Map<String, Object> sample = Yarn.sample("block-port", -18);
    for (Map<String, Object> reading : List.of(jug, sample)) {
      reading.put("instrument", id);
      reading.put("deviceTime", before);
    }
    yarn.kept(jug, sample);
    assertThat(outcome(yarn, "block-port")).isEqualTo("RETAKE");
    Map<String, Object> again = Yarn.sample("block-port", -18);
    again.put("instrument", id);
    Map<String, Object> jugAgain = Yarn.jug(-19);
    jugAgain.put("instrument", id);
    yarn.kept(jugAgain, again);
    assertThat(outcome(yarn, "block-port")).isEqualTo("PROVEN");
  }

  private static String outcome(Yarn yarn, String point) {
    for (var one : yarn.view().body().path("circuits").get(0).path("points")) {
      if (one.path("key").asString().equals(point)) {
        return one.path("verdict").path("outcome").asString();
      }
    }
    throw new AssertionError("the point is on the boat");
  }

  @ParameterizedTest
  @CsvSource({
    "products, name, ''",
    "products, massFraction, 1.2",
    "products, labelRatingC, 12",
    "instruments, name, ''",
    "instruments, accuracy, -1",
    "instruments, compensatesToC, 5",
    "lots, number, ''"
  })
  void whatCannotBeOnAShelfIsRefusedAtItsField(String what, String field, String value) {
    Map<String, Object> body = instrument(unique("Shelf"));
    body.put("base", "PG");
    body.put("number", unique("N"));
    body.put(field, value.isEmpty() ? "" : (Object) Double.valueOf(value));
    Answer answer = add(what, body);
    assertThat(answer.status()).isEqualTo(422);
    assertThat(answer.field()).isEqualTo(field);
  }

  @Test
  void namesAreTakenOnce() {
    String name = unique("Twin");
    assertThat(add("instruments", instrument(name)).status()).isEqualTo(201);
    Answer again = add("instruments", instrument(name));
    assertThat(again.status()).isEqualTo(409);
    assertThat(again.field()).isEqualTo("name");
  }

  private static tools.jackson.databind.JsonNode find(Answer shelf, String name) {
    for (var instrument : shelf.body().path("instruments")) {
      if (instrument.path("name").asString().equals(name)) {
        return instrument;
      }
    }
    throw new AssertionError(name + " is on the shelf");
  }
}
