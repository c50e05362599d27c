package elsko.core.plan.explain;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.plan.model.Effort;
import elsko.core.plan.model.Equipment;
import elsko.core.plan.model.Plan;
import elsko.core.plan.model.Season;
import elsko.core.plan.model.Skill;
import elsko.core.plan.model.Visit;
import elsko.core.plan.model.VisitTask;
import elsko.core.plan.model.Worker;
import elsko.core.plan.search.Planning;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class OtherwiseTest {
  private static final Effort EFFORT = new Effort.Moves(200);
  private static final int DAYS = 4;

  /** Two people, four boats of three hours each with one tank kit, all wanted by the second day. */
  private static Planning planning() {
    List<Visit> visits = new ArrayList<>();
    for (int v = 0; v < 4; v++) {
      VisitTask fill =
          new VisitTask("fill", "Fill", 180, 1, Skill.SYSTEMS, Equipment.TANK_KIT, null);
      visits.add(
          new Visit(
              new UUID(1, v),
              "boat " + v,
              0,
              "C" + v,
              0,
              null,
              List.of(fill),
              0,
              0,
              List.of(0.0, 0.0, 3.0, 6.0, 9.0),
              1));
    }
    Season season =
        new Season(
            LocalDate.of(2031, 10, 27),
            DAYS,
            List.of(worker("Orrin"), worker("Tamsa")),
            new Worker.Hours(720, 750),
            visits,
            Map.of(Equipment.TANK_KIT, 1),
            new int[DAYS],
            new int[1][1]);
    return Planning.anew(season);
  }

  private static Worker worker(String name) {
    return new Worker(
        name, Set.of(Skill.SYSTEMS), Collections.nCopies(DAYS, new Worker.Hours(480, 990)));
  }

  @Test
  void asItIsNothingIsLate() {
    Planning planning = planning();
    Plan plan = planning.solve(EFFORT, null);
    assertThat(Otherwise.asItIs(planning, plan).late()).isEmpty();
  }

  @Test
  void oneCanGoHomeBothCannot() {
    Otherwise one = Otherwise.without(planning(), Set.of("Tamsa"), 0, 0, EFFORT);
    assertThat(one.late()).isEmpty();
    Otherwise both = Otherwise.without(planning(), Set.of("Orrin", "Tamsa"), 0, 0, EFFORT);
    assertThat(both.late()).as("a day has room for two with one kit").hasSize(2);
    assertThat(both.late()).allMatch(late -> late.days() == 1);
    assertThat(both.frostLoss()).isEqualTo(6);
    Otherwise all = Otherwise.without(planning(), Set.of("Orrin", "Tamsa"), 0, 9, EFFORT);
    assertThat(all.late()).hasSize(4).allMatch(late -> late.days() == DAYS - 1);
  }

  /** A day has room for two with one kit: of four days and eight, four are taken. */
  @Test
  void soManyMoreCanBePromised() {
    assertThat(MorePromises.by(planning(), 0, EFFORT)).isZero();
    assertThat(MorePromises.by(planning(), 1, EFFORT)).isZero();
    assertThat(MorePromises.by(planning(), 2, EFFORT)).isEqualTo(2);
    assertThat(MorePromises.by(planning(), 3, EFFORT)).isEqualTo(4);
  }

  @Test
  void whatWouldKeepADeadlineIsSaid() {
    Planning planning = planning();
    Planning fewer =
        Planning.anew(
            planning
                .season()
                .with(
                    planning.season().workers().stream()
                        .map(
                            worker -> {
                              List<Worker.Hours> hours = new ArrayList<>(worker.hours());
                              hours.set(0, null);
                              return new Worker(worker.name(), worker.skills(), hours);
                            })
                        .toList(),
                    planning.season().equipment()));
    Otherwise late = Otherwise.asItIs(fewer, fewer.solve(EFFORT, null));
    List<String> words = WouldKeep.words(fewer, late.late().getFirst().boat(), EFFORT);
    assertThat(words)
        .anyMatch(one -> one.contains("works on Mon 27 Oct too"))
        .anyMatch(one -> one.contains("one more tank kit"));
    // A third boat of three hours fits into a day of nine.
    assertThat(words).anyMatch(one -> one.contains("stays an hour longer until Tue 28 Oct"));
  }

  @Test
  void oneMoreKitMakesUpForADayThatIsLost() {
    Planning planning = planning();
    Season season = planning.season();
    List<Worker> fromTuesday = new ArrayList<>();
    for (Worker worker : season.workers()) {
      List<Worker.Hours> hours = new ArrayList<>(worker.hours());
      hours.set(0, null);
      fromTuesday.add(new Worker(worker.name(), worker.skills(), hours));
    }
    Planning short1 =
        Planning.anew(
            new Season(
                season.first(),
                season.days(),
                fromTuesday,
                season.pause(),
                season.visits(),
                season.equipment(),
                season.liftSlots(),
                season.walkMinutes()));
    assertThat(Otherwise.asItIs(short1, short1.solve(EFFORT, null)).late()).hasSize(2);
    assertThat(Otherwise.withOneMore(short1, Equipment.TANK_KIT, EFFORT).late()).isEmpty();
  }
}
