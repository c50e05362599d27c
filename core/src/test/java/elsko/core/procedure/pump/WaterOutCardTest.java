package elsko.core.procedure.pump;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import elsko.core.Hulls;
import elsko.core.Refused;
import elsko.core.Story;
import elsko.core.boat.description.BoatDescription;
import elsko.core.boat.path.FittingState;
import elsko.core.ledger.RedTag;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Procedure;
import elsko.core.ledger.fact.StartBasis;
import elsko.core.ledger.fact.TagCause;
import elsko.core.limits.Conditions;
import elsko.core.limits.CylinderConditions;
import elsko.core.plan.visits.LayUp;
import elsko.core.plan.visits.SameDay;
import elsko.core.plan.visits.WorkLeft;
import elsko.core.procedure.card.Ask;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** An engine that stopped dead: water out of its cylinders the same day, and no start before. */
public class WaterOutCardTest {
  private Story story = stoppedDead(Hulls.smallDiesel());

  public static Story stoppedDead(BoatDescription boat) {
    Story story = new Story(boat).wet();
    story.say(new Fact.GuideLooked("will-not-start", "key", "stops-dead"));
    return story.open(Procedure.WATER_OUT);
  }

  static Stream<BoatDescription> boats() {
    return Stream.of(Hulls.smallDiesel(), Hulls.vintage(), Hulls.saildrive());
  }

  @ParameterizedTest
  @MethodSource("boats")
  void itRunsAgainTheSameDayAndTheTagIsGone(BoatDescription boat) {
    story = stoppedDead(boat);
    assertThat(story.state().tags())
        .extracting(RedTag::cause)
        .containsExactly(TagCause.WATER_IN_CYLINDERS);
    story.walk();
    assertThat(story.progress().isClosed()).isTrue();
    assertThat(story.state().tags()).isEmpty();
    assertThat(story.log).anyMatch(entry -> entry.fact() instanceof Fact.EngineStarted);
  }

  @Test
  void nothingTurnsItBeforeItIsOpen() {
    assertThatThrownBy(() -> story.say(new Fact.Cranked(null, 3)))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("No cranking before plugs or injectors are out");
    story.walkTo("cylinders-open", Map.of());
    story.say(new Fact.Cranked(null, 3));
  }

  /** Whatever is ticked afterwards: a rod that is bent is not cleared by oil. */
  @ParameterizedTest
  @ValueSource(strings = {"lower", "binds"})
  void aBentRodLeavesNoWayToAStart(String finding) {
    story.walkTo("cylinders-open", Map.of());
    story.at("water-out", seen(CylinderConditions.RUNS_OUT.key(), "none-left"));
    story.at("water-out", seen(CylinderConditions.TURNS.key(), finding));
    story.at("water-out", new Fact.StepDone());

    assertThat(story.card().step("oil-in").asks()).noneMatch(Ask.Remedy.class::isInstance);
    assertThat(story.state().tags()).hasSize(1);
    story.set("feed", FittingState.BUCKET);
    assertThatThrownBy(() -> story.say(new Fact.EngineStarted(null, StartBasis.FED, 0)))
        .isInstanceOf(Refused.class)
        .hasMessageStartingWith("Red tag.");
    assertThatThrownBy(() -> story.say(new Fact.Cranked(null, 2)))
        .as("opened before it was found")
        .isInstanceOf(Refused.class);
  }

  @Test
  void milkyOilIsChangedBeforeItRuns() {
    story.walkTo("water-out", Map.of());
    story.at("oil-in", seen(Conditions.OIL_LOOK.key(), "milky"));
    assertThat(story.card().step("new-oil")).isNotNull();
    assertThat(story.card().step("run-dry").after()).contains("new-oil");
  }

  @Test
  void itComesBeforeAllThatIsLeftAndNothingOfThatIsGone() {
    WorkLeft layUp = LayUp.of(story.state(), story.practices);
    WorkLeft left = SameDay.of(story.state(), story.practices, layUp);
    assertThat(left.tasks().get(0).key()).isEqualTo(SameDay.WATER_OUT);
    assertThat(left.tasks().subList(1, left.tasks().size())).isEqualTo(layUp.tasks());
    assertThat(left.promisedFor()).isEqualTo(layUp.promisedFor() + 1);
    assertThat(left.steps()).containsAllEntriesOf(layUp.steps());
    assertThat(left.safeAfter()).isZero();
    assertThat(SameDay.lossAfter(0)).isZero();
    assertThat(SameDay.lossAfter(1)).isPositive().isLessThan(SameDay.lossAfter(2));
    assertThat(SameDay.lossAfter(30)).isEqualTo(SameDay.lossAfter(9));

    story.walk();
    assertThat(SameDay.of(story.state(), story.practices, layUp)).isNull();
  }

  @Test
  void theWayInIsAskedForBeforeItIsClosedUp() {
    assertThat(story.card().step("cylinders-shut").after()).contains("came-in");
    assertThat(story.card().step("run-dry").after()).contains("cylinders-shut");
  }

  private static Fact seen(String condition, String finding) {
    return new Fact.ConditionSeen(null, condition, finding);
  }
}
