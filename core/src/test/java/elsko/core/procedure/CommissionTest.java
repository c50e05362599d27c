package elsko.core.procedure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import elsko.core.Hulls;
import elsko.core.Story;
import elsko.core.boat.description.Accessory;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.Position;
import elsko.core.ledger.circuit.Protection;
import elsko.core.ledger.engine.Due;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Procedure;
import elsko.core.ledger.fact.StartBasis;
import elsko.core.ledger.fact.TagCause;
import elsko.core.ledger.fact.Trouble;
import elsko.core.limits.Interval;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Card;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.card.StepTimer;
import elsko.core.procedure.card.StepTimers;
import elsko.core.procedure.part.Cautions;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class CommissionTest {
  private static List<String> labels(Story story, String step) {
    Step found = story.card().step(step);
    return found == null ? List.of() : found.asks().stream().map(Ask::label).toList();
  }

  @Test
  void whatWasNeverTakenOutIsNotAskedForAndWhatWasTakenOffCardIs() {
    Story story = new Story(Hulls.smallDiesel()).wet().open(Procedure.WINTERIZE).walk();
    story.set("impeller", FittingState.REMOVED);
    story.open(Procedure.COMMISSION);
    assertThat(story.card().step("plugs")).isNull();
    assertThat(labels(story, "fitted")).containsExactly("impeller FITTED");
    story.set("flush-tee", FittingState.OUT);
    assertThat(labels(story, "hoses")).contains("flush tee plug IN");
  }

  @Test
  void whatWasLeftDryComesBackPlugByPlug() {
    Story story =
        new Story(Hulls.sterndrive(null))
            .wet()
            .open(Procedure.WINTERIZE, Map.of("engine", "DRY"))
            .walk();
    assertThat(story.state().bag().expected()).isEqualTo(5);
    story.open(Procedure.COMMISSION);
    assertThat(labels(story, "plugs"))
        .contains("hull plug IN", "port block drain IN", "plugs left in the bag")
        .hasSize(6);
    assertThat(story.card().step("antifreeze-out")).isNull();
    story.walk();
    assertThat(story.state().looseEnds()).isEmpty();
    assertThat(story.protection()).isEqualTo(Protection.IN_SERVICE);
  }

  @Test
  void whatWasFilledIsRunOutIntoACatchBeforeTheLaunch() {
    Story story = new Story(Hulls.sterndrive(null)).wet().open(Procedure.WINTERIZE).walk();
    story.open(Procedure.COMMISSION);
    List<String> order = story.card().steps().stream().map(Step::key).toList();
    assertThat(order).containsSubsequence("plugs", "antifreeze-out", "launch", "start", "ready");
    assertThat(story.card().step("antifreeze-out").hazards()).contains(Cautions.CATCH);
  }

  @Test
  void theSeacockWithTheKeyOnItIsFoundBeforeTheStart() {
    Story story =
        new Story(Hulls.smallDiesel())
            .wet()
            .open(Procedure.WINTERIZE, Map.of("engine", "DRY"))
            .walk();
    story.set("key", FittingState.ON_SEACOCK).open(Procedure.COMMISSION);
    assertThat(labels(story, "launch")).contains("seacock seen SHUT, the key on it");
    story.walkTo("launch", Map.of());
    assertThatThrownBy(
            () -> story.at("start", new Fact.EngineStarted(Position.CENTER, StartBasis.AFLOAT, 0)))
        .hasMessageContaining("The key hangs on the seacock");
    assertThat(labels(story, "start"))
        .containsSubsequence("seacock OPEN", "key at the helm", "start the engine");
  }

  @Test
  void whatDueWorkNeedsLiesReadyBeforeItIsBegun() {
    Story story = new Story(Hulls.saildrive()).wet().open(Procedure.COMMISSION);
    assertThat(story.card().steps().get(0).key()).isEqualTo("parts");
    assertThat(labels(story, "parts")).contains("impeller with its gasket", "anodes");
    story.say(new Fact.PartPicked(Position.CENTER, "impeller"));
    assertThatThrownBy(() -> story.at("parts", new Fact.StepDone()))
        .hasMessageContaining("Still open: impeller with its gasket");
    Story none = new Story(Hulls.noEngine()).wet().open(Procedure.COMMISSION);
    assertThat(none.card().step("parts")).isNull();
  }

  @Test
  void whatAStepUnderWayMovedIsNotAskedBackByAnother() {
    Story story = new Story(Hulls.sterndrive(null)).wet().open(Procedure.WINTERIZE).walk();
    story.open(Procedure.COMMISSION).walkTo("due-boat", Map.of());
    assertThat(labels(story, "antifreeze-out")).contains("muffs on, water on");
    assertThat(story.card().step("hoses")).isNull();
    story.at("antifreeze-out", new Fact.FittingSet("feed", FittingState.HOSE, false, ""));
    assertThat(story.card().step("hoses")).isNull();
    story.at("antifreeze-out", new Fact.StepSkipped("no water on the pier"));
    assertThat(labels(story, "hoses")).containsExactly("feed of the raw-water pump NONE");
  }

  @Test
  void whatWentInIsCaughtAndMeasured() {
    Story story = new Story(Hulls.saildrive()).wet().open(Procedure.WINTERIZE).walk();
    double filled = story.state().circuit("engine").litersUsed();
    story.open(Procedure.COMMISSION);
    assertThat(story.card().step("antifreeze-out").asks())
        .contains(new Ask.Catch("antifreeze caught", "engine", filled));
    story.walkTo("antifreeze-out", Map.of());
    assertThat(story.card().step("antifreeze-out").asks())
        .contains(new Ask.Catch("antifreeze caught", "engine", filled));
    assertThatThrownBy(() -> new Fact.FluidCaught("engine", -1)).hasMessageContaining("0 to 200");
  }

  @Test
  void domesticWaterIsDisinfectedStandsFourHoursAndIsRinsed() {
    Story story = new Story(Hulls.saildrive()).wet().open(Procedure.WINTERIZE).walk();
    story.open(Procedure.COMMISSION).walkTo("domestic-water.disinfect", Map.of());
    StepTimer soak = StepTimers.of(story.card(), story.progress()).get(0);
    assertThat(soak.kind()).isEqualTo(StepTimer.Kind.SOAK);
    assertThat(soak.atLeast()).isEqualTo(Duration.ofHours(4));
    assertThat(soak.whenDue()).contains("drain and rinse");
    story.walkTo("domestic-water.rinse", Map.of());
    assertThat(StepTimers.of(story.card(), story.progress())).isEmpty();
    story.walk();
    assertThat(story.protection()).isEqualTo(Protection.IN_SERVICE);
  }

  @Test
  void noChlorineWhileAcidIsAbout() {
    Story story = new Story(Hulls.saildrive()).wet().open(Procedure.DESCALE);
    assertThatThrownBy(() -> story.say(new Fact.Disinfected("domestic-water", 100, 5, 100)))
        .hasMessageContaining("poison gas");
    assertThatThrownBy(() -> story.say(new Fact.Disinfected("engine", 100, 5, 100)))
        .hasMessageContaining("not domestic water");
  }

  @Test
  void anEngineThatRanDryHasItsImpellerDueAtOnceUntilItIsDone() {
    Story story = new Story(Hulls.smallDiesel()).wet();
    for (Interval interval : Interval.values()) {
      story.say(
          new Fact.ServiceDone(
              interval.isPerEngine() ? Position.CENTER : null, interval.key(), ""));
    }
    story.say(new Fact.EngineTroubled(null, Trouble.RAN_DRY)).fact();
    assertThat(story.state().dueAtOnce())
        .containsOnlyKeys(
            new Due(Position.CENTER, Interval.IMPELLER), new Due(Position.CENTER, Interval.ELBOW));
    story.open(Procedure.COMMISSION);
    assertThat(labels(story, "due")).contains("impeller", "mixing elbow or riser inspected");
    assertThat(story.card().step("due").how().toString()).startsWith("It ran dry");
    story.walk();
    assertThat(story.state().dueAtOnce()).isEmpty();
  }

  @Test
  void whatAnEngineDoesNotHaveIsNeverDueForIt() {
    Story story = new Story(Hulls.airCooled()).wet();
    story.say(new Fact.EngineTroubled(null, Trouble.RAN_HOT));
    assertThat(story.state().dueAtOnce()).isEmpty();
    Story outboard = new Story(Hulls.outboard()).wet();
    outboard.say(new Fact.EngineTroubled(null, Trouble.RAN_HOT));
    outboard.say(new Fact.TagLifted(null, TagCause.TOO_HOT, "a false alarm of its gauge"));
    outboard.open(Procedure.COMMISSION).walk();
    assertThat(outboard.state().dueAtOnce()).isEmpty();
  }

  @Test
  void aStrainerAboveTheWaterlineIsPrimedTheSeacockOpenedAsItFires() {
    Story story = new Story(Hulls.saildrive()).wet().open(Procedure.WINTERIZE).walk();
    story.open(Procedure.COMMISSION);
    assertThat(labels(story, "start"))
        .containsSubsequence("strainer lid SEALED", "start the engine", "seacock OPEN");
    Story below = new Story(Hulls.smallDiesel()).wet().open(Procedure.WINTERIZE).walk();
    below.open(Procedure.COMMISSION);
    assertThat(labels(below, "start")).containsSubsequence("seacock OPEN", "start the engine");
  }

  @Test
  void noLaunchWhileAPlugIsInTheBag() {
    Story story =
        new Story(Hulls.sterndrive(null))
            .wet()
            .open(Procedure.WINTERIZE, Map.of("engine", "DRY"))
            .walk();
    assertThatThrownBy(() -> story.say(new Fact.BerthMoved(UUID.randomUUID(), "W1", true)))
        .hasMessageContaining("Not launched: the hull plug is OUT, bagged");
  }

  @Test
  void nothingIsReadyWhileALooseEndIsOpen() {
    Story story = new Story(Hulls.sterndrive(null)).wet().open(Procedure.WINTERIZE).walk();
    story.open(Procedure.COMMISSION).walkTo("start", Map.of());
    story.set("load-limit", FittingState.LOW_LOAD_ONLY);
    assertThat(labels(story, "ready")).contains("load limit NONE");
    Step ready = story.card().step("ready");
    for (Ask ask : ready.asks()) {
      if (!ask.label().equals("load limit NONE")) {
        Story.USUAL.to(ask, story.state()).forEach(fact -> story.at("ready", fact));
      }
    }
    assertThatThrownBy(() -> story.at("ready", new Fact.StepDone()))
        .hasMessageContaining("load limit");
    story.at("ready", new Fact.FittingSet("load-limit", FittingState.NONE, false, ""));
    story.at("ready", new Fact.StepDone());
    assertThat(story.progress().isClosed()).isTrue();
  }

  @Test
  void whatIsDueIsDoneAndNotAgainUntilItFallsDue() {
    Story story = new Story(Hulls.saildrive()).wet().open(Procedure.COMMISSION);
    assertThat(labels(story, "due"))
        .containsExactly(
            "impeller has",
            "look of the impeller",
            "groove in the face plate",
            "impeller",
            "anodes",
            "mixing elbow or riser inspected",
            "siphon break over the waterline",
            "siphon break rinsed",
            "coolant");
    story.say(new Fact.ServiceDone(Position.CENTER, "impeller", "two vanes set"));
    assertThat(labels(story, "due")).contains("impeller");
    Story next = new Story(Hulls.saildrive()).wet();
    for (Interval interval : Interval.values()) {
      next.say(
          new Fact.ServiceDone(
              interval.isPerEngine() ? Position.CENTER : null, interval.key(), ""));
    }
    next.open(Procedure.COMMISSION);
    assertThat(next.card().step("due")).isNull();
    assertThat(next.card().step("due-boat")).isNull();
  }

  @Test
  void oilIsChangedWhileItIsWarmAndPlugsComeLast() {
    Story story = new Story(Hulls.sterndrive(null)).wet().open(Procedure.LAY_UP_SERVICE);
    Card card = story.card();
    assertThat(card.step("oil").within())
        .isEqualTo(new Step.Within("warm-up", 45, "the oil is thin while it is warm"));
    assertThat(card.steps().stream().map(Step::key).toList())
        .containsSubsequence("fuel", "warm-up", "oil", "spark-plugs", "service-done");
    assertThat(
            new Story(Hulls.saildrive())
                .wet()
                .open(Procedure.LAY_UP_SERVICE)
                .card()
                .step("spark-plugs"))
        .isNull();
  }

  @Test
  void intakeAsksForEveryAccessoryAndProposesAMissingStrainer() {
    Story story = new Story(Hulls.vintage()).open(Procedure.INTAKE);
    assertThat(story.card().step("circuits").asks()).hasSameSizeAs(Accessory.values());
    assertThat(story.card().step("circuits").how().toString())
        .contains("propose one between seacock and pump");
    assertThat(
            new Story(Hulls.smallDiesel())
                .open(Procedure.INTAKE)
                .card()
                .step("circuits")
                .how()
                .toString())
        .doesNotContain("propose");
  }
}
