package elsko.server.plan.crew;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.plan.model.Equipment;
import elsko.core.plan.model.Skill;
import elsko.core.plan.model.Worker;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

class WorkerRowTest {
  private static final LocalDate MONDAY = LocalDate.of(2031, 10, 6);

  @Test
  void aWeekHasItsWorkingDays() {
    Worker worker = orrin().worker(MONDAY, 0, 8);

    assertThat(worker.hours()).hasSize(8);
    assertThat(worker.hours().get(0)).isEqualTo(new Worker.Hours(480, 990));
    assertThat(worker.hours().get(5)).isNull();
    assertThat(worker.hours().get(6)).isNull();
    assertThat(worker.hours().get(7)).isEqualTo(new Worker.Hours(480, 990));
  }

  @Test
  void ofTodayOnlyWhatIsLeftCanBeWorked() {
    assertThat(orrin().worker(MONDAY, 700, 2).hours().get(0)).isEqualTo(new Worker.Hours(700, 990));
    assertThat(orrin().worker(MONDAY, 1200, 2).hours().get(0)).isNull();
    assertThat(orrin().worker(MONDAY, 1200, 2).hours().get(1))
        .isEqualTo(new Worker.Hours(480, 990));
  }

  @Test
  void daysOffAreKeptAndTakenBack() {
    WorkerRow row = orrin();
    row.isOff(Set.of(MONDAY.plusDays(1)));
    assertThat(row.daysOff()).containsExactly(MONDAY.plusDays(1));
    assertThat(row.worker(MONDAY, 0, 3).hours().get(1)).isNull();
    row.isOff(Set.of());
    assertThat(row.daysOff()).isEmpty();
    assertThat(row.worker(MONDAY, 0, 3).hours().get(1)).isNotNull();
  }

  @Test
  void skillsComeBackAsTheyWereSaid() {
    assertThat(orrin().skills()).containsExactlyInAnyOrder(Skill.LIFT, Skill.ENGINE_DIESEL);
    assertThat(orrin().weekdays()).containsExactly(true, true, true, true, true, false, false);
  }

  @Test
  void whatThereIsComesBackAsItWasSaid() {
    MeansRow row = MeansRow.usual();
    assertThat(row.equipment()).containsKeys(Equipment.values());
    row.has(Map.of(Equipment.TANK_KIT, 3), 0);
    assertThat(row.equipment()).isEqualTo(Map.of(Equipment.TANK_KIT, 3));
    assertThat(row.liftSlots()).isZero();
  }

  private static WorkerRow orrin() {
    WorkerRow row = new WorkerRow(java.util.UUID.randomUUID(), "token");
    row.works(
        Set.of(Skill.LIFT, Skill.ENGINE_DIESEL),
        480,
        990,
        List.of(true, true, true, true, true, false, false));
    return row;
  }
}
