package elsko.core.procedure.part;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import elsko.core.Hulls;
import elsko.core.Refused;
import elsko.core.Story;
import elsko.core.boat.description.BoatDescription;
import elsko.core.boat.description.EnginePart;
import elsko.core.boat.path.Position;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Procedure;
import elsko.core.limits.BeltSchool;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.AskStatus;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.request.Practices;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

class LookOverTest {
  private static List<String> keys(BoatDescription description, Practices practices) {
    return LookOver.of(new Story(description).state(), practices).stream()
        .flatMap(group -> group.asks().stream())
        .map(ask -> ask instanceof Ask.Read read ? read.limit() : ((Ask.See) ask).condition())
        .toList();
  }

  private static List<String> keys(BoatDescription description) {
    return keys(description, Practices.USUAL);
  }

  @Test
  void anEngineGivesOnlyTheReadingsItHas() {
    assertThat(keys(Hulls.saildrive()))
        .contains("coolant-level", "siphon-height", "impeller-vanes", "pressure-cap")
        .doesNotContain("gland-drip", "face-seal-drip");
    assertThat(keys(Hulls.outboard())).doesNotContain("belt-deflection", "coolant-level");
    assertThat(keys(Hulls.airCooled())).doesNotContain("water-at-exhaust", "exhaust-flow");
    assertThat(keys(Hulls.noEngine()))
        .containsExactly("battery", "battery-age", "battery-holds", "fuel-level");
  }

  @Test
  void aShaftDripsUnlessItHasAFaceSeal() {
    BoatDescription packed = Hulls.smallDiesel();
    assertThat(keys(packed)).contains("gland-drip");
    BoatDescription sealed =
        Hulls.boat(
            "Sealed",
            packed.kind(),
            packed.layout(),
            packed.engines().get(0).with(Set.of(EnginePart.FACE_SEAL)));
    assertThat(keys(sealed)).contains("face-seal-drip").doesNotContain("gland-drip");
  }

  @Test
  void theYardsSchoolSaysHowABeltIsMeasured() {
    for (BeltSchool school : BeltSchool.values()) {
      Practices yard = new Practices(true, Map.of(), school, 4, Set.of());
      assertThat(keys(Hulls.saildrive(), yard))
          .contains(school.limit().key())
          .filteredOn(key -> key.startsWith("belt-") && !key.equals("belt-look"))
          .hasSize(1);
    }
    assertThatThrownBy(() -> new Practices(true, Map.of(), BeltSchool.SHORT_SPAN, 7, Set.of()))
        .isInstanceOf(Refused.class);
  }

  @Test
  void aBeltWithASpringTensionerIsReadByItsMark() {
    Story story = new Story(Hulls.saildrive()).wet().open(Procedure.COMMISSION);
    Step step = story.card().step("look-over");
    Ask belt =
        step.asks().stream()
            .filter(ask -> ask instanceof Ask.Read read && read.instead() != null)
            .findFirst()
            .orElseThrow();
    assertThat(AskStatus.of(story.state(), story.progress(), "look-over").isAnswered(step, belt))
        .isFalse();
    story.at("look-over", new Fact.ConditionSeen(null, "tensioner-mark", "in"));
    assertThat(AskStatus.of(story.state(), story.progress(), "look-over").isAnswered(step, belt))
        .isTrue();
  }

  @Test
  void theImpellersJobIsNotFinishedWhileAPieceIsMissing() {
    Story story = new Story(Hulls.saildrive()).wet().open(Procedure.COMMISSION);
    for (Ask ask : story.card().step("due").asks()) {
      story.at(
          "due",
          ask instanceof Ask.Read read && read.limit().equals("impeller-vanes")
              ? new Fact.ReadingTaken(Position.CENTER, "impeller-vanes", 4, 6.0)
              : Story.USUAL.to(ask, story.state()).get(0));
    }
    assertThatThrownBy(() -> story.at("due", new Fact.StepDone()))
        .hasMessage("Still open: pieces of the impeller found.");
    story.at("due", new Fact.PiecesFound(null, 2, "exchanger inlet"));
    story.at("due", new Fact.StepDone());
    assertThat(story.progress().isSettled("due")).isTrue();
    assertThat(story.card().step("due").asks()).hasAtLeastOneElementOfType(Ask.Pieces.class);
  }

  @Test
  void whatWasLostIsLookedForAlsoWhenNothingIsDue() {
    Story story = new Story(Hulls.saildrive()).wet();
    story.say(new Fact.ReadingTaken(null, "impeller-vanes", 5, 6.0));
    for (var interval : elsko.core.limits.Interval.values()) {
      story.say(
          new Fact.ServiceDone(
              interval.isPerEngine() ? Position.CENTER : null, interval.key(), ""));
    }
    story.open(Procedure.COMMISSION);
    assertThat(story.card().step("due").asks()).hasOnlyElementsOfType(Ask.Pieces.class);
    story.at("due", new Fact.PiecesFound(null, 1, ""));
    story.at("due", new Fact.StepDone());
    assertThat(story.progress().isSettled("due")).isTrue();
  }
}
