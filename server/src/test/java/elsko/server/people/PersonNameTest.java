package elsko.server.people;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import elsko.core.Refused;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PersonNameTest {
  @ParameterizedTest
  @ValueSource(
      strings = {"Coordinator", "COORDINATOR", " coordinator  ", "c0ordinator", "coordinator"})
  void oneWhoLooksLikeAnotherIsThatOne(String typed) {
    assertThat(PersonName.of(typed).looksLike())
        .isEqualTo(PersonName.of("coordinator").looksLike());
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "",
        "   ",
        "c\u043Eordinator",
        "coordi\u200Bnator",
        "co\u202Eordinator",
        "ola\nola\u0000",
        "=cmd",
        "a name of more than forty letters is too long",
        "ola@home"
      })
  void whatIsNoNameIsRefused(String typed) {
    assertThatThrownBy(() -> PersonName.of(typed)).isInstanceOf(Refused.class);
  }

  @Test
  void aNameMayBeOfAnyOneScript() {
    assertThat(PersonName.of("\u041E\u043B\u044C\u0433\u0430").written()).hasSize(5);
    assertThat(PersonName.of("Åse  O’Brisk-Øl").written()).isEqualTo("Åse O’Brisk-Øl");
    assertThat(PersonName.of("A\u030Ase").written()).isEqualTo("Åse");
    assertThat(PersonName.of("\u0421\u043E\u043E\u0440").looksLike())
        .as("wholly of another script")
        .isEqualTo(PersonName.of("Coop").looksLike());
  }
}
