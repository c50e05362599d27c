package elsko.core.procedure.pump;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import elsko.core.Hulls;
import elsko.core.Refused;
import elsko.core.Story;
import elsko.core.boat.description.BoatDescription;
import elsko.core.boat.description.DrainArrangement;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.Method;
import elsko.core.ledger.circuit.Protection;
import elsko.core.ledger.engine.Due;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Procedure;
import elsko.core.ledger.fact.StartBasis;
import elsko.core.ledger.fact.TagCause;
import elsko.core.limits.Conditions;
import elsko.core.limits.Interval;
import elsko.core.limits.Limits;
import elsko.core.limits.PumpConditions;
import elsko.core.plan.model.VisitTask;
import elsko.core.plan.visits.LayUp;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.request.PumpVariant;
import elsko.core.stores.StockDemand;
import elsko.core.stores.Wanted;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** A raw-water pump on the bench, as it goes for the boat and not only as usual. */
class PumpCardTest {
  private Story story = opened(Hulls.smallDiesel(), PumpVariant.OVERHAUL);

  private static Story opened(BoatDescription boat, PumpVariant variant) {
    return new Story(boat).wet().open(Procedure.PUMP, Map.of("engine", variant.name()));
  }

  private Step step(String key) {
    return story.card().step(key);
  }

  private void walkTo(String key) {
    story.walkTo(key, Map.of());
  }

  private void found(String step, String condition, String finding) {
    story.at(step, new Fact.ConditionSeen(null, condition, finding));
  }

  private void replaced(Interval interval) {
    story.say(
        new Fact.ServiceDone(story.boat.engineCircuits().get(0).engine(), interval.key(), ""));
  }

  @ParameterizedTest
  @EnumSource(PumpVariant.class)
  void itIsPutRightAndRunAndItsIntervalBeginsAnew(PumpVariant variant) {
    story = opened(Hulls.smallDiesel(), variant);
    Due impeller = new Due(story.boat.engineCircuits().get(0).engine(), Interval.IMPELLER);
    assertThat(story.state().services().last(impeller)).isNull();

    story.walk();

    assertThat(story.progress().isClosed()).isTrue();
    assertThat(story.state().services().last(impeller)).isNotNull();
    assertThat(story.state().looseEnds())
        .noneMatch(
            end -> Stream.of("impeller", "hose", "lid").anyMatch(end.fitting().key()::contains));
    assertThat(story.log).anyMatch(entry -> entry.fact() instanceof Fact.EngineStarted);
  }

  @Test
  void withItsPumpOpenNothingStartsIt() {
    walkTo("pump-impeller");
    story.set("feed", FittingState.BUCKET);
    assertThatThrownBy(() -> story.say(new Fact.EngineStarted(null, StartBasis.FED, 0)))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("impeller");
  }

  @Test
  void everyPieceIsFoundBeforeItIsPutTogether() {
    walkTo("pump-off");
    Step impeller = step("pump-impeller");
    story.at(impeller.key(), new Fact.FittingSet("impeller", FittingState.REMOVED, false, ""));
    story.at(impeller.key(), new Fact.ReadingTaken(null, Limits.IMPELLER_VANES.key(), 6, 8.0));
    assertThat(step("pump-pieces")).isNotNull();
    assertThat(story.state().tags()).anyMatch(tag -> tag.cause() == TagCause.VANES_MISSING);
    found("pump-impeller", Conditions.IMPELLER_LOOK.key(), "cracks");
    story.at(impeller.key(), new Fact.StepDone());

    assertThat(step("pump-together").after()).contains("pump-pieces");
    story.at("pump-pieces", new Fact.PiecesFound(null, 1, "rising pipe"));
    assertThatThrownBy(() -> story.at("pump-pieces", new Fact.StepDone()))
        .hasMessageContaining("Still open");
    story.at("pump-pieces", new Fact.PiecesFound(null, 1, "exchanger inlet"));
    story.at("pump-pieces", new Fact.StepDone());
    story.walk();

    assertThat(story.progress().isClosed()).isTrue();
    assertThat(story.state().tags()).isEmpty();
  }

  static Stream<Arguments> worn() {
    return Stream.of(
        Arguments.of(PumpConditions.TELL_TALE.key(), "water"),
        Arguments.of(PumpConditions.TELL_TALE.key(), "oil"),
        Arguments.of(PumpConditions.BEARINGS.key(), "float"));
  }

  @ParameterizedTest
  @MethodSource("worn")
  void sealsAreNewWhereTheyLeakAndLeftAloneWhereTheGapIsDry(String condition, String finding) {
    walkTo("pump-housing");
    assertThat(step("pump-seals")).as("nobody looked yet").isNull();
    found("pump-shaft", condition, finding);

    assertThat(step("pump-seals").asks())
        .filteredOn(Ask.Service.class::isInstance)
        .extracting(ask -> ((Ask.Service) ask).item())
        .containsExactly(Interval.PUMP_SEALS.key());
    found("pump-shaft", condition, good(condition));
    assertThat(step("pump-seals")).as("looked again").isNull();
  }

  private static String good(String condition) {
    return Conditions.of(condition).findings().get(0).key();
  }

  @Test
  void aGrooveInTheShaftIsANewPumpAndNoNewSeals() {
    walkTo("pump-housing");
    found("pump-shaft", PumpConditions.TELL_TALE.key(), "water");
    found("pump-shaft", PumpConditions.SHAFT.key(), "groove");
    assertThat(step("pump-new")).isNotNull();
    assertThat(step("pump-seals")).isNull();
    assertThat(step("pump-together").after()).contains("pump-new");
  }

  @Test
  void whatIsSoundAndNotDueGoesBackAndOnlyTheLookIsRecorded() {
    story = new Story(Hulls.smallDiesel()).wet();
    replaced(Interval.IMPELLER);
    story.open(Procedure.PUMP, Map.of("engine", PumpVariant.IMPELLER.name())).walk();
    List<String> done =
        story.log.stream()
            .map(entry -> entry.fact())
            .filter(fact -> fact instanceof Fact.ServiceDone)
            .map(fact -> ((Fact.ServiceDone) fact).item())
            .toList();
    assertThat(done).containsExactly(Interval.IMPELLER.key(), Interval.IMPELLER_LOOK.key());
  }

  @Test
  void aHoseOffAProvenPathIsAskedForFirstAndEndsItsProof() {
    story = new Story(Hulls.saildrive()).wet().open(Procedure.WINTERIZE, Map.of()).walk();
    assertThat(story.state().circuit("engine").protection()).isEqualTo(Protection.PROVEN);
    story.daysLater(20).open(Procedure.PUMP);

    Step off = step("pump-off");
    assertThat(off.asks().get(0)).isInstanceOf(Ask.GiveUp.class);
    assertThat(off.how().toString()).contains("PROVEN");
    story.walkTo("pump-off", Map.of());
    assertThat(story.state().circuit("engine").protection()).isNotEqualTo(Protection.PROVEN);
  }

  @Test
  void itsRunIsTheWarmUpOfTheSameLayUp() {
    story = new Story(DrainArrangement.FOUR_DRAINS).wet().open(Procedure.PUMP);
    UUID pump = story.card;
    walkTo("pump-together");
    story.in(Duration.ofHours(1));
    story.open(Procedure.WINTERIZE, Map.of("engine", Method.POUR.name()));
    walkTo("warm-up");

    story.card = pump;
    Step run = step("pump-run");
    assertThat(run.elsewhere().done()).isTrue();
    assertThat(run.asks()).isEmpty();
  }

  @Test
  void itIsPlannedBeforeTheRestAndWaitsForItsRunWithoutBeingPlannedAgain() {
    assertThat(LayUp.of(story.state(), story.practices).tasks())
        .extracting(VisitTask::key)
        .containsSubsequence(LayUp.PUMP, LayUp.EMPTY);
    walkTo("pump-together");
    assertThat(LayUp.of(story.state(), story.practices).tasks())
        .extracting(VisitTask::key)
        .doesNotContain(LayUp.PUMP);
  }

  @Test
  void storesKnowWhatItTakes() {
    assertThat(StockDemand.of(story.state(), story.practices, Procedure.PUMP, story.now()))
        .extracting(Wanted::item)
        .contains(Interval.IMPELLER.key());
  }

  @Test
  void aJetHasNoPumpToOverhaul() {
    Story jet = new Story(Hulls.jet(false)).wet();
    assertThatThrownBy(() -> jet.open(Procedure.PUMP, Map.of()))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("nothing");
  }
}
