package elsko.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import elsko.core.Refused;
import elsko.core.Story;
import elsko.core.boat.description.DrainArrangement;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.Method;
import elsko.core.ledger.circuit.WaterHistory;
import elsko.core.ledger.decision.Decision;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.FrostFinding;
import elsko.core.ledger.fact.Procedure;
import elsko.core.ledger.fact.StartBasis;
import elsko.core.procedure.MayLaunch;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.request.Choices;
import elsko.core.procedure.request.Practices;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class FrostLookTest {
  private final Story story = Story.fourDrains().wet();

  private WaterHistory history() {
    return story.state().circuit("engine").history();
  }

  private void found(FrostFinding finding) {
    story.say(new Fact.FrostLooked("engine", finding));
  }

  @Test
  void whatWasInItWhenItCameHasNoBeginning() {
    assertThat(history().since()).isEmpty();
    assertThat(history().spells()).isEmpty();
  }

  @Test
  void aSpellOfWaterEndsWithTheDrainAndIsRememberedAfterTheFill() {
    story.daysLater(9).drainAll();
    Instant drained = history().since().get("block-port");
    assertThat(history().spells())
        .hasSize(story.boat.circuit("engine").segments().size())
        .anyMatch(s -> s.equals(new WaterHistory.Spell("block-port", null, drained)));
    story.say(new Fact.CircuitSeen("engine", false));
    assertThat(history().since().get("block-port")).isAfter(drained);
    assertThat(history().spells()).anyMatch(spell -> spell.segment().equals("block-port"));
  }

  @Test
  void runningOnWaterAgainDoesNotEndASpell() {
    story.daysLater(3).say(new Fact.CircuitSeen("engine", true));
    assertThat(history().since()).isEmpty();
  }

  @Test
  void whatWasLookedAtIsNoLongerFeared() {
    story.daysLater(9).drainAll();
    found(FrostFinding.NOTHING);
    assertThat(history().spells()).isEmpty();
    assertThat(history().found()).isEqualTo(FrostFinding.NOTHING);
    assertThat(story.state().brokenByFrost()).isEmpty();
  }

  @Test
  void aCrackStopsStartAndLaunchUntilItIsLookedAtAgain() {
    found(FrostFinding.CRACK);
    assertThat(Decision.of(story.state()))
        .get()
        .satisfies(
            decision -> {
              assertThat(decision.kind()).isEqualTo(Decision.Kind.BROKEN);
              assertThat(decision.words().toString()).startsWith("Engine raw water: a crack.");
            });
    Fact launch = new Fact.BerthMoved(new UUID(0, 1), "the lift", true);
    assertThatThrownBy(() -> story.say(launch))
        .isInstanceOfSatisfying(
            Refused.class, refused -> assertThat(refused.reason().toString()).contains("a crack"));
    story.set("feed", FittingState.HOSE);
    Fact start = new Fact.EngineStarted(null, StartBasis.FED, 0);
    assertThatThrownBy(() -> story.say(start))
        .isInstanceOfSatisfying(
            Refused.class,
            refused ->
                assertThat(refused.reason().toString()).contains("mended and looked at again"));
    assertThat(mayLaunch()).anyMatch(words -> words.contains("a crack"));

    found(FrostFinding.NOTHING);
    assertThat(mayLaunch()).noneMatch(words -> words.contains("a crack"));
    story.say(start);
  }

  private List<String> mayLaunch() {
    return MayLaunch.of(story.state(), Practices.USUAL, ZoneOffset.UTC, story.now())
        .inTheWay()
        .stream()
        .map(MayLaunch.InTheWay::words)
        .toList();
  }

  @Test
  void aCardBeginsWithLookingWhereItMayHaveFrozen() {
    story.card = UUID.randomUUID();
    Map<String, String> choices = Map.of("engine", Method.DRY.name());
    Choices.check(story.boat, new Fact.CardOpened(Procedure.WINTERIZE, choices));
    story.add(
        story.card,
        null,
        null,
        new Fact.CardOpened(Procedure.WINTERIZE, choices, List.of("engine")));
    Step first = story.card().steps().get(0);
    assertThat(first.key()).isEqualTo("frost");
    assertThat(first.asks()).hasSize(1);
    story.walkTo("frost", Map.of());
    assertThat(story.card().steps().get(0).key()).isEqualTo("frost");
    assertThat(story.progress().isSettled("frost")).isTrue();
  }

  @Test
  void aCardOfABoatThatNeverFrozeDoesNot() {
    Story never = Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.DRY);
    assertThat(never.card().steps()).noneMatch(step -> step.key().equals("frost"));
  }

  @Test
  void everyCommissioningBeginsWithIt() {
    Story laidUp = Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.DRY).walk();
    laidUp.open(Procedure.COMMISSION);
    assertThat(laidUp.card().steps()).anyMatch(step -> step.key().equals("frost"));
  }

  @Test
  void whereItStoodAndHowItWasCoveredIsRemembered() {
    UUID field = new UUID(1, 1);
    UUID shed = new UUID(1, 2);
    story.say(new Fact.BerthMoved(field, "C1", false));
    story.set("cover", FittingState.TARP);
    story.daysLater(2).say(new Fact.BerthMoved(shed, "A1", false));

    assertThat(story.state().stays()).extracting(Stay::berth).containsExactly(field, field, shed);
    assertThat(story.state().stays())
        .extracting(Stay::cover)
        .containsExactly(null, FittingState.TARP, FittingState.TARP);
  }
}
