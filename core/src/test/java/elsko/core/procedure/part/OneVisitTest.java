package elsko.core.procedure.part;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import elsko.core.Hulls;
import elsko.core.Story;
import elsko.core.boat.path.Method;
import elsko.core.ledger.circuit.Protection;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Procedure;
import elsko.core.ledger.fact.StartBasis;
import elsko.core.plan.model.VisitTask;
import elsko.core.plan.visits.LayUp;
import elsko.core.plan.visits.WorkLeft;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Step;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The cards of one lay-up know each other, in whatever order they are opened. */
class OneVisitTest {
  private static final Fact RUN = new Fact.EngineStarted(null, StartBasis.FED, 0);

  private final Story story = Story.fourDrains().wet();
  private UUID service;
  private UUID winterizing;

  private void openService() {
    story.open(Procedure.LAY_UP_SERVICE);
    service = story.card;
  }

  private void openWinterizing(Method method) {
    story.open(Procedure.WINTERIZE, Map.of("engine", method.name()));
    winterizing = story.card;
  }

  private Step step(UUID card, String key) {
    story.card = card;
    return story.card().step(key);
  }

  private Step next(UUID card) {
    story.card = card;
    return story.card().steps().stream()
        .filter(step -> !story.progress().isSettled(step.key()))
        .findFirst()
        .orElse(null);
  }

  /** Does what comes next on one card, until it says that something on the other comes first. */
  private void doBoth(UUID first, UUID second) {
    UUID at = first;
    for (int i = 0; i < 200; i++) {
      Step step = next(at);
      boolean otherFirst =
          step == null
              || step.elsewhere() != null
                  && !step.elsewhere().done()
                  && step.elsewhere().at() == null
                  && next(at.equals(first) ? second : first) != null;
      if (otherFirst) {
        at = at.equals(first) ? second : first;
        step = next(at);
        if (step == null) {
          return;
        }
      }
      story.card = at;
      story.answer(step, Story.USUAL);
      story.at(step.key(), new Fact.StepDone());
    }
    throw new AssertionError("the visit never ends");
  }

  @Test
  void whatIsDrainedAlreadyIsNotRunAgainForItsOil() {
    openWinterizing(Method.POUR);
    story.walkTo("drain", Map.of());
    story.in(Duration.ofHours(3));
    openService();
    Step warm = step(service, "warm-up");
    assertThat(warm.elsewhere().done()).isTrue();
    assertThat(warm.elsewhere().words()).contains("drained since then");
    assertThat(warm.asks()).isEmpty();
    assertThat(step(service, "oil").title()).isEqualTo("Change oil and filter, cold");
    assertThat(step(service, "oil").within()).isNull();
  }

  @Test
  void theStrainersLidComesOffOnceAndGoesBackOnce() {
    Story saildrive = new Story(Hulls.saildrive()).wet();
    saildrive.open(Procedure.WINTERIZE, Map.of("engine", Method.DRAW.name())).walk();
    List<String> lid =
        saildrive.log.stream()
            .map(entry -> entry.fact().as(Fact.FittingSet.class))
            .filter(set -> set != null && set.fitting().equals("strainer-lid"))
            .map(set -> set.state().name())
            .toList();
    // These hands say again what a card has ticked already: what counts is how often it changes.
    assertThat(lid).startsWith("OFF").endsWith("SEALED").containsOnlyOnce("SEALED");
    assertThat(saildrive.log)
        .filteredOn(entry -> entry.fact() instanceof Fact.BagCounted)
        .as("when they come out, of the engine and of the domestic water, and at the end")
        .hasSize(3);
    assertThat(saildrive.state().circuit("engine").protection()).isEqualTo(Protection.PROVEN);
  }

  @Test
  void whereTheCleaningIsLeftOutTheDrawAsksForTheLid() {
    Story saildrive = new Story(Hulls.saildrive()).wet();
    saildrive.open(Procedure.WINTERIZE, Map.of("engine", Method.DRAW.name()));
    saildrive.walkTo("hoses-low", Map.of());
    saildrive.at("strainer", new Fact.StepSkipped("no tools here"));
    assertThat(saildrive.card().step("draw").asks())
        .filteredOn(Ask.Set.class::isInstance)
        .extracting(ask -> ((Ask.Set) ask).fitting() + " " + ((Ask.Set) ask).to())
        .contains("strainer-lid OFF", "strainer-lid SEALED");
  }

  private List<Entry> starts() {
    return story.log.stream()
        .filter(entry -> entry.fact() instanceof Fact.EngineStarted started)
        .filter(entry -> ((Fact.EngineStarted) entry.fact()).basis() != StartBasis.KICK)
        .toList();
  }

  private int indexOf(Class<? extends Fact> kind) {
    List<Integer> found = new ArrayList<>();
    for (int i = 0; i < story.log.size(); i++) {
      if (kind.isInstance(story.log.get(i).fact())) {
        found.add(i);
      }
    }
    return found.isEmpty() ? -1 : found.get(found.size() - 1);
  }

  @ParameterizedTest
  @CsvSource({"true, POUR", "false, POUR", "true, DRY", "false, DRY"})
  void aWholeLayUpRunsTheEngineOnceAndOilsItsCylindersLast(boolean serviceFirst, Method method) {
    if (serviceFirst) {
      openService();
      openWinterizing(method);
      doBoth(service, winterizing);
    } else {
      openWinterizing(method);
      openService();
      doBoth(winterizing, service);
    }

    assertThat(starts()).hasSize(1);
    assertThat(indexOf(Fact.CylindersOiled.class))
        .isGreaterThan(indexOf(Fact.EngineStarted.class))
        .isGreaterThan(indexOf(Fact.FluidUsed.class));
    assertThat(story.state().circuit("engine").protection())
        .isEqualTo(method == Method.DRY ? Protection.DRAINED : Protection.PROVEN);
    assertThat(story.state().runs().get(story.boat.engineCircuits().get(0).engine()).cylinders())
        .satisfies(oiled -> assertThat(oiled.undone()).isFalse());
    assertThat(story.state().cards()).allMatch(card -> card.isClosed());
  }

  @ParameterizedTest
  @CsvSource({"true", "false"})
  void aDrawnBlockIsWarmedTwiceAndSaysWhy(boolean serviceFirst) {
    if (serviceFirst) {
      openService();
      openWinterizing(Method.DRAW);
      doBoth(service, winterizing);
      assertThat(starts()).hasSize(3);
    } else {
      openWinterizing(Method.DRAW);
      openService();
      doBoth(winterizing, service);
    }
    // Warm, warm again where the first was not just before the draw, and the draw itself.
    assertThat(starts().size()).isBetween(2, 3);
    assertThat(starts().get(starts().size() - 1).step()).isEqualTo("draw");
    assertThat(indexOf(Fact.CylindersOiled.class)).isGreaterThan(indexOf(Fact.EngineStarted.class));
  }

  @Test
  void theSecondWarmUpOfADrawnBlockHasItsReason() {
    openService();
    story.walkTo("warm-up", Map.of());
    openWinterizing(Method.DRAW);
    Step again = step(winterizing, "warm-up");
    assertThat(again.asks()).isNotEmpty();
    assertThat(again.elsewhere().card()).isEqualTo(Procedure.LAY_UP_SERVICE);
    assertThat(again.elsewhere().words()).contains("Once more").contains("drawn through");
  }

  @Test
  void whatOneCardWarmedTheOtherDoesNotAskForUntilTheOilIsColdAgain() {
    openWinterizing(Method.POUR);
    story.walkTo("warm-up", Map.of());
    openService();
    Step warm = step(service, "warm-up");
    assertThat(warm.asks()).isEmpty();
    assertThat(warm.minutes()).isZero();
    assertThat(warm.elsewhere().card()).isEqualTo(Procedure.WINTERIZE);
    assertThat(warm.elsewhere().at()).isNotNull();

    story.in(Duration.ofMinutes(46));
    assertThat(step(service, "warm-up").asks()).isNotEmpty();
  }

  @Test
  void drainingWaitsForTheOilInWordsOnly() {
    openWinterizing(Method.DRY);
    openService();
    story.card = winterizing;
    story.walkTo("warm-up", Map.of());
    Step drain = step(winterizing, "drain");
    assertThat(drain.elsewhere().words()).contains("frost tonight drain first");
    story.walkTo("drain", Map.of());
    assertThat(story.progress().isSettled("drain")).isTrue();
  }

  @Test
  void noRunWetsAProvenCircuitUnlessItsProofIsGivenUp() {
    openWinterizing(Method.POUR);
    story.walk();
    assertThat(story.state().circuit("engine").protection()).isEqualTo(Protection.PROVEN);

    openService();
    Step warm = step(service, "warm-up");
    assertThat(warm.title()).isEqualTo("Warm the engine, or leave its proof as it is");
    assertThat(warm.asks()).anyMatch(Ask.GiveUp.class::isInstance);
    story.walkTo("fuel", Map.of());
    for (Ask ask : warm.asks()) {
      if (ask instanceof Ask.Engine) {
        break;
      }
      if (ask instanceof Ask.GiveUp) {
        continue;
      }
      Story.USUAL.to(ask, story.state()).forEach(fact -> story.at("warm-up", fact));
    }
    assertThatThrownBy(() -> story.at("warm-up", RUN))
        .hasMessageContaining("is PROVEN: water in it undoes that");
    assertThat(LayUp.of(story.state(), story.practices).tasks())
        .extracting(VisitTask::key)
        .containsOnly(LayUp.SERVICE);

    story.at("warm-up", new Fact.ProofGivenUp("engine", "its pump squealed"));
    story.at("warm-up", RUN);
    assertThat(story.state().circuit("engine").protection()).isEqualTo(Protection.WET);
    assertThat(LayUp.of(story.state(), story.practices).tasks())
        .extracting(VisitTask::key)
        .contains(LayUp.EMPTY, LayUp.FILL, LayUp.PROVE);
  }

  @Test
  void whatIsDoneLooksAsItWasDone() {
    openWinterizing(Method.POUR);
    story.walkTo("warm-up", Map.of());
    openService();
    story.walkTo("warm-up", Map.of());
    story.card = winterizing;
    story.walk();
    assertThat(step(winterizing, "warm-up").asks())
        .isNotEmpty()
        .noneMatch(Ask.GiveUp.class::isInstance);
    assertThat(step(service, "warm-up").asks()).as("it was done on the other card").isEmpty();
    story.in(Duration.ofHours(3));
    assertThat(step(service, "warm-up").elsewhere()).isNotNull();
  }

  @Test
  void theOilIsChangedColdWhereTheProofIsLeftAsItIs() {
    openWinterizing(Method.POUR);
    story.walk();
    openService();
    story.walkTo("fuel", Map.of());
    story.at("warm-up", new Fact.StepSkipped("its proof stays; oil drawn cold"));
    story.walk();
    assertThat(story.state().circuit("engine").protection()).isEqualTo(Protection.PROVEN);
    assertThat(story.progress().isClosed()).isTrue();
    assertThat(starts()).hasSize(1);
  }

  @Test
  void whatIsRecordedEmptyIsNotWettedByTheServiceEither() {
    openWinterizing(Method.DRY);
    story.walk();
    assertThat(story.state().circuit("engine").protection()).isEqualTo(Protection.DRAINED);
    story.in(Duration.ofHours(2));
    openService();
    assertThat(step(service, "warm-up").asks()).anyMatch(Ask.GiveUp.class::isInstance);
  }

  @Test
  void nothingCanBeGivenUpThatIsNotProven() {
    assertThatThrownBy(() -> story.say(new Fact.ProofGivenUp("engine", "why not")))
        .hasMessageContaining("Nothing is proven");
    assertThatThrownBy(() -> new Fact.ProofGivenUp("engine", " ")).hasMessageContaining("Say why");
  }

  @Test
  void inSpringItIsRunAsItIs() {
    openWinterizing(Method.POUR);
    story.walk();
    story.open(Procedure.COMMISSION).walk();
    assertThat(story.state().circuit("engine").protection()).isEqualTo(Protection.IN_SERVICE);
  }

  @Test
  void cylindersWaitForEveryRunThatWinterizingStillHas() {
    openService();
    story.walkTo("gear-oil", Map.of());
    openWinterizing(Method.DRAW);
    Step plugs = step(service, "spark-plugs");
    assertThat(plugs.elsewhere().first()).isTrue();
    assertThat(plugs.elsewhere().words()).contains("Warm the engine").contains("Draw");
    story.answer(plugs, Story.USUAL);
    assertThatThrownBy(() -> story.at("spark-plugs", new Fact.StepDone()))
        .hasMessageContaining("on the winterizing card");
  }

  @Test
  void aStartAfterTheCylindersWereOiledAsksForThemAgain() {
    openService();
    story.walk();
    assertThat(story.log).anyMatch(entry -> entry.fact() instanceof Fact.CylindersOiled);
    story.in(Duration.ofHours(20));
    openWinterizing(Method.POUR);
    assertThat(step(winterizing, "oil-again")).isNull();
    story.walkTo("warm-up", Map.of());
    assertThat(step(winterizing, "oil-again").asks()).hasSize(1);
    story.walkTo("prove", Map.of());
    assertThatThrownBy(() -> story.at("close", new Fact.StepDone()))
        .hasMessageContaining("Oil the cylinders again");
    story.walk();
    assertThat(indexOf(Fact.CylindersOiled.class)).isGreaterThan(indexOf(Fact.EngineStarted.class));
    assertThat(story.progress().isClosed()).isTrue();
  }

  @Test
  void coolantIsReadOnceInAVisit() {
    Story closed = new Story(Hulls.twinDiesel()).wet();
    closed.open(Procedure.LAY_UP_SERVICE);
    List<Step> read =
        closed.card().steps().stream().filter(s -> s.key().endsWith(".read")).toList();
    closed.walkTo(read.get(0).key(), Map.of());
    closed.open(Procedure.WINTERIZE);
    Step done = closed.card().step(read.get(0).key());
    assertThat(done.asks()).isEmpty();
    assertThat(done.elsewhere().card()).isEqualTo(Procedure.LAY_UP_SERVICE);
    assertThat(closed.card().step(read.get(1).key()).asks()).isNotEmpty();
  }

  @Test
  void thePlanCountsOneWarmUpAndTheCylindersLast() {
    openWinterizing(Method.POUR);
    WorkLeft alone = LayUp.of(story.state(), story.practices);
    openService();
    WorkLeft both = LayUp.of(story.state(), story.practices);

    int warm = step(winterizing, "warm-up").minutes();
    assertThat(minutes(both, LayUp.EMPTY)).isEqualTo(minutes(alone, LayUp.EMPTY) - warm);
    assertThat(both.tasks())
        .extracting(VisitTask::key)
        .containsExactly(
            LayUp.SERVICE, LayUp.EMPTY, LayUp.FILL, LayUp.PROVE, LayUp.CYLINDERS, LayUp.CLOSE);
    assertThat(both.tasks().get(both.safeAfter()).key()).isEqualTo(LayUp.FILL);

    story.card = winterizing;
    story.walkTo("warm-up", Map.of());
    assertThat(minutes(LayUp.of(story.state(), story.practices), LayUp.SERVICE))
        .isEqualTo(minutes(both, LayUp.SERVICE) - warm);
  }

  private static int minutes(WorkLeft left, String task) {
    return left.tasks().stream()
        .filter(one -> one.key().equals(task))
        .mapToInt(VisitTask::minutes)
        .sum();
  }

  @Test
  void aTwinIsFollowedEngineByEngine() {
    Story twin = new Story(Hulls.twinDiesel()).wet();
    twin.open(Procedure.LAY_UP_SERVICE);
    String first =
        twin.card().steps().stream()
            .map(Step::key)
            .filter(key -> key.endsWith("warm-up"))
            .findFirst()
            .orElseThrow();
    twin.walkTo(first, Map.of());
    twin.open(Procedure.WINTERIZE);
    List<Step> warm =
        twin.card().steps().stream().filter(step -> step.key().endsWith("warm-up")).toList();
    assertThat(warm).hasSizeGreaterThan(1);
    assertThat(warm).filteredOn(step -> step.key().equals(first)).allMatch(s -> s.asks().isEmpty());
    assertThat(warm)
        .filteredOn(step -> !step.key().equals(first))
        .noneMatch(step -> step.asks().isEmpty());
  }

  @Test
  void aSecondLayUpYearsLaterStartsFromNothing() {
    openService();
    story.walk();
    openWinterizing(Method.POUR);
    story.walk();
    story.open(Procedure.COMMISSION).walk();
    story.daysLater(200);
    openService();
    assertThat(step(service, "warm-up").elsewhere()).isNull();
    assertThat(step(service, "oil-again")).isNull();
  }
}
