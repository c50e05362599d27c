package elsko.server;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.server.RunningElsko.Answer;
import elsko.server.RunningElsko.Browser;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Each reads in their own units; a program, and the log, are metric. */
@ExtendWith(RunningElsko.class)
class ReadersUnitsTest {
  private static final Pattern METRIC = Pattern.compile("\\d (°C|K|L|mL|mm|m|kPa|L/min|L/h)\\b");
  private static final Pattern US = Pattern.compile("\\d (°F|gal|fl oz|in|ft|psi)\\b");
  private static final Map<String, String> ALL_US = all("US");

  private final Browser technician = new Browser();

  private static Map<String, String> all(String system) {
    return Map.of("temperature", system, "volume", system, "length", system, "pressure", system);
  }

  private static String boat() {
    for (JsonNode boat : RunningElsko.as("viewer").get("/api/boats").body()) {
      if (boat.path("name").asString().equals("Marram")) {
        return boat.path("id").asString();
      }
    }
    throw new AssertionError("no Marram");
  }

  private Answer readIn(Object units) {
    return technician.send(
        "PUT", "/api/session/units", java.util.Collections.singletonMap("units", units), true);
  }

  @AfterEach
  void asBefore() {
    technician.signIn("technician", "demo");
    readIn(null);
  }

  @Test
  void whoChoseReadsInTheirOwnAndNobodyElseDoes() {
    technician.signIn("technician", "demo");
    String before = technician.send("GET", "/api/boats/" + boat(), null, false).raw().body();
    assertThat(before).containsPattern(METRIC);
    Answer chosen = readIn(ALL_US);
    assertThat(chosen.status()).isEqualTo(200);
    assertThat(chosen.body().path("ownUnits").asBoolean()).isTrue();
    Answer read = technician.send("GET", "/api/boats/" + boat(), null, false);
    assertThat(read.raw().body()).containsPattern(US).doesNotContainPattern(METRIC);
    assertThat(RunningElsko.as("technician").get("/api/boats/" + boat()).raw().body())
        .as("a program")
        .isEqualTo(RunningElsko.as("viewer").get("/api/boats/" + boat()).raw().body())
        .containsPattern(METRIC);
    Browser coordinator = new Browser();
    coordinator.signIn("coordinator", "demo");
    assertThat(coordinator.send("GET", "/api/boats/" + boat(), null, false).raw().body())
        .containsPattern(METRIC);
    assertThat(readIn(null).body().path("ownUnits").asBoolean()).isFalse();
    assertThat(technician.send("GET", "/api/boats/" + boat(), null, false).raw().body())
        .isEqualTo(before);
  }

  @Test
  void numbersStayWhatTheyAre() {
    technician.signIn("technician", "demo");
    String path = "/api/boats/" + boat();
    JsonNode metric = technician.send("GET", path, null, false).body();
    readIn(ALL_US);
    JsonNode us = technician.send("GET", path, null, false).body();
    assertThat(us.path("description")).isEqualTo(metric.path("description"));
  }

  @Test
  void aKindMayBeOfTheOtherSystem() {
    technician.signIn("technician", "demo");
    Answer mixed =
        readIn(
            Map.of(
                "temperature", "US", "volume", "METRIC", "length", "METRIC", "pressure", "METRIC"));
    assertThat(mixed.body().path("units").path("temperature").asString()).isEqualTo("US");
    assertThat(technician.send("GET", "/api/session", null, false).body().path("units"))
        .isEqualTo(mixed.body().path("units"));
  }

  @Test
  void unitsThatAreNotWholeAreRefused() {
    technician.signIn("technician", "demo");
    assertThat(readIn(Map.of("temperature", "US")).status()).isBetween(400, 422);
    assertThat(readIn(all("NAUTICAL")).status()).isBetween(400, 422);
    assertThat(
            technician.send("GET", "/api/session", null, false).body().path("ownUnits").asBoolean())
        .isFalse();
  }
}
