package elsko.core.kit;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class CarriedTest {
  @Test
  void acidBeforeAntifreezeIsTheOnlyRedLine() {
    for (Carried last : Carried.values()) {
      for (Carried next : Carried.values()) {
        boolean isIt = last == Carried.ACID && next == Carried.ANTIFREEZE;
        assertThat(last.redLineBefore(next) != null).as("%s then %s", last, next).isEqualTo(isIt);
      }
    }
    assertThat(Carried.ANTIFREEZE.cautionBefore(Carried.ACID)).contains("rinse");
  }

  @ParameterizedTest
  @EnumSource(Carried.class)
  void whatIsRinsedTakesAnything(Carried next) {
    assertThat(Carried.RINSED.cautionBefore(next)).isEmpty();
  }
}
