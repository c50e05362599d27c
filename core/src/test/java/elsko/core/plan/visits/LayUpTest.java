package elsko.core.plan.visits;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.Hulls;
import elsko.core.Story;
import elsko.core.boat.description.DrainArrangement;
import elsko.core.boat.path.Method;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Procedure;
import elsko.core.plan.model.Equipment;
import elsko.core.plan.model.Skill;
import elsko.core.plan.model.VisitTask;
import elsko.core.procedure.request.Practices;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class LayUpTest {
  @Test
  void aWetSterndriveIsDrainedFilledProvenAndClosed() {
    WorkLeft left = left(Story.fourDrains().wet());

    assertThat(keys(left)).containsExactly(LayUp.EMPTY, LayUp.FILL, LayUp.PROVE, LayUp.CLOSE);
    assertThat(left.tasks().get(left.safeAfter()).key()).isEqualTo(LayUp.FILL);
    assertThat(left.tasks().get(0).skills()).containsExactly(Skill.ENGINE_PETROL);
    assertThat(left.tasks()).allMatch(task -> task.minutes() > 0);
  }

  @Test
  void theTasksAreTheStepsOfTheCardAndNoneIsLost() {
    Story story = Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.POUR);
    WorkLeft left = left(story);

    assertThat(left.steps().values().stream().flatMap(List::stream))
        .containsExactlyInAnyOrderElementsOf(
            story.card().steps().stream().map(step -> step.key()).toList());
    assertThat(left.tasks().stream().mapToInt(VisitTask::minutes).sum())
        .isEqualTo(story.card().attendedMinutes());
  }

  @Test
  void whatIsDoneLeavesTheVisit() {
    Story story = Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.POUR);
    int before = left(story).tasks().get(0).minutes();
    story.walkTo("warm-up", Map.of());
    assertThat(left(story).tasks().get(0).minutes()).isLessThan(before);
    story.walkTo("clamp", Map.of());
    assertThat(keys(left(story))).containsExactly(LayUp.PROVE, LayUp.CLOSE);
    story.walk();
    assertThat(left(story).tasks()).isEmpty();
  }

  @Test
  void aFillThatCameOutShortIsMadeGoodAndProvenAgain() {
    Story story = Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.POUR);
    story.walkTo("prove", Map.of("block-port", Story.SHORT));
    assertThat(keys(left(story))).containsExactly(LayUp.FILL, LayUp.PROVE, LayUp.CLOSE);
  }

  @Test
  void drawingThroughTakesTheTankKitAndTwoPeople() {
    Story story = Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.DRAW);
    VisitTask fill =
        left(story).tasks().stream()
            .filter(task -> task.key().equals(LayUp.FILL))
            .findFirst()
            .orElseThrow();
    assertThat(fill.equipment()).isEqualTo(Equipment.TANK_KIT);
    assertThat(fill.people()).isEqualTo(2);
  }

  @Test
  void afloatItIsLiftedFirst() {
    Story story = new Story(Hulls.twinDiesel()).wet();
    assertThat(keys(left(story))).doesNotContain(LayUp.LIFT).contains(LayUp.SYSTEMS);
    assertThat(left(story).tasks().get(0).skills()).containsExactly(Skill.ENGINE_DIESEL);
    story.add(null, null, null, new Fact.BerthMoved(UUID.randomUUID(), "W1", true));
    WorkLeft afloat = left(story);
    assertThat(afloat.tasks().get(0).key()).isEqualTo(LayUp.LIFT);
    assertThat(afloat.tasks().get(0).people()).isEqualTo(2);
  }

  @Test
  void aDescaleThatWasOpenedComesFirstAndBringsSomebodyBackFromItsSoak() {
    Story story = Story.fourDrains().wet();
    story.open(Procedure.DESCALE);
    WorkLeft left = left(story);

    assertThat(keys(left)).startsWith(LayUp.DESCALE, LayUp.DESCALE + "-2").contains(LayUp.FILL);
    VisitTask first = left.tasks().get(0);
    assertThat(first.soak().fromMinutes()).isEqualTo(240);
    assertThat(first.soak().toMinutes()).isEqualTo(360);
    assertThat(first.equipment()).isEqualTo(Equipment.TANK_KIT);
    assertThat(first.asks().kitStays()).isTrue();
    assertThat(left.tasks().get(1).equipment()).isEqualTo(Equipment.TANK_KIT);
    assertThat(left.steps().values().stream().flatMap(List::stream))
        .doesNotContain(Procedure.DESCALE.lastStep());
    assertThat(left.tasks().get(left.safeAfter()).key()).isEqualTo(LayUp.FILL);
  }

  @Test
  void aLayUpServiceThatWasOpenedIsOneTask() {
    Story story = Story.fourDrains().wet();
    story.open(Procedure.LAY_UP_SERVICE);
    assertThat(keys(left(story))).startsWith(LayUp.SERVICE, LayUp.EMPTY);
  }

  private static WorkLeft left(Story story) {
    return LayUp.of(story.state(), Practices.USUAL);
  }

  private static List<String> keys(WorkLeft left) {
    return left.tasks().stream().map(VisitTask::key).toList();
  }
}
