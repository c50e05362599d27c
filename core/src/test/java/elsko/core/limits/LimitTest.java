package elsko.core.limits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import elsko.core.Refused;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.FieldSource;

class LimitTest {
  static final java.util.List<Limit> ALL = Limits.all();

  @Test
  void aWarmPlateauIsJudgedInWords() {
    assertThat(Limits.WARM_PLATEAU.judge(74).call()).isEqualTo(Call.GOOD);
    assertThat(Limits.WARM_PLATEAU.judge(74).words()).hasToString("Good: between 60 and 82 °C.");
    assertThat(Limits.WARM_PLATEAU.judge(55).words().toString()).contains("not open yet");
    assertThat(Limits.WARM_PLATEAU.judge(92).call()).isEqualTo(Call.STOP);
  }

  /** 42 mm per meter ±25 %: a span of 300 mm gives 12.6 mm, from 9.45 to 15.75. */
  @ParameterizedTest
  @CsvSource({
    "9.4, 300, MEND, Tight", "9.45, 300, GOOD, between 9.45 and 15.7 mm",
    "15.75, 300, GOOD, and 15.75 mm", "15.8, 300, MEND, Slack",
    "4.2, 100, GOOD, between 3.2 and 5.2 mm"
  })
  void aBeltGivesByItsSpan(double mm, double span, Call call, String words) {
    Judgement judged = Limits.BELT_DEFLECTION.judge(mm, span);
    assertThat(judged.call()).isEqualTo(call);
    assertThat(judged.words().toString()).contains(words);
  }

  @ParameterizedTest
  @CsvSource({
    "DEFLECTION, 12, 300, GOOD",
    "TWIST_80_TO_100, 79, , MEND",
    "TWIST_80_TO_100, 80, , GOOD",
    "TWIST_80_TO_100, 101, , MEND",
    "TWIST_AT_MOST_90, 60, , GOOD",
    "TWIST_AT_MOST_90, 91, , MEND",
    "TWIST_AT_MOST_90, 59, , MEND",
    "TWIST_AT_MOST_90, 5, , MEND",
    "SHORT_SPAN, 0, , MEND",
    "SHORT_SPAN, 2.9, , MEND",
    "SHORT_SPAN, 3, , GOOD",
    "SHORT_SPAN, 12, , GOOD",
    "SHORT_SPAN, 12.5, , MEND"
  })
  void eachSchoolOfBeltsJudgesItsOwnWay(BeltSchool school, double value, Double span, Call call) {
    assertThat(school.limit().judge(value, span).call()).isEqualTo(call);
  }

  @ParameterizedTest
  @CsvSource({
    "gland-drip, 5, , MEND",
    "gland-drip, 6, , GOOD",
    "gland-drip, 60, , GOOD",
    "gland-drip, 61, , MEND",
    "face-seal-drip, 0, , GOOD",
    "face-seal-drip, 1, , MEND",
    "siphon-height, 456, , MEND",
    "siphon-height, 457, , GOOD",
    "pressure-cap, 76, 90, MEND",
    "pressure-cap, 77, 90, GOOD",
    "pressure-cap, 90, 90, GOOD",
    "pressure-cap, 103, 90, GOOD",
    "pressure-cap, 104, 90, MEND",
    "pressure-cap, 200, 90, MEND",
    "impeller-vanes, 6, 6, GOOD",
    "impeller-vanes, 5, 6, STOP",
    "impeller-vanes, 7, 6, MEND",
    "battery-age, 4, 4, GOOD",
    "battery-age, 5, 4, MEND",
    "speed-after-start, 2000, , GOOD",
    "speed-at-shift, 851, , MEND",
    "water-pressure, 61, , STOP"
  })
  void theHandbooksNumbersHold(String key, double value, Double against, Call call) {
    assertThat(Limits.of(key).judge(value, against).call()).isEqualTo(call);
  }

  @ParameterizedTest
  @FieldSource("ALL")
  void whatIsNotGoodSaysWhatToDo(Limit limit) {
    Double held = limit.against() == null ? null : limit.against().possible().low();
    Limit.Range good = limit.good(held);
    assertThat(limit.judge(good.low(), held).isGood()).isTrue();
    if (good.low() > limit.possible().low()) {
      assertThat(limit.judge(limit.possible().low(), held).words().toString()).isNotBlank();
      assertThat(limit.judge(limit.possible().low(), held).isGood()).isFalse();
    }
    if (good.high() < limit.possible().high()) {
      assertThat(limit.judge(limit.possible().high(), held).words().toString()).isNotBlank();
      assertThat(limit.judge(limit.possible().high(), held).isGood()).isFalse();
    }
  }

  @Test
  void whatCannotBeMeantIsRefused() {
    assertThatThrownBy(() -> Limits.WARM_PLATEAU.judge(165))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("165 is outside");
    assertThatThrownBy(() -> Limits.of("belt")).isInstanceOf(Refused.class);
    assertThatThrownBy(() -> Limits.BELT_DEFLECTION.judge(12))
        .hasMessage("Say the free span too, in mm.");
    assertThatThrownBy(() -> Limits.BELT_DEFLECTION.judge(12, 9.0)).isInstanceOf(Refused.class);
    assertThatThrownBy(() -> Limits.BATTERY.judge(12, 3.0)).hasMessageContaining("not held");
  }
}
