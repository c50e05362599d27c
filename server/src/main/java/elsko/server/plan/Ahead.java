package elsko.server.plan;

import elsko.core.frost.FrostWords;
import elsko.core.frost.Outlook;
import elsko.server.plan.PlanDocument.Stop;
import elsko.server.plan.Visits.Work;
import elsko.server.plan.WalksView.BoatAhead;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Holds what is planned on a boat against its frost and what was promised. */
final class Ahead {
  /** What is late, then what has least to spare. */
  static final Comparator<BoatAhead> TIGHTEST_FIRST =
      Comparator.comparing((BoatAhead one) -> one.late() == null)
          .thenComparing(BoatAhead::slackDays, Comparator.nullsLast(Comparator.naturalOrder()))
          .thenComparing(BoatAhead::name);

  private Ahead() {}

  /**
   * @param planned its stops; null when there are none
   * @param holds how often of a hundred it is done on its days; null where that is not known
   */
  static BoatAhead of(
      Work work, @Nullable Outlook outlook, @Nullable List<Stop> planned, @Nullable Integer holds) {
    LocalDate deadline = outlook == null ? null : outlook.deadline();
    int safeAfter = work.left().safeAfter();
    LocalDate safeOn = safeAfter < 0 ? null : on(work, safeAfter, planned);
    LocalDate keptOn = on(work, work.left().promisedFor(), planned);
    boolean races = deadline != null && safeAfter >= 0;
    return new BoatAhead(
        work.boat(),
        work.name(),
        races,
        deadline,
        safeOn,
        races && safeOn != null ? (Integer) (int) ChronoUnit.DAYS.between(safeOn, deadline) : null,
        work.promisedOn(),
        keptOn,
        late(work, races ? deadline : null, safeOn, keptOn),
        holds);
  }

  private static @Nullable LocalDate on(Work work, int task, @Nullable List<Stop> planned) {
    String key = work.left().tasks().get(task).key();
    return planned == null
        ? null
        : planned.stream()
            .filter(stop -> stop.task().equals(key))
            .map(Stop::date)
            .findFirst()
            .orElse(null);
  }

  private static @Nullable String late(
      Work work,
      @Nullable LocalDate deadline,
      @Nullable LocalDate safeOn,
      @Nullable LocalDate keptOn) {
    List<String> words = new ArrayList<>();
    if (deadline != null && (safeOn == null || safeOn.isAfter(deadline))) {
      words.add(
          safeOn == null
              ? "not planned; finish by %s, before the frost".formatted(FrostWords.day(deadline))
              : "safe on %s, its frost deadline is %s"
                  .formatted(FrostWords.day(safeOn), FrostWords.day(deadline)));
    }
    LocalDate promised = work.promisedOn();
    if (promised != null && (keptOn == null || keptOn.isAfter(promised))) {
      String what = work.isSpring() ? "afloat" : "done";
      words.add(
          keptOn == null
              ? "promised %s by %s, not planned".formatted(what, FrostWords.day(promised))
              : "promised %s by %s, planned for %s"
                  .formatted(what, FrostWords.day(promised), FrostWords.day(keptOn)));
    }
    return words.isEmpty() ? null : String.join("; ", words);
  }
}
