package elsko.core.procedure;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.Refused;
import elsko.core.Story;
import elsko.core.boat.Boat;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.CircuitKind;
import elsko.core.boat.path.Fitting;
import elsko.core.boat.path.Method;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.circuit.CircuitState;
import elsko.core.ledger.circuit.Protection;
import elsko.core.ledger.fact.Procedure;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Card;
import elsko.core.procedure.card.Step;
import elsko.core.trial.AnyBoat;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.ShrinkingMode;

/** What holds for every boat that can be put together, whatever is done to it as usual. */
class WholeBoatProperties {
  private static final Set<Protection> SAFE =
      Set.of(Protection.PROVEN, Protection.DRAINED, Protection.DRY_BUILT);

  private static Story winterized(long seed) {
    Story story = new Story(AnyBoat.of(seed)).wet();
    story.open(Procedure.WINTERIZE, AnyBoat.choices(story.boat, seed));
    return story;
  }

  @Property(tries = 3000, shrinking = ShrinkingMode.OFF)
  void everyCircuitIsCoveredOrMarkedAsLeftOut(@ForAll long seed) {
    Story story = winterized(seed);
    Card card = story.card();
    for (Circuit circuit : story.boat.circuits()) {
      boolean covered = card.steps().stream().anyMatch(s -> circuit.key().equals(s.circuit()));
      boolean marked =
          card.notCovered().stream().anyMatch(left -> left.circuit().equals(circuit.key()));
      assertThat(covered || marked || circuit.isDryBuilt()).as(circuit.name()).isTrue();
      if (circuit.kind() == CircuitKind.UNANSWERED) {
        assertThat(story.state().protection()).isEqualTo(Protection.UNKNOWN);
      }
    }
  }

  @Property(tries = 300, shrinking = ShrinkingMode.OFF)
  void whateverIsWinterizedAsUsualEndsSafeAndWhatWasLeftOutDoesNot(@ForAll long seed) {
    Story story = winterized(seed);
    story.walk();
    for (CircuitState circuit : story.state().circuits()) {
      if (circuit.circuit().kind() == CircuitKind.UNANSWERED) {
        assertThat(circuit.protection()).isEqualTo(Protection.UNKNOWN);
      } else {
        assertThat(SAFE).as(circuit.circuit().name()).contains(circuit.protection());
      }
    }
    assertThat(story.state().running()).isEmpty();
    assertThat(story.state().bag().isShort()).isFalse();
  }

  @Property(tries = 300, shrinking = ShrinkingMode.OFF)
  void afterWinterizeThenCommissionEveryFittingIsBackAndTheBagIsEmpty(@ForAll long seed) {
    Story story = winterized(seed);
    story.walk();
    looseByHand(story, new Random(seed));
    story.nextMorning().open(Procedure.COMMISSION);
    nothingIsAskedForTwiceOrWithoutReason(story);
    story.walk();
    BoatState state = story.state();
    assertThat(state.looseEnds()).isEmpty();
    assertThat(state.bag().expected()).isZero();
    for (CircuitState circuit : state.circuits()) {
      assertThat(circuit.protection())
          .as(circuit.circuit().name())
          .isIn(Protection.IN_SERVICE, Protection.DRY_BUILT, Protection.UNKNOWN);
    }
  }

  /** Somebody takes things off without a card. */
  private static void looseByHand(Story story, Random random) {
    for (int i = 0; i < 4; i++) {
      List<Fitting> fittings = story.boat.fittings();
      Fitting fitting = fittings.get(random.nextInt(fittings.size()));
      var states = fitting.kind().states();
      var to = states.get(random.nextInt(states.size()));
      if (to == elsko.core.boat.path.FittingState.OUT_MISSING) {
        continue;
      }
      try {
        story.set(fitting.key(), to);
      } catch (Refused refused) {
        assertThat(refused.reason().toString()).isNotBlank();
      }
    }
  }

  private static void nothingIsAskedForTwiceOrWithoutReason(Story story) {
    BoatState state = story.state();
    Set<String> brought = new HashSet<>();
    for (Step step : story.card().steps()) {
      if (!Set.of("plugs", "hoses", "fitted", "covers").contains(step.key())) {
        continue;
      }
      for (Ask ask : step.asks()) {
        if (ask instanceof Ask.Set set) {
          assertThat(brought.add(set.fitting())).as("asked twice: " + set.label()).isTrue();
          assertThat(state.fitting(set.fitting()).isLooseEnd()).as(set.label()).isTrue();
        }
      }
    }
    state.looseEnds().stream()
        .filter(end -> end.fitting().kind().keepsAshore())
        .forEach(end -> assertThat(brought).contains(end.fitting().key()));
  }

  @Property(tries = 1000, shrinking = ShrinkingMode.OFF)
  void everyStepSaysWhyAndStandsAfterWhatItWaitsFor(@ForAll long seed) {
    Story story = new Story(AnyBoat.of(seed)).wet();
    for (Procedure procedure : Procedure.values()) {
      try {
        story.open(procedure);
      } catch (Refused nothingToDo) {
        assertThat(procedure.isOfChosenCircuits()).as(procedure.words()).isTrue();
        continue;
      }
      Card card = story.card();
      Set<String> seen = new HashSet<>();
      for (Step step : card.steps()) {
        assertThat(step.why()).as(step.key()).isNotBlank();
        assertThat(step.title()).isNotBlank();
        assertThat(step.key().length()).isLessThanOrEqualTo(60);
        assertThat(seen).as(step.key()).containsAll(known(card, step.after()));
        assertThat(seen.add(step.key())).as("two steps " + step.key()).isTrue();
        assertThat(step.minutes()).isPositive();
      }
      assertThat(card.steps().get(card.steps().size() - 1).key()).isEqualTo(procedure.lastStep());
      closeSteps(card);
    }
  }

  /** By whatever method each engine is laid up. */
  @Property(tries = 25, shrinking = ShrinkingMode.OFF)
  void everyTimeLimitFitsTheStepsBetween(@ForAll long seed) {
    Boat boat = new Story(AnyBoat.of(seed)).boat;
    for (Circuit circuit : boat.engineCircuits()) {
      for (Method method : circuit.methods()) {
        Story story = new Story(AnyBoat.of(seed)).wet();
        story.open(Procedure.WINTERIZE, Map.of(circuit.key(), method.name()));
        closeSteps(story.card());
      }
    }
  }

  private static List<String> known(Card card, List<String> keys) {
    return keys.stream().filter(key -> card.step(key) != null).toList();
  }

  /** What must follow closely can: the attended minutes in between fit. */
  private static void closeSteps(Card card) {
    for (Step step : card.steps()) {
      if (step.within() == null) {
        continue;
      }
      int from = card.steps().indexOf(card.step(step.within().step()));
      int between =
          card.steps().subList(from + 1, card.steps().indexOf(step)).stream()
              .mapToInt(Step::minutes)
              .sum();
      assertThat(between).as(step.title()).isLessThanOrEqualTo(step.within().minutes());
    }
  }

  @Property(tries = 90, shrinking = ShrinkingMode.OFF)
  void everyProcedureCanBeWalkedToItsEnd(@ForAll long seed) {
    Story story = new Story(AnyBoat.of(seed));
    for (Procedure procedure :
        List.of(
            Procedure.INTAKE,
            Procedure.FLUSH,
            Procedure.DESCALE,
            Procedure.LAY_UP_SERVICE,
            Procedure.WINTERIZE,
            Procedure.COMMISSION)) {
      try {
        story.nextMorning().open(procedure, Map.of());
      } catch (Refused nothingToDo) {
        continue;
      }
      story.walk();
      assertThat(story.progress().isClosed()).isTrue();
    }
  }
}
