package elsko.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import elsko.server.RunningElsko.Answer;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@ExtendWith(RunningElsko.class)
class CalculatorTest {
  private static Answer post(String what, Object body) {
    return RunningElsko.as("viewer").post("/api/bench/" + what, body);
  }

  private static Map<String, Object> question() {
    Map<String, Object> question = new HashMap<>();
    question.put("designLowC", -20);
    question.put("marginK", 5);
    question.put("policy", "BURST");
    question.put(
        "product",
        Map.of("base", "PG", "massFraction", 0.4, "labelRatingC", -59.4, "labelRates", "BURST"));
    question.put(
        "instrument",
        Map.of(
            "kind", "REFRACTOMETER",
            "scale", "PG_FREEZE",
            "accuracy", 0,
            "compensatesFromC", 10,
            "compensatesToC", 30,
            "zeroReading", 0,
            "hoursSinceZeroCheck", 2));
    question.put("jugReading", -21.1);
    question.put("sampleReading", -21.1);
    question.put("sampleTemperatureC", 15);
    return question;
  }

  @Test
  void protectionBothWays() {
    Answer mass = post("protection", Map.of("base", "PG", "massFraction", 0.30));
    assertThat(mass.body().path("freezePointC").asDouble()).isEqualTo(-12.7);
    assertThat(mass.body().path("volumeFraction").asDouble()).isEqualTo(0.294);
    Answer volume = post("protection", Map.of("base", "EG", "volumeFraction", 0.314));
    assertThat(volume.body().path("burstPointC").asDouble()).isEqualTo(-51);
    assertThat(volume.body().path("burstIsFloor").asBoolean()).isTrue();
  }

  @Test
  void strengthFromEitherPoint() {
    Answer freeze = post("strength", Map.of("base", "PG", "freezePointC", -21.1));
    assertThat(freeze.body().path("massFraction").asDouble()).isEqualTo(0.40);
    Answer burst = post("strength", Map.of("base", "PG", "burstPointC", -23.3));
    assertThat(burst.body().path("volumeFraction").asDouble()).isCloseTo(0.28, within(1e-9));
  }

  @ParameterizedTest
  @CsvSource({
    "protection, '{\"base\":\"PG\",\"massFraction\":0.61}', massFraction",
    "protection, '{\"base\":\"PG\",\"massFraction\":-0.1}', massFraction",
    "protection, '{\"base\":\"PG\"}', massFraction",
    "protection, '{\"massFraction\":0.3}', base",
    "protection, '{\"base\":\"MG\",\"massFraction\":0.3}', base",
    "protection, '{\"base\":\"PG\",\"massFraction\":\"much\"}', massFraction",
    "strength, '{\"base\":\"PG\",\"freezePointC\":-60}', freezePointC",
    "strength, '{\"base\":\"PG\",\"burstPointC\":-52}', burstPointC",
    "strength, '{\"base\":\"PG\",\"freezePointC\":1}', freezePointC",
    "verdict, '{}', product",
    "protection, 'not json', body"
  })
  void whatCannotBeIsRefusedAtItsField(String what, String body, String field) {
    Answer answer = post(what, body);
    assertThat(answer.status()).isBetween(400, 422);
    assertThat(answer.field()).isEqualTo(field);
    assertThat(answer.reason()).isNotBlank();
    assertThat(answer.raw().body()).doesNotContain("Exception");
  }

  @Test
  void aVerdictCarriesItsNumbersAndReasons() {
    Map<String, Object> question = question();
    question.put("sampleReading", -7.1);
    question.put("segment", Map.of("liters", 4.5, "flowShare", 0.5, "gated", false));
    question.put("tankLiters", 30);
    Answer held = post("verdict", question);
    assertThat(held.status()).isEqualTo(200);
    assertThat(held.body().path("outcome").asString()).isEqualTo("HELD");
    assertThat(held.body().path("strengthKept").asDouble()).isCloseTo(0.5, within(1e-9));
    double through = held.body().path("remedy").path("litersThroughSegment").asDouble();
    assertThat(through).isCloseTo(4.5 * Math.log(0.2 / 0.04), within(1e-6));
    assertThat(held.body().path("remedy").path("litersFromTank").asDouble())
        .isCloseTo(2 * through, within(1e-9));
    assertThat(held.body().path("reasons").size()).isPositive();
  }

  @Test
  void aVerdictWithoutASegmentHasNoRemedy() {
    Map<String, Object> question = question();
    question.put("sampleReading", -7.1);
    assertThat(post("verdict", question).body().path("remedy").isNull()).isTrue();
  }

  @Test
  void aReadingOffTheScaleIsRefused() {
    Map<String, Object> question = question();
    question.put("sampleReading", -60);
    Answer answer = post("verdict", question);
    assertThat(answer.status()).isEqualTo(422);
    assertThat(answer.field()).isEqualTo("sampleReading");
    question.remove("sampleReading");
    assertThat(post("verdict", question).field()).isEqualTo("sampleReading");
  }
}
