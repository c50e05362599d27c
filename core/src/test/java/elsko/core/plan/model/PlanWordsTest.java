package elsko.core.plan.model;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import elsko.core.Refused;
import elsko.core.plan.explain.Move;
import elsko.core.plan.explain.PlanChanges;
import elsko.core.plan.explain.PlanChanges.BoatThen;
import elsko.core.plan.explain.PlanChanges.Dated;
import elsko.core.plan.explain.Unmet;
import elsko.core.plan.explain.Why;
import elsko.core.plan.model.VisitTask.Soak;
import elsko.core.plan.search.Planning;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class PlanWordsTest {
  private static final LocalDate MONDAY = LocalDate.of(2031, 10, 6);
  private static final UUID TEAL = new UUID(1, 1);
  private static final UUID DUNLIN = new UUID(1, 2);

  @Test
  void aMovedTaskIsSaidWithItsReason() {
    List<Dated> told = List.of(dated("fill", "Orrin", MONDAY.plusDays(3), 550));
    List<Dated> now = List.of(dated("fill", "Tamsa", MONDAY.plusDays(2), 780));
    Map<UUID, BoatThen> boats =
        Map.of(TEAL, new BoatThen("Teal", MONDAY.plusDays(5), MONDAY.plusDays(2)));

    assertThat(PlanChanges.between(told, now, boats))
        .singleElement()
        .extracting(PlanChanges.Change::words)
        .isEqualTo(
            "Fill from Orrin, Thu 9 Oct 09:10 to Tamsa, Wed 8 Oct 13:00;"
                + " its frost deadline moved from Sat 11 Oct to Wed 8 Oct.");
  }

  @Test
  void aWholeVisitIsSaidAtOnce() {
    List<Dated> told = new ArrayList<>();
    List<Dated> now = new ArrayList<>();
    for (String task : List.of("empty", "fill", "prove")) {
      told.add(dated(task, "Orrin", MONDAY.plusDays(3), 480));
      now.add(dated(task, "Tamsa", MONDAY, 480));
    }
    assertThat(PlanChanges.between(told, now, Map.of(TEAL, new BoatThen("Teal", null, null))))
        .singleElement()
        .extracting(PlanChanges.Change::words)
        .isEqualTo("Its work from Thu 9 Oct to Mon 6 Oct 08:00, with Tamsa instead of Orrin.");
  }

  @Test
  void whatStaysIsNotSaidWhatComesAndGoesIs() {
    Map<UUID, BoatThen> boats =
        Map.of(TEAL, new BoatThen("Teal", null, null), DUNLIN, new BoatThen("Dunlin", null, null));
    Dated same = dated("fill", "Orrin", MONDAY, 480);
    Dated other = new Dated(DUNLIN, "fill", "Fill", List.of("Orrin"), MONDAY, 600);
    assertThat(PlanChanges.between(List.of(same), List.of(same), boats)).isEmpty();
    assertThat(PlanChanges.between(List.of(), List.of(same), boats).get(0).words())
        .isEqualTo("New: from Mon 6 Oct 08:00 with Orrin.");
    assertThat(PlanChanges.between(List.of(same, other), List.of(same), boats).get(0).words())
        .isEqualTo("No longer planned.");
  }

  @Test
  void whyAStopIsWhereItIsAndWhatMovingItCosts() {
    Planning planning = Planning.anew(season(1));
    Plan plan = planning.construct();
    Why why = Why.of(planning, plan, TEAL, "fill");

    assertThat(why.then().get(0)).startsWith("Frost is close");
    assertThat(why.who()).contains("Tamsa could do it too.");
    assertThat(why.moves()).anyMatch(words -> words.startsWith("A day later: Teal is safe"));
    assertThatThrownBy(() -> Why.of(planning, plan, TEAL, "nothing")).isInstanceOf(Refused.class);
  }

  @Test
  void aMoveThatBreaksARuleSaysWhich() {
    Planning planning = Planning.anew(season(1));
    Plan plan = planning.construct();

    assertThat(Move.of(planning, plan, TEAL, "fill", "Quill", 0, 0).broken())
        .anyMatch(words -> words.contains("Quill does not do petrol engines"));
    assertThat(Move.of(planning, plan, TEAL, "rinse", "Orrin", 1, 0).broken())
        .anyMatch(words -> words.contains("over night"));
    assertThat(Move.of(planning, plan, TEAL, "fill", "Orrin", 2, 0).broken())
        .anyMatch(words -> words.contains("has no working hours left"));
    Move fine = Move.of(planning, plan, DUNLIN, "fill", "Tamsa", 1, 0);
    assertThat(fine.broken()).isEmpty();
    assertThat(fine.plan().figures().brokenRules()).isZero();
    assertThatThrownBy(() -> Move.of(planning, plan, TEAL, "fill", "Nobody", 0, 0))
        .hasMessageContaining("Nobody of that name");
    assertThatThrownBy(() -> Move.of(planning, plan, TEAL, "fill", "Orrin", 99, 0))
        .hasMessageContaining("outside the plan");
  }

  @Test
  void whatThereIsNoRoomForIsCounted() {
    Season short1 = season(0);
    Plan plan = Planning.anew(short1).construct();

    assertThat(plan.undone()).contains(TEAL);
    assertThat(Unmet.words(short1, plan)).anyMatch(words -> words.contains("petrol engines"));
    assertThat(Unmet.boats(short1, plan))
        .anyMatch(boat -> boat.words().equals("There is no tank kit."));
  }

  @Test
  void aSoakThatReachesOverNightIsRefused() {
    assertThatThrownBy(() -> new Soak(60, 20 * 60)).isInstanceOf(Refused.class);
    assertThatThrownBy(() -> new Soak(300, 200)).isInstanceOf(Refused.class);
  }

  private static Dated dated(String task, String who, LocalDate date, int start) {
    return new Dated(
        TEAL,
        task,
        task.substring(0, 1).toUpperCase() + task.substring(1),
        List.of(who),
        date,
        start);
  }

  private static Season season(int tankKits) {
    List<Worker.Hours> hours = new ArrayList<>(Collections.nCopies(6, new Worker.Hours(480, 990)));
    List<Worker.Hours> orrin = new ArrayList<>(hours);
    orrin.set(2, null);
    List<Double> loss = Arrays.asList(0.0, 1.0, 4.0, 9.0, 15.0, 20.0, 25.0);
    VisitTask descale =
        new VisitTask("descale", "Descale", 40, 1, Skill.ENGINE_PETROL, null, new Soak(120, 240));
    VisitTask rinse = new VisitTask("rinse", "Rinse", 20, 1, Skill.ENGINE_PETROL, null, null);
    VisitTask fill =
        new VisitTask("fill", "Fill", 60, 1, Skill.ENGINE_PETROL, Equipment.TANK_KIT, null);
    return new Season(
        MONDAY,
        6,
        List.of(
            new Worker("Orrin", Set.of(Skill.ENGINE_PETROL), orrin),
            new Worker("Tamsa", Set.of(Skill.ENGINE_PETROL), hours),
            new Worker("Quill", Set.of(Skill.RIGGING), hours)),
        new Worker.Hours(720, 750),
        List.of(
            new Visit(TEAL, "Teal", 1, "C3", 0, null, List.of(descale, rinse, fill), 2, loss),
            new Visit(DUNLIN, "Dunlin", 2, "C9", 0, 3, List.of(fill), 0, loss)),
        Map.of(Equipment.TANK_KIT, tankKits),
        new int[6],
        new int[][] {{0, 2, 3}, {2, 0, 2}, {3, 2, 0}});
  }
}
