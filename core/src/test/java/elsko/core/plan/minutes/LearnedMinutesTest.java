package elsko.core.plan.minutes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import elsko.core.boat.description.Layout;
import elsko.core.boat.path.Method;
import elsko.core.plan.visits.LayUp;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;

class LearnedMinutesTest {
  private static final int BY_THE_HANDBOOK = 60;
  private static final List<String> CREW = List.of("Orrin", "Tamsa", "Ellis");

  private static WorkKind fill(Method method, boolean twin) {
    return new WorkKind(LayUp.FILL, method, Layout.STERNDRIVE, twin);
  }

  /** A crew that is a fifth quicker with pouring, and slower by a quarter with twins. */
  private static double truly(WorkKind kind) {
    return (kind.method() == Method.POUR ? 0.8 : 1) * (kind.twin() ? 1.25 : 1);
  }

  private static List<WorkTime> season(int boats, long seed) {
    Random random = new Random(seed);
    List<WorkTime> done = new ArrayList<>();
    for (int boat = 0; boat < boats; boat++) {
      WorkKind kind = fill(boat % 3 == 0 ? Method.DRAW : Method.POUR, boat % 2 == 0);
      double took = BY_THE_HANDBOOK * truly(kind) * Math.exp(0.12 * random.nextGaussian());
      // Now and then something is stuck, or the owner talks.
      took *= random.nextInt(10) == 0 ? 2.2 : 1;
      done.add(new WorkTime(kind, CREW.get(random.nextInt(3)), BY_THE_HANDBOOK, took));
    }
    return done;
  }

  @Test
  void aCrewThatIsQuickerWithPouringAndSlowerWithTwinsIsLearnedWithinATenthAfterThirtyBoats() {
    int close = 0;
    int asked = 0;
    for (long seed = 0; seed < 40; seed++) {
      LearnedMinutes learned = LearnedMinutes.of(season(30, seed));
      for (WorkKind kind : List.of(fill(Method.POUR, false), fill(Method.POUR, true))) {
        double off = learned.factor(kind) / truly(kind) - 1;
        assertThat(off).as("seed %d, %s", seed, kind).isBetween(-0.25, 0.25);
        close += Math.abs(off) <= 0.1 ? 1 : 0;
        asked++;
      }
    }
    assertThat(close).as("of %d within a tenth", asked).isGreaterThanOrEqualTo(asked * 4 / 5);
    LearnedMinutes one = LearnedMinutes.of(season(30, 1));
    assertThat(one.minutes(fill(Method.POUR, false), BY_THE_HANDBOOK)).isCloseTo(48, within(5));
    assertThat(one.restsOn(fill(Method.POUR, false))).isEqualTo(20);
  }

  @Test
  void withoutEvidenceTheHandbookHoldsAndOneBoatHardlyMovesIt() {
    assertThat(LearnedMinutes.NOTHING.factor(fill(Method.POUR, false))).isEqualTo(1);
    assertThat(LearnedMinutes.NOTHING.restsOn(fill(Method.POUR, false))).isZero();
    WorkTime stuck = new WorkTime(fill(Method.POUR, false), "Orrin", 60, 180);
    assertThat(LearnedMinutes.of(List.of(stuck)).factor(fill(Method.POUR, false))).isEqualTo(1);
  }

  @Test
  void whatIsLearnedOfOneTaskIsNotSaidOfAnother() {
    LearnedMinutes learned = LearnedMinutes.of(season(60, 3));
    WorkKind prove = new WorkKind(LayUp.PROVE, Method.POUR, Layout.STERNDRIVE, false);
    assertThat(learned.factor(prove)).isEqualTo(1);
    assertThat(learned.factor(fill(Method.DRY, false))).isEqualTo(1);
  }

  @Test
  void onePersonsPaceIsTheirs() {
    List<WorkTime> done = new ArrayList<>();
    for (int boat = 0; boat < 24; boat++) {
      String person = boat % 2 == 0 ? "Orrin" : "Tamsa";
      double took = BY_THE_HANDBOOK * (person.equals("Tamsa") ? 0.7 : 1);
      done.add(new WorkTime(fill(Method.POUR, false), person, BY_THE_HANDBOOK, took));
    }
    LearnedMinutes learned = LearnedMinutes.of(done);
    OwnMinutes hers = OwnMinutes.of("Tamsa", done, learned).getFirst();
    assertThat(hers.boats()).isEqualTo(12);
    assertThat(hers.own()).isLessThan(hers.crew()).isCloseTo(42, within(6));
    assertThat(OwnMinutes.of("somebody new", done, learned)).isEmpty();
    WorkKind pour = fill(Method.POUR, false);
    assertThat(learned.factor(pour, "Tamsa")).isCloseTo(0.7, Percentage.withPercentage(12));
    assertThat(learned.factor(pour, "Orrin")).isCloseTo(1, Percentage.withPercentage(12));
    assertThat(learned.factor(pour, "somebody new"))
        .isEqualTo(learned.factor(pour))
        .isBetween(0.7, 1.0);
  }
}
