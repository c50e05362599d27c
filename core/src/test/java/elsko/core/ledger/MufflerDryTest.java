package elsko.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import elsko.core.Hulls;
import elsko.core.Story;
import elsko.core.boat.path.FittingState;
import elsko.core.ledger.circuit.CircuitState;
import elsko.core.ledger.circuit.CircuitState.Content;
import elsko.core.ledger.circuit.Protection;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Procedure;
import elsko.core.ledger.fact.Seen;
import elsko.core.procedure.card.Ask;
import java.util.Map;
import org.junit.jupiter.api.Test;

class MufflerDryTest {
  private final Story story = new Story(Hulls.saildrive()).wet();

  private CircuitState engine() {
    return story.state().circuit("engine");
  }

  @Test
  void itIsDrainedAgainAfterTheRunWhileTheRestStaysFilledAndProves() {
    story.open(Procedure.WINTERIZE, Map.of("engine", "DRAW", "engine.muffler", "DRY"));
    assertThat(story.card().step("prove").asks())
        .extracting(Ask::label)
        .doesNotContain(story.boat.lowPoint("water-lift").name());
    story.walk();
    assertThat(engine().contents())
        .containsEntry("exchanger", Content.ANTIFREEZE)
        .containsEntry("water-lift", Content.EMPTY);
    assertThat(story.state().fitting("water-lift-drain").state())
        .isEqualTo(FittingState.OUT_BAGGED);
    assertThat(engine().protection()).isEqualTo(Protection.PROVEN);
    assertThat(story.state().bag().expected()).isEqualTo(1);
  }

  @Test
  void takenOutAndNotLookedAtItProvesNothing() {
    story.open(Procedure.WINTERIZE, Map.of("engine", "DRAW"));
    story.walkTo("draw", Map.of());
    story.set("water-lift-drain", FittingState.OUT_BAGGED);
    assertThat(engine().protection()).isEqualTo(Protection.WET);
  }

  @Test
  void anotherDrainThatComesOutUndoesTheFill() {
    story.open(Procedure.WINTERIZE, Map.of("engine", "DRAW"));
    story.walkTo("draw", Map.of());
    story.set("exchanger-drain", FittingState.OUT_BAGGED);
    story.say(new Fact.LowPointSeen("exchanger", Seen.RAN_CLEAR));
    assertThat(engine().protection()).isEqualTo(Protection.WET);
  }

  @Test
  void onlyWhatHasAMufflerToOpenHasTheChoice() {
    assertThatThrownBy(
            () ->
                new Story(Hulls.sterndrive(null))
                    .wet()
                    .open(Procedure.WINTERIZE, Map.of("engine.muffler", "DRY")))
        .isInstanceOf(RuntimeException.class);
  }
}
