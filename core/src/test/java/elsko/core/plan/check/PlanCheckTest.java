package elsko.core.plan.check;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.plan.model.Assignment;
import elsko.core.plan.model.Equipment;
import elsko.core.plan.model.Plan;
import elsko.core.plan.model.Season;
import elsko.core.plan.model.Skill;
import elsko.core.plan.model.Visit;
import elsko.core.plan.model.VisitTask;
import elsko.core.plan.model.VisitTask.Soak;
import elsko.core.plan.model.Worker;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** A plan that is right, and what is found when one thing in it is made wrong. */
class PlanCheckTest {
  private static final UUID TEAL = new UUID(1, 1);
  private static final UUID DUNLIN = new UUID(1, 2);

  @Test
  void aPlanThatIsRightHasNothingWrong() {
    assertThat(problems(good())).isEmpty();
    assertThat(PlanCheck.frostLoss(season(), plan(good()))).isEqualTo(0.5 + 2.0);
    assertThat(PlanCheck.walkingMinutes(season(), plan(good()))).isEqualTo(2 + 3 + 3);
  }

  @Test
  void aTaskTooEarlyForItsSoakOrTooLate() {
    assertThat(problems(with(1, TEAL, "rinse", List.of("Orrin"), 0, 620, 640)))
        .anyMatch(words -> words.contains("soak of 97 min"));
    assertThat(problems(with(1, TEAL, "rinse", List.of("Orrin"), 0, 800, 820)))
        .anyMatch(words -> words.contains("soak of"));
    assertThat(problems(with(1, TEAL, "rinse", List.of("Orrin"), 1, 500, 520)))
        .anyMatch(words -> words.contains("soak of"));
  }

  @Test
  void anOrderThatIsTurnedAround() {
    assertThat(problems(with(1, TEAL, "rinse", List.of("Orrin"), 0, 490, 510)))
        .anyMatch(words -> words.contains("before descale is over"));
  }

  @Test
  void somebodyWhoCannotIsOffOrIsElsewhere() {
    assertThat(problems(with(2, DUNLIN, "fill", List.of("Orrin", "Tamsa"), 1, 500, 560)))
        .anyMatch(words -> words.contains("Orrin cannot do fill"));
    assertThat(problems(with(2, DUNLIN, "fill", List.of("Tamsa", "Orrin"), 2, 500, 560)))
        .anyMatch(words -> words.contains("Tamsa is off on day 2"));
    assertThat(problems(with(2, DUNLIN, "fill", List.of("Tamsa", "Orrin"), 0, 650, 710)))
        .anyMatch(words -> words.contains("Orrin cannot be at"));
    assertThat(problems(with(2, DUNLIN, "fill", List.of("Tamsa", "Orrin"), 1, 960, 1020)))
        .anyMatch(words -> words.contains("works until 1020"));
  }

  @Test
  void handsAndMinutesThatDoNotAddUp() {
    assertThat(problems(with(2, DUNLIN, "fill", List.of("Tamsa"), 1, 500, 560)))
        .anyMatch(words -> words.contains("wrong number of people"));
    assertThat(problems(with(2, DUNLIN, "fill", List.of("Tamsa", "Tamsa"), 1, 500, 560)))
        .anyMatch(words -> words.contains("wrong number of people"));
    assertThat(problems(with(2, DUNLIN, "fill", List.of("Tamsa", "Orrin"), 1, 500, 540)))
        .anyMatch(words -> words.contains("takes 40 instead of 60"));
    assertThat(problems(with(2, DUNLIN, "fill", List.of("Tamsa", "Orrin"), 1, 700, 790))).isEmpty();
  }

  @Test
  void whatIsMissingTwiceOrTooSoon() {
    List<Assignment> missing = new ArrayList<>(good());
    missing.remove(1);
    assertThat(problems(missing)).anyMatch(words -> words.contains("Teal lacks rinse"));
    List<Assignment> twice = new ArrayList<>(good());
    twice.add(good().get(0));
    assertThat(problems(twice)).anyMatch(words -> words.contains("there twice"));
    assertThat(problems(with(2, DUNLIN, "fill", List.of("Tamsa", "Orrin"), 0, 500, 560)))
        .anyMatch(words -> words.contains("not there yet on day 0"));
    List<Assignment> nothing = new ArrayList<>(good());
    nothing.remove(2);
    assertThat(problems(nothing)).anyMatch(words -> words.contains("neither planned"));
    assertThat(PlanCheck.problems(season(), new Plan(nothing, List.of(DUNLIN), null))).isEmpty();
  }

  @Test
  void moreEquipmentAndLiftsThanThereAre() {
    Season none = season(Map.of(), new int[] {1, 1, 1});
    assertThat(PlanCheck.problems(none, plan(good()))).anyMatch(words -> words.contains("of LIFT"));
    Season noSlots = season(Map.of(Equipment.LIFT, 1), new int[3]);
    assertThat(PlanCheck.problems(noSlots, plan(good())))
        .anyMatch(words -> words.contains("1 lifts on day 1"));
  }

  private static List<String> problems(List<Assignment> assignments) {
    return PlanCheck.problems(season(), plan(assignments));
  }

  private static Plan plan(List<Assignment> assignments) {
    return new Plan(assignments, List.of(), null);
  }

  private static List<Assignment> good() {
    return List.of(
        new Assignment(TEAL, "descale", List.of("Orrin"), 0, 483, 523),
        new Assignment(TEAL, "rinse", List.of("Orrin"), 0, 660, 680),
        new Assignment(DUNLIN, "fill", List.of("Tamsa", "Orrin"), 1, 500, 560));
  }

  private static List<Assignment> with(
      int index, UUID boat, String task, List<String> workers, int day, int start, int end) {
    List<Assignment> changed = new ArrayList<>(good());
    changed.set(index, new Assignment(boat, task, workers, day, start, end));
    return changed;
  }

  private static Season season() {
    return season(Map.of(Equipment.LIFT, 1), new int[] {1, 1, 1});
  }

  private static Season season(Map<Equipment, Integer> equipment, int[] lifts) {
    List<Worker.Hours> always =
        Arrays.asList(
            new Worker.Hours(480, 990), new Worker.Hours(480, 990), new Worker.Hours(480, 990));
    List<Worker.Hours> tamsa = new ArrayList<>(always);
    tamsa.set(2, null);
    return new Season(
        LocalDate.of(2031, 10, 6),
        3,
        List.of(
            new Worker("Orrin", Set.of(Skill.ENGINE_PETROL), always),
            new Worker("Tamsa", Set.of(Skill.LIFT), tamsa)),
        new Worker.Hours(720, 750),
        List.of(
            new Visit(
                TEAL,
                "Teal",
                1,
                "C3",
                0,
                null,
                List.of(
                    new VisitTask(
                        "descale", "Descale", 40, 1, Skill.ENGINE_PETROL, null, new Soak(120, 180)),
                    new VisitTask("rinse", "Rinse", 20, 1, Skill.ENGINE_PETROL, null, null)),
                1,
                List.of(0.5, 1.0, 1.5, 2.0)),
            new Visit(
                DUNLIN,
                "Dunlin",
                2,
                "C9",
                1,
                null,
                List.of(new VisitTask("fill", "Fill", 60, 2, Skill.LIFT, Equipment.LIFT, null)),
                0,
                List.of(1.0, 2.0, 3.0, 4.0))),
        equipment,
        lifts,
        new int[][] {{0, 2, 3}, {2, 0, 4}, {3, 4, 0}});
  }
}
