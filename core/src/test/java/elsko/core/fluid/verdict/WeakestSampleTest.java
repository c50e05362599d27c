package elsko.core.fluid.verdict;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.fluid.Base;
import elsko.core.fluid.Instrument;
import elsko.core.fluid.InstrumentKind;
import elsko.core.fluid.LabelRates;
import elsko.core.fluid.Policy;
import elsko.core.fluid.Product;
import elsko.core.fluid.Scale;
import java.util.List;
import org.junit.jupiter.api.Test;

class WeakestSampleTest {
  private static final Product PINK = new Product(Base.PG, 0.38, null, null);
  private static final Instrument GLASS =
      new Instrument(InstrumentKind.REFRACTOMETER, Scale.PG_FREEZE, 1, 10, 30, 0, 1);
  private static final Need TO_MINUS_20 = new Need(-20, 5, Policy.BURST);

  private static Outcome judged(Need need, double jug, double sample) {
    return Proof.judge(
            new ProofQuestion(need, PINK, GLASS, jug, sample, 15, null, ProofQuestion.TANK_LITERS))
        .outcome();
  }

  @Test
  void theEdgesAreWhereTheVerdictTurns() {
    List<WeakestSample> table = WeakestSample.table(TO_MINUS_20, PINK, GLASS);
    assertThat(table).isNotEmpty();
    for (WeakestSample row : table) {
      assertThat(judged(TO_MINUS_20, row.jugReading(), row.weakest()).proves()).isTrue();
      assertThat(judged(TO_MINUS_20, row.jugReading(), row.weakest() + 0.01).proves()).isFalse();
      assertThat(judged(TO_MINUS_20, row.jugReading(), row.strongest()).proves()).isTrue();
      if (row.strongest() > -51) {
        assertThat(judged(TO_MINUS_20, row.jugReading(), row.strongest() - 0.01))
            .isEqualTo(Outcome.RETAKE);
      }
    }
  }

  @Test
  void aJugThatIsSuspectHasNoRow() {
    List<WeakestSample> table = WeakestSample.table(TO_MINUS_20, PINK, GLASS);
    assertThat(judged(TO_MINUS_20, -5, -5)).isEqualTo(Outcome.RETAKE);
    assertThat(table).noneMatch(row -> row.jugReading() == -5);
  }

  @Test
  void aProductThatCannotDoItHasNoRowAtAll() {
    Need arctic = new Need(-50, 5, Policy.FREEZE);
    assertThat(WeakestSample.table(arctic, PINK, GLASS)).isEmpty();
  }

  @Test
  void withAGlassThatCannotTellTheStrengthOnlyTheLabelPolicyHasRows() {
    Instrument wrong = new Instrument(InstrumentKind.REFRACTOMETER, Scale.LABEL, 1, 10, 30, 0, 1);
    Product rated = new Product(Base.PG, null, -50.0, LabelRates.BURST);
    assertThat(WeakestSample.table(TO_MINUS_20, rated, wrong)).isEmpty();
    assertThat(WeakestSample.table(new Need(-20, 5, Policy.LABEL), rated, wrong)).isNotEmpty();
  }
}
