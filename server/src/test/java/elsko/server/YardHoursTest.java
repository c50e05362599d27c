package elsko.server;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.server.RunningElsko.Answer;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The hours a yard keeps to beside those of its people, said under Settings and kept by walks. */
@ExtendWith(RunningElsko.class)
class YardHoursTest {
  private static final RunningElsko.Client COORDINATOR = RunningElsko.as("coordinator");

  @AfterEach
  void noneAgain() {
    assertThat(save(new HashMap<>()).status()).isEqualTo(200);
  }

  private static Answer save(Map<String, Object> hours) {
    String version = COORDINATOR.get("/api/walks/crew").body().path("version").asString();
    return COORDINATOR.put("/api/walks/means", Map.of("hours", hours), "\"" + version + "\"");
  }

  @Test
  void liftsArePlannedInTheHoursOfTheLift() throws Exception {
    Map<String, Object> hours = new HashMap<>();
    hours.put("lift", Map.of("from", 780, "to", 960));
    assertThat(save(hours).body().path("hours").path("lift").path("to").asInt()).isEqualTo(960);
    assertThat(COORDINATOR.post("/api/walks/search", Map.of("seconds", 1)).status()).isEqualTo(200);
    JsonNode plan = draft().path("plan");
    assertThat(plan.path("figures").path("brokenRules").asInt()).isZero();
    int lifts = 0;
    for (JsonNode stop : plan.path("stops")) {
      if (stop.path("task").asString().matches("lift|launch")) {
        assertThat(stop.path("start").asInt()).as(stop.toString()).isBetween(780, 960);
        assertThat(stop.path("end").asInt()).as(stop.toString()).isLessThanOrEqualTo(960);
        lifts++;
      }
    }
    assertThat(lifts).isPositive();
    assertThat(COORDINATOR.delete("/api/walks/draft").status()).isLessThan(500);
  }

  @Test
  void whatCannotBeIsRefusedAtItsField() {
    assertThat(save(Map.of("daylight", Map.of("latitude", 91, "longitude", 4))).field())
        .isEqualTo("hours.daylight.latitude");
    assertThat(save(Map.of("highWater", Map.of("at", "2031-11-03T09:00:00", "around", 2))).field())
        .isEqualTo("hours.highWater.around");
    assertThat(save(Map.of("doors", Map.of("from", 900, "to", 600))).status()).isEqualTo(422);
  }

  @Test
  void howManyMoreCanBePromisedIsAnsweredFromThePlanAtHand() {
    String soon = RunningElsko.today().toString();
    String later = RunningElsko.today().plusDays(12).toString();
    assertThat(promised(later).path("words").get(0).asString())
        .matches("(None more|\\d+( or)? more like ).*");
    assertThat(promised(soon).path("words")).hasSize(1);
    String past = RunningElsko.today().minusDays(3).toString();
    assertThat(COORDINATOR.post("/api/walks/what-if", Map.of("promisedBy", past)).field())
        .isEqualTo("promisedBy");
  }

  private static JsonNode promised(String by) {
    Answer answer = COORDINATOR.post("/api/walks/what-if", Map.of("promisedBy", by));
    assertThat(answer.status()).isEqualTo(200);
    return answer.body();
  }

  private static JsonNode draft() throws InterruptedException {
    for (int i = 0; i < 300; i++) {
      JsonNode now = COORDINATOR.get("/api/walks").body();
      if (!now.path("search").path("running").asBoolean()
          && now.path("plan").path("draft").asBoolean()) {
        return now;
      }
      Thread.sleep(100);
    }
    throw new AssertionError("no draft");
  }
}
