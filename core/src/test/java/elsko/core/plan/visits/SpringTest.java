package elsko.core.plan.visits;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.Hulls;
import elsko.core.Story;
import elsko.core.ledger.fact.Procedure;
import elsko.core.plan.check.PlanCheck;
import elsko.core.plan.model.Assignment;
import elsko.core.plan.model.Equipment;
import elsko.core.plan.model.Plan;
import elsko.core.plan.model.Season;
import elsko.core.plan.model.Skill;
import elsko.core.plan.model.Visit;
import elsko.core.plan.model.VisitTask;
import elsko.core.plan.model.Worker;
import elsko.core.plan.search.Planning;
import elsko.core.procedure.request.Practices;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class SpringTest {
  private static final Instant APRIL = Instant.parse("2027-04-02T08:00:00Z");

  private static Story winterized() {
    return new Story(Hulls.saildrive()).wet().open(Procedure.WINTERIZE).walk();
  }

  private static WorkLeft left(Story story) {
    return Spring.of(story.state(), Practices.USUAL, APRIL);
  }

  private static List<String> keys(WorkLeft left) {
    return left.tasks().stream().map(VisitTask::key).toList();
  }

  @Test
  void ashoreThenTheLiftThenAfloatEachByWhoeverCan() {
    WorkLeft left = left(winterized());
    assertThat(keys(left))
        .containsExactly(
            "restore",
            "spring-service",
            "antifreeze",
            "launch",
            "run",
            "seacocks",
            "disinfect",
            "rinse",
            "hand-over");
    VisitTask launch = left.tasks().get(left.promisedFor());
    assertThat(launch.key()).isEqualTo("launch");
    assertThat(launch.skills()).containsExactly(Skill.LIFT);
    assertThat(launch.equipment()).isEqualTo(Equipment.LIFT);
    assertThat(launch.people()).isEqualTo(2);
    assertThat(left.tasks().get(4).skills()).containsExactly(Skill.ENGINE_DIESEL);
    assertThat(left.tasks().get(6).soak()).isEqualTo(new VisitTask.Soak(240, 480));
    assertThat(left.safeAfter()).isEqualTo(-1);
  }

  @Test
  void theTasksAreTheStepsOfTheCardAndWhatIsDoneLeavesThem() {
    Story story = winterized().open(Procedure.COMMISSION);
    assertThat(left(story).steps().values().stream().flatMap(List::stream))
        .containsExactlyInAnyOrderElementsOf(
            story.card().steps().stream().map(step -> step.key()).toList());
    story.walkTo("launch", Map.of());
    WorkLeft afloat = left(story);
    assertThat(keys(afloat)).startsWith("run").doesNotContain("launch");
    assertThat(afloat.promisedFor()).isEqualTo(afloat.tasks().size() - 1);
    story.walk();
    assertThat(left(story).procedure()).isEqualTo(Procedure.COMMISSION);
  }

  @Test
  void thePlannerLaunchesOnTheDayThatWasPromisedAndNeverMoreThanTheLiftTakes() {
    List<VisitTask> tasks = left(winterized()).tasks();
    int promisedFor = left(winterized()).promisedFor();
    List<Visit> visits =
        IntStream.range(0, 4)
            .mapToObj(
                i ->
                    new Visit(
                        new UUID(0, i),
                        "boat " + i,
                        i + 1,
                        "A" + i,
                        0,
                        2 + i,
                        tasks,
                        promisedFor,
                        -1,
                        List.of()))
            .toList();
    Worker.Hours day = new Worker.Hours(420, 990);
    List<Worker> workers =
        List.of("Orrin", "Tamsa", "Bela", "Runa").stream()
            .map(
                name ->
                    new Worker(
                        name,
                        java.util.Set.of(Skill.ENGINE_DIESEL, Skill.SYSTEMS, Skill.LIFT),
                        java.util.Collections.nCopies(10, day)))
            .toList();
    int[] lifts = new int[10];
    java.util.Arrays.fill(lifts, 1);
    Season season =
        new Season(
            LocalDate.of(2027, 4, 2),
            10,
            workers,
            new Worker.Hours(720, 750),
            visits,
            Map.of(Equipment.LIFT, 1),
            lifts,
            new int[5][5]);
    Plan plan = Planning.anew(season).construct();
    assertThat(PlanCheck.problems(season, plan)).isEmpty();
    assertThat(plan.undone()).isEmpty();
    List<Integer> launches =
        plan.assignments().stream()
            .filter(each -> each.task().equals("launch"))
            .map(Assignment::day)
            .toList();
    assertThat(launches).hasSize(4).doesNotHaveDuplicates();
    assertThat(plan.figures().lateDays()).isZero();
    for (Assignment each : plan.assignments()) {
      if (each.task().equals("launch")) {
        int promised = 2 + (int) each.boat().getLeastSignificantBits();
        assertThat(each.day()).isLessThanOrEqualTo(promised);
      }
    }
  }
}
