package elsko.core.limits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import elsko.core.Refused;
import org.junit.jupiter.api.Test;

class LimitTest {
  @Test
  void aWarmPlateauIsJudgedInWords() {
    assertThat(Limit.WARM_PLATEAU.judge(74).good()).isTrue();
    assertThat(Limit.WARM_PLATEAU.judge(55).words()).contains("not open yet");
    assertThat(Limit.WARM_PLATEAU.judge(92).words()).contains("Stop the engine");
  }

  @Test
  void whatCannotBeMeantIsRefused() {
    assertThatThrownBy(() -> Limit.WARM_PLATEAU.judge(165))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("165 is outside");
    assertThatThrownBy(() -> Limit.of("belt")).isInstanceOf(Refused.class);
  }
}
