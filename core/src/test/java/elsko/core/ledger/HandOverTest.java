package elsko.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import elsko.core.Refused;
import elsko.core.Story;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Procedure;
import org.junit.jupiter.api.Test;

class HandOverTest {
  @Test
  void whoeverIsNamedGoesOnAndTheNoteStaysWithTheCard() {
    Story story = Story.fourDrains().wet().open(Procedure.WINTERIZE);
    story.at(null, new Fact.HandedOver("Ines", "port plug is stiff"));
    assertThat(story.progress().heldBy()).isEqualTo("Ines");
    assertThat(story.progress().handOver().from()).isEqualTo("technician");
    assertThat(story.progress().handOver().note()).isEqualTo("port plug is stiff");
  }

  @Test
  void whoeverTakesItGoesOn() {
    Story story = Story.fourDrains().wet().open(Procedure.WINTERIZE);
    story.at(null, new Fact.HandedOver("Ines", ""));
    story.person = "coordinator";
    story.at(null, new Fact.CardTaken());
    assertThat(story.progress().heldBy()).isEqualTo("coordinator");
  }

  @Test
  void nobodyInParticularCannotGoOn() {
    assertThatThrownBy(() -> new Fact.HandedOver(" ", "x"))
        .isInstanceOf(Refused.class)
        .hasMessage("Say who goes on.");
  }
}
