package elsko.core.plan.explain;

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
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class ContinuityTest {
  private static final UUID TEAL = new UUID(1, 1);

  private static Season season(VisitTask... tasks) {
    Visit teal =
        new Visit(TEAL, "Teal", 1, "C3", 0, null, List.of(tasks), tasks.length - 1, List.of());
    return new Season(
        LocalDate.of(2031, 10, 27),
        2,
        List.of(),
        new Worker.Hours(720, 750),
        List.of(teal),
        Map.of(),
        new int[2],
        new int[2][2]);
  }

  private static VisitTask task(String key, Equipment equipment, Soak soak) {
    return new VisitTask(key, key, 30, 1, Skill.SYSTEMS, equipment, soak);
  }

  private static Assignment by(String who, String task, int day, int start) {
    return new Assignment(TEAL, task, List.of(who), day, start, start + 30);
  }

  private static Continuity of(Season season, Assignment... done) {
    return Continuity.of(
        season, new Plan(List.of(done), List.of(), new Plan.Figures(0, 0, 0, 0, 0)));
  }

  @Test
  void onePersonWithoutABreakIsInOne() {
    Season season = season(task("empty", null, null), task("fill", null, null));
    assertThat(of(season, by("Orrin", "empty", 0, 480), by("Orrin", "fill", 0, 510)))
        .isEqualTo(new Continuity(1, 1, 0, 0));
    assertThat(of(season, by("Orrin", "empty", 0, 690), by("Orrin", "fill", 0, 750)))
        .as("lunch is no break")
        .isEqualTo(new Continuity(1, 1, 0, 0));
    assertThat(of(season).share()).as("nothing planned").isEqualTo(1);
  }

  @Test
  void anotherPersonAndAWayBackAreCounted() {
    Season season = season(task("empty", null, null), task("fill", null, null));
    assertThat(of(season, by("Orrin", "empty", 0, 480), by("Tamsa", "fill", 0, 510)))
        .isEqualTo(new Continuity(1, 0, 1, 0));
    assertThat(of(season, by("Orrin", "empty", 0, 480), by("Orrin", "fill", 0, 600)))
        .isEqualTo(new Continuity(1, 0, 0, 1));
    assertThat(of(season, by("Orrin", "empty", 0, 480), by("Orrin", "fill", 1, 510)).share())
        .isZero();
  }

  @Test
  void aSoakAndTheLiftAreNoBreaks() {
    Season season =
        season(
            task("lift", Equipment.LIFT, null),
            task("descale", null, new Soak(240, 360)),
            task("flush", null, null));
    assertThat(
            of(
                season,
                by("Tamsa", "lift", 0, 480),
                by("Orrin", "descale", 0, 520),
                by("Orrin", "flush", 0, 820)))
        .isEqualTo(new Continuity(1, 1, 0, 0));
  }
}
