package elsko.server.importing;

import elsko.core.Refused;
import elsko.core.Text;
import elsko.server.jobs.Portions;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** One file on its way, read in the background; can be watched and stopped. */
final class ImportJob {
  private static final int MOST_PROBLEMS = 500;

  /** How far it is. */
  enum State {
    RUNNING,
    DONE,
    REFUSED,
    STOPPED
  }

  final UUID id = UUID.randomUUID();
  private volatile String csv;
  private final boolean keeps;
  private volatile @Nullable Portions portions;
  private volatile State state = State.RUNNING;
  private volatile boolean stopping;
  private volatile int done;
  private volatile int total;
  private volatile Outcome outcome = Outcome.NONE;
  private volatile Text reason;

  /**
   * @param keeps the boats are kept; otherwise it is only looked at
   */
  ImportJob(String csv, boolean keeps, int roughRows) {
    this.csv = csv;
    this.keeps = keeps;
    this.total = roughRows;
  }

  boolean keeps() {
    return keeps;
  }

  /** One more done; ends the work when somebody stopped it. */
  void reached(int count) {
    if (stopping) {
      throw new Portions.Stopped();
    }
    done = count;
    Portions told = portions;
    if (told != null) {
      told.of(total);
      told.reached(count);
    }
  }

  void of(int all) {
    total = all;
    done = 0;
  }

  /** What is in the file; nobody keeps it longer than it is read. */
  String begun(Portions by) {
    portions = by;
    String read = csv;
    csv = "";
    return read;
  }

  void stop() {
    stopping = true;
  }

  void finished(FleetPlan read) {
    outcome = Outcome.of(read);
    done = total;
    state = read.problems.isEmpty() || !keeps ? State.DONE : State.REFUSED;
  }

  void stopped() {
    state = State.STOPPED;
  }

  void refused(Refused why) {
    reason = why.reason();
    state = State.REFUSED;
  }

  void failed() {
    reason = Text.of("Something went wrong while it was kept. Nothing was imported.");
    state = State.REFUSED;
  }

  View view() {
    Outcome known = outcome;
    return new View(
        id,
        state,
        keeps,
        done,
        total,
        known.rows(),
        known.added(),
        known.changed(),
        known.unchanged(),
        known.problemCount(),
        known.problems(),
        reason);
  }

  /** What is remembered of a file: counts and problems, not its boats. */
  private record Outcome(
      int rows,
      int added,
      int changed,
      int unchanged,
      int problemCount,
      List<ImportProblem> problems) {
    static final Outcome NONE = new Outcome(0, 0, 0, 0, 0, List.of());

    static Outcome of(FleetPlan plan) {
      return new Outcome(
          plan.rows,
          plan.added.size(),
          plan.changed.size(),
          plan.unchanged,
          plan.problems.size(),
          plan.problems.stream().limit(MOST_PROBLEMS).toList());
    }
  }

  /**
   * How it stands.
   *
   * @param problems the first 500 of them
   * @param reason why the file as a whole was refused, or null
   */
  record View(
      UUID id,
      State state,
      boolean keeps,
      int done,
      int total,
      int rows,
      int added,
      int changed,
      int unchanged,
      int problemCount,
      List<ImportProblem> problems,
      @Nullable Text reason) {}
}
