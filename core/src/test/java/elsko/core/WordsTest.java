package elsko.core;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WordsTest {
  @ParameterizedTest
  @CsvSource({
    "-12.76, 1, −12.8",
    "-0.04, 1, 0",
    "4.5, 1, 4.5",
    "100, 0, 100",
    "0.125, 2, 0.13",
    "NaN, 1, not a number"
  })
  void numbersAreShortWithATrueMinus(double value, int decimals, String words) {
    assertThat(Words.number(value, decimals)).isEqualTo(words);
  }

  @Test
  void fractionsAreWholePercent() {
    assertThat(Words.percent(0.554)).isEqualTo("55 %");
  }

  @Test
  void listsReadAsASentenceDoes() {
    assertThat(Words.list(List.of())).isEmpty();
    assertThat(Words.list(List.of("port"))).isEqualTo("port");
    assertThat(Words.list(List.of("port", "starboard"))).isEqualTo("port and starboard");
    assertThat(Words.list(List.of("a", "b", "c"))).isEqualTo("a, b and c");
    assertThat(Words.sentence("port block")).isEqualTo("Port block");
    assertThat(Words.sentence("")).isEmpty();
  }

  @Test
  void aRefusalNamesFieldAndRange() {
    assertThatThrownBy(() -> Refused.within("hullLengthM", 40, 3, 24, " m"))
        .isInstanceOfSatisfying(
            Refused.class,
            refused -> {
              assertThat(refused.kind()).isEqualTo(Refused.Kind.VALUE);
              assertThat(refused.field()).isEqualTo("hullLengthM");
              assertThat(refused.reason().toString())
                  .isEqualTo("Must be from 3 to 24 m; 40 is outside.");
            });
    assertThat(Refused.within("x", 3, 3, 24, "")).isEqualTo(3);
  }
}
