package elsko.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.Story;
import elsko.core.boat.description.DrainArrangement;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.LowPoint;
import elsko.core.boat.path.Method;
import elsko.core.fluid.Policy;
import elsko.core.fluid.verdict.Need;
import elsko.core.fluid.verdict.Outcome;
import elsko.core.fluid.verdict.Reason;
import elsko.core.fluid.verdict.RemedyKind;
import elsko.core.ledger.circuit.CircuitState;
import elsko.core.ledger.circuit.Failure;
import elsko.core.ledger.circuit.Protection;
import elsko.core.ledger.decision.Decision;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Seen;
import elsko.core.ledger.fact.StartBasis;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class LedgerTest {
  private static Story poured(Map<String, Double> readings) {
    return Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.POUR).walkTo("prove", readings);
  }

  @Test
  void aBoatNobodyHasLookedAtIsUnknown() {
    Story story = Story.fourDrains();
    assertThat(story.protection()).isEqualTo(Protection.UNKNOWN);
    story.say(new Fact.CircuitSeen("engine", false));
    assertThat(story.protection()).isEqualTo(Protection.WET);
    story.say(new Fact.CircuitSeen("engine", true));
    assertThat(story.protection()).isEqualTo(Protection.IN_SERVICE);
  }

  @Test
  void itIsDrainedOnlyWhenEveryLowPointIsRecordedEmpty() {
    Story story = Story.fourDrains();
    story.say(new Fact.CircuitSeen("engine", false));
    story.drainAll();
    assertThat(story.protection()).isEqualTo(Protection.DRAINED);
  }

  @Test
  void aDrainThatDidNotRunLeavesItWet() {
    Story story = Story.fourDrains();
    story.say(new Fact.CircuitSeen("engine", false));
    story.set("block-starboard-drain", FittingState.OUT_BAGGED);
    story.say(new Fact.LowPointSeen("block-starboard", Seen.DID_NOT_RUN));
    assertThat(story.protection()).isEqualTo(Protection.WET);
    story.say(new Fact.LowPointSeen("block-starboard", Seen.RAN_AFTER_RODDING));
    assertThat(story.state().circuit("engine").contents().get("block-starboard"))
        .isEqualTo(CircuitState.Content.EMPTY);
  }

  @Test
  void aHoleFromWhichNothingCameIsBlockedAndNotDry() {
    Story story = Story.fourDrains().wet();
    everyPointSeen(story, Seen.DRY);
    assertThat(story.protection()).isEqualTo(Protection.WET);
    assertThat(story.state().circuit("engine").point("block-port").seen())
        .isEqualTo(Seen.DID_NOT_RUN);
    everyPointSeen(story, Seen.ROD_AND_AIR);
    assertThat(story.protection()).isEqualTo(Protection.DRAINED);
    everyPointSeen(story, Seen.DRY);
    assertThat(story.protection()).isEqualTo(Protection.DRAINED);
    assertThat(story.state().circuit("engine").point("block-port").seen()).isEqualTo(Seen.DRY);
    story.say(new Fact.CircuitSeen("engine", false));
    everyPointSeen(story, Seen.DRY);
    assertThat(story.protection()).isEqualTo(Protection.WET);
  }

  private static void everyPointSeen(Story story, Seen seen) {
    Circuit engine = story.boat.circuit("engine");
    for (LowPoint point : engine.lowPoints()) {
      boolean drain = engine.drains().contains(point.opens());
      story.set(point.opens(), drain ? FittingState.OUT_BAGGED : FittingState.OFF);
      story.say(new Fact.LowPointSeen(point.key(), seen));
    }
  }

  @ParameterizedTest
  @EnumSource(
      value = DrainArrangement.class,
      names = {"FOUR_DRAINS", "FOUR_DRAINS_ONE_SENSOR", "ONE_CENTRAL_DRAIN"})
  void aPouredBoatIsFilledUntilItIsMeasured(DrainArrangement drains) {
    Story story = Story.winterizing(drains, Method.POUR).walkTo("pour", Map.of());
    if (drains == DrainArrangement.ONE_CENTRAL_DRAIN) {
      assertThat(story.protection()).as("the central drain is still OUT").isEqualTo(Protection.WET);
    }
    story.walkTo("clamp", Map.of());
    assertThat(story.protection()).isEqualTo(Protection.FILLED);
    story.walkTo("prove", Map.of());
    assertThat(story.protection()).isEqualTo(Protection.PROVEN);
  }

  @Test
  void litersPouredAreCounted() {
    Story story = Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.POUR);
    story.walkTo("pour", Map.of());
    assertThat(story.state().circuit("engine").litersUsed()).isBetween(17.0, 19.0);
  }

  @Test
  void oneShortLowPointHoldsTheBoat() {
    Story story = poured(Map.of("block-starboard", Story.SHORT));
    assertThat(story.protection()).isEqualTo(Protection.HELD);
    Failure failure = story.state().circuit("engine").failures().get(0);
    assertThat(failure.open()).isTrue();
    assertThat(failure.points())
        .extracting(Failure.Short::lowPoint)
        .containsExactly("block-starboard");
    assertThat(failure.points().get(0).remedy().kind()).isEqualTo(RemedyKind.DRAIN_AND_REFILL);
    assertThat(failure.points().get(0).remedy().litersFromTank()).isEqualTo(4.5);
  }

  @Test
  void afterTheRemedyEveryPointIsSampledAgain() {
    Story story = poured(Map.of("block-starboard", Story.SHORT));
    story.walkTo("remedy-1", Map.of());
    assertThat(story.protection()).isEqualTo(Protection.FILLED);
    assertThat(story.state().circuit("engine").point("block-port").verdict()).isNull();
    story.walkTo("prove-2", Map.of());
    assertThat(story.protection()).isEqualTo(Protection.PROVEN);
    assertThat(story.state().circuit("engine").failures()).hasSize(1).noneMatch(Failure::open);
  }

  @Test
  void whoFailedTwiceLetsSomeoneElseDoIt() {
    Story story = poured(Map.of("block-starboard", Story.SHORT));
    story.walkTo("prove-2", Map.of("block-starboard", Story.SHORT));
    assertThat(story.state().circuit("engine").mustNotFillAgain()).isEqualTo("technician");
  }

  @Test
  void retakeLeavesItFilled() {
    Story story = poured(Map.of());
    story.say(new Fact.SampleRead("block-port", Story.LOT, Story.GLASS, Story.JUG, 55));
    assertThat(story.state().circuit("engine").point("block-port").verdict().outcome())
        .isEqualTo(Outcome.RETAKE);
    assertThat(story.protection()).isEqualTo(Protection.FILLED);
  }

  @Test
  void aPointThatCouldNotBeSampledHoldsTheBoat() {
    Story story = poured(Map.of());
    story.say(new Fact.CouldNotSample("block-port", "plug seized"));
    assertThat(story.protection()).isEqualTo(Protection.HELD);
    assertThat(Decision.of(story.state()).orElseThrow().words().toString()).contains("plug seized");
  }

  @Test
  void whatWasProvenDoesNotStaySoByItself() {
    Story opened = poured(Map.of());
    opened.set("manifold-port-drain", FittingState.OUT_BAGGED);
    assertThat(opened.protection()).isEqualTo(Protection.WET);
    opened.set("manifold-port-drain", FittingState.IN);
    assertThat(opened.protection()).as("closing it proves nothing").isEqualTo(Protection.WET);

    Story hose = poured(Map.of());
    hose.set("cooler-hose", FittingState.OFF);
    assertThat(hose.protection()).isEqualTo(Protection.WET);

    Story run = poured(Map.of());
    run.set("feed", FittingState.HOSE);
    run.say(new Fact.ProofGivenUp("engine", "it has to run"));
    assertThat(run.protection()).as("saying so wets nothing").isEqualTo(Protection.PROVEN);
    run.say(new Fact.EngineStarted(null, StartBasis.FED, 0));
    assertThat(run.protection()).isEqualTo(Protection.WET);

    Story launched = poured(Map.of());
    launched.set("hull-plug", FittingState.IN);
    launched.say(new Fact.BerthMoved(UUID.randomUUID(), "W1", true));
    assertThat(launched.protection()).isEqualTo(Protection.WET);
  }

  @Test
  void takingAPlugOutForASampleChangesNothing() {
    Story story = poured(Map.of());
    story.say(new Fact.FittingSet("block-port-drain", FittingState.OUT_BAGGED, true, ""));
    assertThat(story.protection()).isEqualTo(Protection.PROVEN);
    assertThat(story.state().bag().expected()).isEqualTo(2);
    story.say(new Fact.FittingSet("block-port-drain", FittingState.OUT_MISSING, false, "fell"));
    assertThat(story.protection()).isEqualTo(Protection.WET);
  }

  @Test
  void aChangedPolicyJudgesTheStoredReadingsAgain() {
    Story story = poured(Map.of("block-starboard", -8.5));
    assertThat(story.protection()).isEqualTo(Protection.HELD);
    story.need = new Need(-5, 2, Policy.BURST);
    assertThat(story.protection()).isEqualTo(Protection.PROVEN);
    story.need = new Need(-30, 10, Policy.FREEZE);
    assertThat(story.state().circuit("engine").point("block-port").verdict().outcome())
        .isEqualTo(Outcome.CHANGE_PRODUCT);
  }

  @Test
  void aJugOnAnotherScaleProvesNothingAndSpoilsNothing() {
    Story story = poured(Map.of());
    assertThat(story.protection()).isEqualTo(Protection.PROVEN);
    story.say(new Fact.JugRead(Story.LOT, Story.COOLANT_GLASS, -24));
    assertThat(story.protection()).isEqualTo(Protection.PROVEN);
    story.log.removeIf(
        e -> e.fact() instanceof Fact.JugRead read && read.with().equals(Story.GLASS));
    BoatState without = Ledger.fold(story.boat, story.need, story.log);
    assertThat(without.protection()).isEqualTo(Protection.FILLED);
    assertThat(without.circuit("engine").point("block-port").verdict().reasons())
        .containsExactly(Reason.JUG_READ_OTHERWISE);
  }

  @Test
  void aCorrectedReadingStandsInThePlaceOfTheWrongOne() {
    Story story = poured(Map.of("block-starboard", Story.SHORT));
    Entry wrong =
        story.log.stream()
            .filter(
                e ->
                    e.fact() instanceof Fact.SampleRead r && r.lowPoint().equals("block-starboard"))
            .findFirst()
            .orElseThrow();
    Entry corrected =
        story.correct(
            wrong, new Fact.SampleRead("block-starboard", Story.LOT, Story.GLASS, Story.JUG, 14));
    assertThat(story.protection()).isEqualTo(Protection.PROVEN);
    story.correct(corrected, new Fact.Withdrawn("wrong boat"));
    assertThat(story.protection()).isEqualTo(Protection.FILLED);
  }

  @Test
  void theBagHoldsWhatIsOutAndBagged() {
    Story story = Story.fourDrains();
    story.set("block-port-drain", FittingState.OUT_BAGGED);
    story.set("hull-plug", FittingState.OUT_BAGGED);
    story.say(new Fact.BagCounted(1));
    assertThat(story.state().bag().isShort()).isTrue();
    story.set("block-port-drain", FittingState.OUT_MISSING);
    assertThat(story.state().bag().missing()).containsExactly("port block drain");
    assertThat(story.state().bag().expected()).isEqualTo(1);
    assertThat(story.state().bag().counted()).as("counted before it was missed").isNull();
  }

  @Test
  void looseEndsSayWhoLeftThemSo() {
    Story story = Story.fourDrains();
    story.say(new Fact.FittingSet("key", FittingState.OFFICE, false, "owner away"));
    assertThat(story.state().looseEnds())
        .singleElement()
        .satisfies(
            end -> {
              assertThat(end.by()).isEqualTo("technician");
              assertThat(end.reason()).isEqualTo("owner away");
            });
  }

  @Test
  void aBoatIsAsBadAsItsWorstCircuit() {
    assertThat(Protection.worstOf(List.of(Protection.PROVEN, Protection.HELD)))
        .isEqualTo(Protection.HELD);
    assertThat(Protection.worstOf(List.of(Protection.PROVEN, Protection.IN_SERVICE)))
        .as("water left on purpose beside a proven circuit is still water")
        .isEqualTo(Protection.WET);
    assertThat(Protection.worstOf(List.of(Protection.DRY_BUILT, Protection.IN_SERVICE)))
        .isEqualTo(Protection.IN_SERVICE);
    assertThat(Protection.worstOf(List.of())).isEqualTo(Protection.UNKNOWN);
  }
}
