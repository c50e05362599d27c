package elsko.core.procedure;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.Hulls;
import elsko.core.Story;
import elsko.core.boat.description.DrainArrangement;
import elsko.core.boat.path.Method;
import elsko.core.ledger.fact.Procedure;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Card;
import elsko.core.procedure.card.Step;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class StepWorkTest {
  @ParameterizedTest
  @EnumSource(
      value = Method.class,
      names = {"POUR", "DRAW", "DRAW_UNDRAINED", "DRY"})
  void everyFillIsFillingAndEverySampleProving(Method method) {
    Card card = Story.winterizing(DrainArrangement.FOUR_DRAINS, method).card();
    for (Step step : card.steps()) {
      StepWork work = StepWork.of(card, step);
      if (step.asks().stream().anyMatch(Ask.Fill.class::isInstance)) {
        assertThat(work).as(step.key()).isEqualTo(StepWork.FILL);
      }
      if (step.asks().stream().anyMatch(Ask.Sample.class::isInstance)) {
        assertThat(work).as(step.key()).isEqualTo(StepWork.PROVE);
      }
      if (step.asks().stream().anyMatch(Ask.Open.class::isInstance)) {
        assertThat(work).as(step.key()).isEqualTo(StepWork.EMPTY);
      }
    }
  }

  @Test
  void oneStepClosesAndItIsTheLast() {
    Story story = new Story(Hulls.twinDiesel()).wet();
    story.open(Procedure.WINTERIZE);
    Card card = story.card();
    List<StepWork> works = card.steps().stream().map(step -> StepWork.of(card, step)).toList();

    assertThat(works.stream().filter(work -> work == StepWork.CLOSE)).hasSize(1);
    assertThat(works.get(works.size() - 1)).isEqualTo(StepWork.CLOSE);
    assertThat(works).contains(StepWork.EMPTY, StepWork.FILL, StepWork.PROVE);
  }

  @Test
  void aRemedyFillsAndItsNextRoundProves() {
    Story story = Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.POUR);
    story.walkTo("prove", Map.of("block-port", Story.SHORT));
    Card card = story.card();

    assertThat(StepWork.of(card, card.step("remedy-1"))).isEqualTo(StepWork.FILL);
    assertThat(StepWork.of(card, card.step("prove-2"))).isEqualTo(StepWork.PROVE);
  }
}
