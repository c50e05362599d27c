package elsko.server;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.server.RunningElsko.Answer;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Who may correct whose entry, and what no device may say. */
@ExtendWith(RunningElsko.class)
class WhoCorrectsTest {
  private final Yarn yarn = new Yarn("Corrected");

  private Answer as(String account, Map<String, Object> entry) {
    return sent(account, entry, null);
  }

  private Answer sent(String account, Map<String, Object> entry, String sentAt) {
    Map<String, Object> body = new LinkedHashMap<>();
    body.put("entries", List.of(entry));
    body.put("sentAt", sentAt);
    return RunningElsko.as(account).post("/api/boats/" + yarn.boat + "/entries", body);
  }

  private Answer corrected(String account, Map<String, Object> wrong, String text) {
    return as(account, Yarn.entry("NOTED", "text", text, "corrects", wrong.get("id")));
  }

  private Map<String, Object> noted(String account) {
    Map<String, Object> note = Yarn.entry("NOTED", "text", "do not launch");
    assertThat(as(account, note).status()).isEqualTo(200);
    return note;
  }

  @Test
  void aCoordinatorsHoldIsACoordinators() {
    Map<String, Object> hold = noted("coordinator");
    for (String other : List.of("yardhand", "technician")) {
      Answer refused = corrected(other, hold, "launch it");
      assertThat(refused.status()).isEqualTo(403);
      assertThat(refused.reason())
          .isEqualTo("A coordinator said this. Only a coordinator corrects it.");
    }
    assertThat(corrected("coordinator", hold, "launch it").status()).isEqualTo(200);
  }

  @Test
  void everybodyCorrectsTheirOwnAndATechnicianAYardHandsToo() {
    assertThat(corrected("yardhand", noted("yardhand"), "own").status()).isEqualTo(200);
    assertThat(corrected("technician", noted("yardhand"), "seen").status()).isEqualTo(200);
    Answer refused = corrected("yardhand", noted("technician"), "not seen");
    assertThat(refused.status()).isEqualTo(403);
    assertThat(refused.reason()).startsWith("technician said this.");
  }

  @Test
  void theLogSaysWhatWhoAsksMayCorrect() {
    noted("coordinator");
    noted("yardhand");
    assertThat(mayCorrect("yardhand")).isEqualTo("yardhand true, coordinator false");
    assertThat(mayCorrect("technician")).isEqualTo("yardhand true, coordinator false");
    assertThat(mayCorrect("coordinator")).isEqualTo("yardhand true, coordinator true");
  }

  private String mayCorrect(String account) {
    List<String> said =
        RunningElsko.as(account)
            .get("/api/boats/" + yarn.boat + "/log")
            .body()
            .path("entries")
            .valueStream()
            .map(e -> e.path("person").asString() + " " + e.path("mayCorrect").asBoolean())
            .toList();
    return String.join(", ", said);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "-999999999-01-01T00:00:00Z",
        "+999999999-12-31T23:59:59Z",
        "1970-01-01T00:00:00Z",
        "2099-01-01T00:00:00Z"
      })
  void aTimeOfAnotherAgeIsRefused(String at) {
    Map<String, Object> happened = Yarn.entry("NOTED", "text", "then");
    happened.put("deviceTime", at);
    Answer refused = as("technician", happened);
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.field()).isEqualTo("deviceTime");
    Answer sent = sent("technician", Yarn.entry("NOTED", "text", "now"), at);
    assertThat(sent.status()).isEqualTo(422);
    assertThat(sent.field()).isEqualTo("sentAt");
    Map<String, Object> seen = Yarn.entry("NOTED", "text", "seen");
    seen.put("downloadedAt", at);
    assertThat(as("technician", seen).status()).isEqualTo(422);
    Answer waited =
        RunningElsko.as("technician")
            .post(
                "/api/boats/" + yarn.boat + "/waiting-entries",
                Map.of("entries", List.of(happened), "sentAt", Instant.now().toString()));
    assertThat(waited.body().path("answers").get(0).path("field").asString())
        .isEqualTo("deviceTime");
  }

  @Test
  void textKeepsItsLinesAndLosesWhatNobodySees() {
    as(
        "technician",
        Yarn.entry("NOTED", "text", "first\nsecond \u202Edesrever\u202C \u0007\u200Bend"));
    String words =
        RunningElsko.as("viewer")
            .get("/api/boats/" + yarn.boat + "/log")
            .body()
            .path("entries")
            .get(0)
            .path("fact")
            .path("text")
            .asString();
    assertThat(words).isEqualTo("first\nsecond desrever end");
  }

  @Test
  void aNameStandsInOneLine() {
    Map<String, Object> boat = Yarn.described("Lines\r\nBcc: everybody \u202Etfel");
    Answer made = RunningElsko.as("coordinator").post("/api/boats", boat);
    assertThat(made.status()).isEqualTo(201);
    assertThat(made.body().path("description").path("name").asString())
        .isEqualTo("Lines Bcc: everybody tfel");
  }
}
