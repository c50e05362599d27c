package elsko.core.ledger.circuit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import elsko.core.Story;
import elsko.core.boat.description.DrainArrangement;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.LowPoint;
import elsko.core.boat.path.Method;
import elsko.core.fill.Discrepancy;
import elsko.core.fluid.Product;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Lot;
import elsko.core.ledger.fact.Seen;
import java.util.Map;
import org.junit.jupiter.api.Test;

class PredictedTest {
  private static Predicted predicted(Story story) {
    return Predicted.of(story.boat, story.state().circuit("engine"));
  }

  private static Story poured(String didNotRun) {
    Story story = Story.fourDrains().wet();
    for (LowPoint point : story.boat.circuit("engine").lowPoints()) {
      boolean drain = story.boat.circuit("engine").drains().contains(point.opens());
      story.set(point.opens(), drain ? FittingState.OUT_BAGGED : FittingState.OFF);
      story.say(
          new Fact.LowPointSeen(
              point.key(), point.key().equals(didNotRun) ? Seen.DID_NOT_RUN : Seen.RAN_CLEAR));
    }
    story.boat.circuit("engine").drains().forEach(drain -> story.set(drain, FittingState.IN));
    story
        .boat
        .circuit("engine")
        .pourPoints()
        .forEach(
            pour -> {
              story.set(pour.hose(), FittingState.OFF);
              story.say(new Fact.FluidUsed("engine", Story.LOT, pour.liters(), pour.hose()));
            });
    return story;
  }

  @Test
  void pouredAfterAClearDrainEverySegmentStandsNearTheProduct() {
    Predicted predicted = predicted(poured(""));
    assertThat(predicted.segment("block-starboard").massFraction())
        .isCloseTo(0.95 * 0.38, within(1e-6));
    assertThat(predicted.segment("block-starboard").full()).isTrue();
  }

  @Test
  void aSideWhoseDrainDidNotRunStaysWater() {
    Predicted predicted = predicted(poured("block-starboard"));
    assertThat(predicted.segment("block-starboard").lowestCellMassFraction()).isZero();
    assertThat(predicted.segment("block-port").massFraction()).isCloseTo(0.361, within(1e-6));
  }

  @Test
  void drawnThroughUndrainedItIsDilutedTowardTheExhaust() {
    Story story = Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.DRAW_UNDRAINED);
    story.walkTo("draw", Map.of());
    Predicted predicted = predicted(story);
    double block = predicted.segment("block-port").massFraction();
    assertThat(block).isBetween(0.3, 0.38);
    assertThat(predicted.segment("riser-port").massFraction()).isLessThan(block);
  }

  @Test
  void nothingIsPredictedBeforeAFillOrOfAProductOfUnknownStrength() {
    Story story = Story.fourDrains().wet();
    assertThat(predicted(story)).isNull();
    Lot unknown =
        new Lot("X1", "Unnamed", new Product(elsko.core.fluid.Base.PG, null, -60.0, null));
    story.add(null, null, null, new Fact.FluidUsed("engine", unknown, 19, null));
    assertThat(predicted(story)).isNull();
  }

  @Test
  void waterThroughItAgainForgetsTheFill() {
    Story story = poured("");
    story.say(new Fact.CircuitSeen("engine", false));
    assertThat(predicted(story)).isNull();
  }

  @Test
  void aSampleFarBelowThePredictionNamesWhatProbablyHappened() {
    Discrepancy pocket =
        Discrepancy.of(0.21, 0.361, new Discrepancy.Around(false, true, false, 1.0));
    assertThat(pocket.causes().get(0)).contains("pocket");
    assertThat(pocket.words()).startsWith("21 % measured where 36 % was predicted");
    Discrepancy gate = Discrepancy.of(0.21, 0.361, new Discrepancy.Around(true, true, true, 1.0));
    assertThat(gate.causes().get(0)).contains("thermostat");
    Discrepancy weak = Discrepancy.of(0.21, 0.361, new Discrepancy.Around(true, false, false, 0.9));
    assertThat(weak.causes().get(0)).contains("weak lot");
    assertThat(weak.causes()).hasSize(3);
    assertThat(Discrepancy.of(0.33, 0.361, new Discrepancy.Around(true, true, true, null)))
        .isNull();
  }
}
