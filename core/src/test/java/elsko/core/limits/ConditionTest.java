package elsko.core.limits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import elsko.core.Refused;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.FieldSource;

class ConditionTest {
  static final List<Condition> ALL = Conditions.all();

  @ParameterizedTest
  @CsvSource({
    "oil-look, amber, GOOD", "oil-look, dark, GOOD", "oil-look, milky, STOP",
    "oil-look, metal, STOP", "oil-look, thin, STOP", "oil-level, over, STOP",
    "oil-level, low, MEND", "belt-look, light-dust, GOOD", "belt-look, ribs, MEND",
    "smoke, white, STOP", "smoke, blue, MEND", "coolant-look, clear, MEND",
    "face-plate, felt, GOOD", "face-plate, deep, MEND", "spark-plugs-look, wet, MEND",
    "exhaust-joints, two, GOOD", "exhaust-joints, one, MEND", "descaler, spent-early, MEND"
  })
  void theHandbooksWordsHold(String condition, String finding, Call call) {
    assertThat(Conditions.of(condition).finding(finding).call()).isEqualTo(call);
  }

  @ParameterizedTest
  @FieldSource("ALL")
  void whatIsNotGoodSaysWhatToDoAndTheGoodComesFirst(Condition condition) {
    assertThat(condition.findings().get(0).call()).isEqualTo(Call.GOOD);
    assertThat(condition.findings())
        .allSatisfy(
            finding -> {
              assertThat(finding.todo().isEmpty()).isEqualTo(finding.call() == Call.GOOD);
              assertThat(finding.judgement().words().toString()).isNotBlank();
            });
    assertThat(condition.findings()).extracting(Condition.Finding::key).doesNotHaveDuplicates();
  }

  @Test
  void whatNobodyLooksAtIsRefused() {
    assertThatThrownBy(() -> Conditions.of("mood")).isInstanceOf(Refused.class);
    assertThatThrownBy(() -> Conditions.OIL_LOOK.finding("green"))
        .isInstanceOf(Refused.class)
        .hasMessage("Say what was found: look of the engine oil.");
  }
}
