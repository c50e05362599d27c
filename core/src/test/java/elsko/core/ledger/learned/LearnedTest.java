package elsko.core.ledger.learned;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.Hulls;
import elsko.core.Story;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Procedure;
import elsko.core.procedure.card.Ask;
import java.util.Map;
import org.junit.jupiter.api.Test;

class LearnedTest {
  private final Story story = new Story(Hulls.saildrive()).wet();

  private double asked(Class<? extends Ask> kind) {
    return story.card().steps().stream()
        .flatMap(step -> step.asks().stream())
        .filter(kind::isInstance)
        .mapToDouble(
            ask ->
                switch (ask) {
                  case Ask.Open open when open.lowPoint().equals("exchanger") -> open.liters();
                  case Ask.Fill fill when fill.circuit().equals("engine") -> fill.liters();
                  default -> 0;
                })
        .max()
        .orElseThrow();
  }

  private void layUp() {
    story.open(Procedure.WINTERIZE, Map.of("engine", "DRAW"));
  }

  private void caught(double liters) {
    story.say(new Fact.CaughtAtDrain("exchanger", liters));
  }

  @Test
  void whatWasCaughtInEarlierYearsIsExpectedAtTheDrain() {
    layUp();
    assertThat(asked(Ask.Open.class)).isEqualTo(1.2);
    caught(2.0);
    caught(1.6);
    caught(1.8);
    assertThat(asked(Ask.Open.class)).isEqualTo(1.8);
    assertThat(story.state().learned().get(0).times()).isEqualTo(3);
  }

  @Test
  void onlyTheLastFiveCount() {
    for (double liters : new double[] {9, 9, 9, 1, 1, 1, 2, 2}) {
      caught(liters);
    }
    assertThat(story.state().learned().get(0).value()).isEqualTo(1);
    assertThat(story.state().learned().get(0).times()).isEqualTo(5);
  }

  @Test
  void whatAFillTookIsHadReadyTheNextYearAndNotInTheSame() {
    layUp();
    double forecast = asked(Ask.Fill.class);
    story.walkTo("draw", Map.of());
    assertThat(story.state().learned()).isEmpty();
    story.walk();
    story.open(Procedure.COMMISSION).walk();
    story.daysLater(200);
    layUp();
    assertThat(asked(Ask.Fill.class)).isEqualTo(forecast);
    assertThat(story.state().learned(Learned.Kind.FILL_TOOK, "engine").value()).isEqualTo(forecast);
  }

  @Test
  void whereItsGaugeHoldsIsGoneByAfterThreeTimesUnlessAPersonSaysOtherwise() {
    for (double celsius : new double[] {79, 80, 81}) {
      story.say(new Fact.ReadingTaken(null, "plateau-closed", celsius));
    }
    assertThat(story.state().learned(Learned.Kind.PLATEAU, "CENTER").value()).isEqualTo(80);
    assertThat(story.state().limit(null, "plateau-closed").good().high()).isEqualTo(84);
    story.say(new Fact.LearnedUsed("plateau.CENTER", false));
    assertThat(story.state().limit(null, "plateau-closed").good().high()).isEqualTo(91);
    assertThat(story.state().learned()).hasSize(1);
  }

  @Test
  void aPersonMaySayThatItIsNotGoneByAndThatItIsAgain() {
    caught(2.0);
    story.say(new Fact.LearnedUsed("caught.exchanger", false));
    layUp();
    assertThat(asked(Ask.Open.class)).isEqualTo(1.2);
    story.say(new Fact.LearnedUsed("caught.exchanger", true));
    assertThat(asked(Ask.Open.class)).isEqualTo(2);
  }
}
