package elsko.core.fill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import elsko.core.Refused;
import elsko.core.boat.path.Method;
import elsko.core.fluid.Base;
import elsko.core.fluid.Policy;
import elsko.core.fluid.verdict.Need;
import java.util.List;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class PredictionTest {
  private static final Offset<Double> EXACT = within(1e-6);
  private static final Offset<Double> TRIAL = within(0.003);
  private static final double PRODUCT = 0.38;

  private static FillSegment segment(String name, double liters, double residual, int cells) {
    return new FillSegment(name, liters, residual, cells, false);
  }

  private static Prediction draw(double liters, boolean open, FillPart... parts) {
    return predict(Method.DRAW, liters, open, null, parts);
  }

  private static Prediction predict(
      Method method, double liters, boolean open, Double target, FillPart... parts) {
    return Prediction.of(
        new FillQuestion(
            Base.PG,
            PRODUCT,
            method,
            liters,
            open,
            new FillPath(List.of(parts)),
            target == null ? null : new FillTarget(target)));
  }

  @ParameterizedTest
  @ValueSource(doubles = {0.3, 2, 5, 19, 400})
  void oneFullCellIsWashedOutExponentially(double liters) {
    FilledSegment cell = draw(liters, true, segment("block", 2, 1, 1)).segments().get(0);
    assertThat(cell.massFraction()).isCloseTo(PRODUCT * (1 - Math.exp(-liters / 2)), EXACT);
    assertThat(cell.level()).isEqualTo(1);
  }

  @ParameterizedTest
  @CsvSource({"4, 1.5", "4, 6", "7, 3", "20, 30"})
  void cellsInSeriesFollowErlang(int cells, double liters) {
    FilledSegment hose = draw(liters, true, segment("hose", 3, 1, cells)).segments().get(0);
    double x = liters * cells / 3;
    double sum = 0;
    double stillWater = 0;
    double term = Math.exp(-x);
    double mean = 0;
    for (int k = 0; k < cells; k++) {
      sum += term;
      stillWater = sum;
      mean += sum / cells;
      term *= x / (k + 1);
    }
    assertThat(hose.lowestCellMassFraction()).isCloseTo(PRODUCT * (1 - stillWater), EXACT);
    assertThat(hose.massFraction()).isCloseTo(PRODUCT * (1 - mean), EXACT);
  }

  @Test
  void untilItIsFullACellOnlyMixesWithItsResidue() {
    Prediction half = draw(1, true, segment("block", 4, 0.05, 1));
    assertThat(half.segments().get(0).massFraction()).isCloseTo(PRODUCT / 1.2, EXACT);
    assertThat(half.segments().get(0).level()).isCloseTo(0.3, EXACT);
    assertThat(half.exhaustLiters()).isZero();
    Prediction more = draw(3.8 + 4, true, segment("block", 4, 0.05, 1));
    double water = 0.05 * Math.exp(-1);
    assertThat(more.segments().get(0).massFraction()).isCloseTo(PRODUCT * (1 - water), EXACT);
    assertThat(more.exhaustLiters()).isCloseTo(4, EXACT);
  }

  @Test
  void twoBranchesTakeTheirShares() {
    FillBranches both =
        new FillBranches(
            List.of(List.of(segment("port", 2, 1, 1)), List.of(segment("starboard", 5, 1, 1))),
            List.of(0.3, 0.7));
    Prediction after = draw(8, true, both);
    assertThat(after.segment("port").massFraction())
        .isCloseTo(PRODUCT * (1 - Math.exp(-0.3 * 8 / 2)), EXACT);
    assertThat(after.segment("starboard").massFraction())
        .isCloseTo(PRODUCT * (1 - Math.exp(-0.7 * 8 / 5)), EXACT);
    assertThat(after.exhaustLiters()).isCloseTo(8, EXACT);
  }

  @Test
  void aBranchThatIsStillFillingPassesNothing() {
    FillBranches both =
        new FillBranches(
            List.of(List.of(segment("port", 1, 0, 1)), List.of(segment("starboard", 5, 0, 1))),
            List.of(0.5, 0.5));
    Prediction after = draw(4, true, both, segment("muffler", 10, 0, 1));
    assertThat(after.segment("starboard").level()).isCloseTo(0.4, EXACT);
    assertThat(after.segment("muffler").level()).isCloseTo(0.1, EXACT);
  }

  @Test
  void aClosedGateLetsATwentiethIn() {
    FillSegment block = new FillSegment("block", 4, 1, 1, true);
    Prediction after = draw(20, false, block, segment("riser", 1, 1, 1));
    assertThat(after.segment("block").massFraction())
        .isCloseTo(PRODUCT * (1 - Math.exp(-0.05 * 20 / 4)), EXACT);
    // The riser gets 0.95 of product and 0.05 of what the block passes on: y' = 1 − 0.05·x − y,
    // x = e^(−V/80) being the water left in the block.
    double x = Math.exp(-20 / 80.0);
    double y = 0.05 / (1 - 1 / 80.0) * (x - Math.exp(-20)) + Math.exp(-20);
    assertThat(after.segment("riser").massFraction()).isCloseTo(PRODUCT * (1 - y), EXACT);
    assertThat(draw(20, true, block).segment("block").massFraction())
        .isGreaterThan(after.segment("block").massFraction());
  }

  @Test
  void undrainedEverySegmentBeginsFullOfWater() {
    Prediction undrained =
        predict(Method.DRAW_UNDRAINED, 3, true, null, segment("block", 2, 0.05, 1));
    assertThat(undrained.segments().get(0).massFraction())
        .isCloseTo(PRODUCT * (1 - Math.exp(-1.5)), EXACT);
  }

  @Test
  void pouredInOrderEachTakesWhatItHasRoomForAndTheRestRunsOver() {
    FillPart[] path = {segment("hose", 2, 0.05, 1), segment("block", 4, 0.05, 1)};
    Prediction some = predict(Method.POUR, 3, true, null, path);
    assertThat(some.segment("hose").massFraction()).isCloseTo(0.95 * PRODUCT, EXACT);
    assertThat(some.segment("block").massFraction()).isCloseTo(PRODUCT * 1.1 / 1.3, EXACT);
    assertThat(some.segment("block").level()).isCloseTo(1.3 / 4, EXACT);
    Prediction plenty = predict(Method.POUR, 10, true, null, path);
    assertThat(plenty.exhaustLiters()).isCloseTo(10 - 5.7, EXACT);
    assertThat(plenty.segment("block").massFraction()).isCloseTo(0.95 * PRODUCT, EXACT);
  }

  @Test
  void aSideThatDidNotRunTakesNothingWhenPoured() {
    Prediction poured = predict(Method.POUR, 9, true, 0.3, segment("starboard", 4.5, 1, 1));
    assertThat(poured.segment("starboard").massFraction()).isZero();
    assertThat(poured.litersToReach()).isNull();
    assertThat(poured.litersToReachReason()).contains("did not drain");
  }

  @Test
  void litersToReachAreWhereTheLowestCellGetsThere() {
    double target = 0.3;
    Prediction one = predict(Method.DRAW, 0, true, target, segment("block", 2, 1, 1));
    assertThat(one.litersToReach())
        .isCloseTo(2 * Math.log(PRODUCT / (PRODUCT - target)), within(1e-6));
    Prediction drained = predict(Method.DRAW, 0, true, target, segment("block", 2, 0.05, 1));
    assertThat(drained.litersToReach()).as("full enough").isCloseTo(1.898, within(1e-6));
  }

  @Test
  void itSaysWhyItIsNeverReached() {
    FillSegment gated = new FillSegment("block", 4, 0.05, 1, true);
    assertThat(predict(Method.DRAW, 19, true, 0.39, gated).litersToReachReason())
        .isEqualTo("the product cannot reach it");
    assertThat(predict(Method.DRAW, 19, false, 0.3, gated).litersToReachReason())
        .isEqualTo("behind a closed thermostat");
    assertThat(
            predict(Method.DRAW_UNDRAINED, 19, true, PRODUCT - 1e-7, segment("muffler", 9, 1, 1))
                .litersToReachReason())
        .startsWith("more than 10 ×");
    assertThat(draw(19, true, gated).litersToReachReason()).isNull();
  }

  /** Intake hose, pump, fuel and steering cooler, both sides of the block: 17 L. */
  private static FillPart[] v8(double residual) {
    return new FillPart[] {
      segment("intake hose", 1.0, residual, 4),
      segment("pump", 0.3, residual, 1),
      segment("fuel cooler", 0.3, residual, 4),
      segment("steering cooler", 0.4, residual, 4),
      new FillBranches(
          List.of(side("port", residual), side("starboard", residual)), List.of(0.5, 0.5))
    };
  }

  private static List<FillPart> side(String side, double residual) {
    return List.of(
        new FillSegment(side + " block", 4.5, residual, 1, true),
        segment(side + " manifold", 2.2, residual, 1),
        segment(side + " riser", 0.8, residual, 1));
  }

  @Test
  void theTrialOfASterndriveComesOut() {
    Prediction drained = draw(19, true, v8(0.05));
    assertThat(drained.segment("port block").massFraction()).isCloseTo(0.371, TRIAL);
    assertThat(drained.segment("port manifold").massFraction()).isCloseTo(0.359, TRIAL);
    assertThat(drained.segment("port riser").massFraction()).isCloseTo(0.352, TRIAL);
    assertThat(drained.exhaustLiters()).isCloseTo(2.85, TRIAL);
    assertThat(drained.weakest()).endsWith("riser");
    Prediction undrained = predict(Method.DRAW_UNDRAINED, 19, true, null, v8(0.05));
    assertThat(undrained.segment("port block").massFraction()).isCloseTo(0.322, TRIAL);
    assertThat(undrained.segment("port manifold").massFraction()).isCloseTo(0.275, TRIAL);
    assertThat(undrained.segment("port riser").massFraction()).isCloseTo(0.255, TRIAL);
    assertThat(undrained.exhaustLiters()).isCloseTo(19, TRIAL);
    Prediction shut = draw(19, false, v8(0.05));
    assertThat(shut.segment("port block").level()).isCloseTo(0.145, TRIAL);
    assertThat(shut.segment("port manifold").massFraction()).isCloseTo(0.378, TRIAL);
  }

  @Test
  void lookedAtAlongTheWayItEndsWhereItEndsAtOnce() {
    FillQuestion question =
        new FillQuestion(
            Base.PG, PRODUCT, Method.DRAW, 19, true, new FillPath(List.of(v8(0.05))), null);
    FillCourse course = FillCourse.of(question, 200);
    assertThat(course.looks()).isEqualTo(201);
    assertThat(course.litersAt(100)).isCloseTo(9.5, EXACT);
    Prediction atOnce = Prediction.of(question);
    assertThat(course.weakest(200)).endsWith("riser");
    assertThat(course.exhaustLiters(200)).isCloseTo(atOnce.exhaustLiters(), EXACT);
    for (int s = 0; s < atOnce.segments().size(); s++) {
      FilledSegment followed = course.segments(200).get(s);
      FilledSegment once = atOnce.segments().get(s);
      assertThat(followed.massFraction()).isCloseTo(once.massFraction(), EXACT);
      assertThat(followed.lowestCellMassFraction()).isCloseTo(once.lowestCellMassFraction(), EXACT);
      assertThat(followed.level()).isCloseTo(once.level(), EXACT);
      assertThat(followed.freezePointC()).isCloseTo(once.freezePointC(), EXACT);
    }
  }

  @ParameterizedTest
  @EnumSource(
      value = Method.class,
      names = {"POUR", "DRAW", "DRAW_UNDRAINED"})
  void everyLookIsWhatSoManyLitersLeave(Method method) {
    FillPath path = new FillPath(List.of(v8(0.05)));
    for (boolean open : new boolean[] {true, false}) {
      FillCourse course =
          FillCourse.of(new FillQuestion(Base.PG, PRODUCT, method, 40, open, path, null), 25);
      for (int look = 0; look < course.looks(); look++) {
        double liters = course.litersAt(look);
        Prediction once =
            Prediction.of(new FillQuestion(Base.PG, PRODUCT, method, liters, open, path, null));
        for (int s = 0; s < once.segments().size(); s++) {
          FilledSegment followed = course.segments(look).get(s);
          FilledSegment expected = once.segments().get(s);
          assertThat(followed.massFraction()).isCloseTo(expected.massFraction(), EXACT);
          assertThat(followed.lowestCellMassFraction())
              .isCloseTo(expected.lowestCellMassFraction(), EXACT);
          assertThat(followed.level()).isCloseTo(expected.level(), EXACT);
        }
      }
    }
  }

  @Test
  void aTargetIsWhatTheNeedAsks() {
    assertThat(FillTarget.of(Need.DEFAULT, Base.PG, 0.38).massFraction())
        .isCloseTo(0.292, within(5e-4));
    assertThat(FillTarget.of(new Need(-20, 5, Policy.LABEL), Base.PG, 0.38).massFraction())
        .isCloseTo(0.342, EXACT);
    assertThat(FillTarget.of(new Need(-50, 5, Policy.BURST), Base.PG, 0.38).massFraction())
        .isInfinite();
    assertThat(FillTarget.of(new Need(-20, 5, Policy.FREEZE), Base.PG, 0.38).massFraction())
        .isBetween(0.43, 0.44);
  }

  @Test
  void whatCannotBeAPathIsRefused() {
    assertThatThrownBy(() -> new FillPath(List.of()))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("empty");
    assertThatThrownBy(() -> segment("a", -1, 0, 1)).hasMessageContaining("above 0");
    assertThatThrownBy(() -> segment("a", Double.NaN, 0, 1)).isInstanceOf(Refused.class);
    assertThatThrownBy(
            () ->
                new FillBranches(
                    List.of(List.of(segment("a", 1, 0, 1)), List.of(segment("b", 1, 0, 1))),
                    List.of(0.5, 0.6)))
        .hasMessageContaining("sum to 1");
    assertThatThrownBy(() -> new FillPath(List.of(segment("a", 1, 0, 1), segment("a", 1, 0, 1))))
        .hasMessageContaining("both called");
    assertThatThrownBy(
            () ->
                new FillQuestion(
                    Base.EG,
                    0.3,
                    Method.DRAW,
                    5,
                    true,
                    new FillPath(List.of(segment("a", 1, 0, 1))),
                    null))
        .hasMessageContaining("poisonous");
  }
}
