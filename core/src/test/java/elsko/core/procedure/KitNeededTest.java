package elsko.core.procedure;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.Hulls;
import elsko.core.Story;
import elsko.core.boat.description.BoatDescription;
import elsko.core.boat.description.DrainArrangement;
import elsko.core.boat.path.Method;
import elsko.core.kit.Carried;
import elsko.core.kit.KitKind;
import elsko.core.ledger.fact.Procedure;
import elsko.core.procedure.request.CardRequest;
import elsko.core.procedure.request.DescaleVariant;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class KitNeededTest {
  static Stream<Arguments> draws() {
    return Stream.of(
        Arguments.of(Hulls.saildrive(), KitKind.STRAINER_ADAPTER),
        Arguments.of(Hulls.smallDiesel(), KitKind.TEE_HOSE),
        Arguments.of(Hulls.sterndrive(DrainArrangement.FOUR_DRAINS), KitKind.MUFFS),
        Arguments.of(Hulls.jet(false), KitKind.PORT_CONNECTOR));
  }

  private static KitNeeded needed(Story story, String step) {
    return KitNeeded.of(
        new CardRequest(story.state(), story.progress(), story.practices), story.card().step(step));
  }

  @ParameterizedTest
  @MethodSource("draws")
  void aDrawWantsTheTankAndWhatItGoesOn(BoatDescription boat, KitKind at) {
    Story story =
        new Story(boat).wet().open(Procedure.WINTERIZE, Map.of("engine", Method.DRAW.name()));
    KitNeeded draw = needed(story, "draw");
    assertThat(draw.kinds()).containsExactlyInAnyOrder(KitKind.TANK, at);
    assertThat(draw.carries()).isEqualTo(Carried.ANTIFREEZE);
  }

  @Test
  void acidGoesThroughTheSameTankAndALoopHasItsPump() {
    Story story = new Story(Hulls.saildrive()).wet();
    story.open(Procedure.DESCALE, Map.of("engine", DescaleVariant.TANK_SOAK.name()));
    assertThat(needed(story, "first-shot").kinds()).contains(KitKind.TANK);
    assertThat(needed(story, "first-shot").carries()).isEqualTo(Carried.ACID);

    Story loop = new Story(Hulls.saildrive()).wet();
    loop.open(Procedure.DESCALE, Map.of("engine", DescaleVariant.CLOSED_LOOP.name()));
    assertThat(needed(loop, "loop").kinds()).containsExactly(KitKind.TRANSFER_PUMP);
  }

  @Test
  void waterWantsMuffsAndADrainNothing() {
    Story story = Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.POUR);
    assertThat(needed(story, "warm-up").kinds()).containsExactly(KitKind.MUFFS);
    assertThat(needed(story, "warm-up").carries()).isNull();
    assertThat(needed(story, "drain").kinds()).isEmpty();
  }
}
