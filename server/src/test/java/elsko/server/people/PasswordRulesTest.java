package elsko.server.people;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import elsko.core.Refused;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PasswordRulesTest {
  private static String checked(String password) {
    return PasswordRules.checked("password", password, "Orrin Brisk", "Fennholm Yard");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "",
        "short",
        "password",
        "password12",
        "1234567890",
        "qwertyuiop",
        "aaaaaaaaaaaa",
        "orrinbrisk",
        "OrrinBrisk1",
        "fennholmyard",
        "elskoelsko",
        "iloveyou123"
      })
  void whatSomebodyWouldTryFirstIsRefused(String password) {
    assertThatThrownBy(() -> checked(password))
        .isInstanceOfSatisfying(
            Refused.class, refused -> assertThat(refused.field()).isEqualTo("password"));
  }

  @Test
  void lengthIsWhatCounts() {
    assertThat(checked("seven wet herons")).isEqualTo("seven wet herons");
    assertThat(checked("åtte våte hegrer")).isNotEmpty();
    assertThatThrownBy(() -> checked("å".repeat(37))).hasMessageContaining("72 bytes");
    assertThatThrownBy(() -> checked(null)).isInstanceOf(Refused.class);
  }
}
