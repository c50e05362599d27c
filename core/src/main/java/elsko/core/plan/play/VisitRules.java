package elsko.core.plan.play;

/** What the place of a visit's tasks in the season comes to, beyond what each day says. */
public final class VisitRules {
  /** What leaving a visit undone costs beyond its frost, in thousandths of a hose. */
  public static final long UNDONE = 60_000;

  /** A day later than promised, in thousandths of a hose. */
  static final long LATE_PER_DAY = 2_000;

  /** A task somebody was told otherwise about, in thousandths of a hose. */
  private final long toldChange;

  private final Board board;
  private final Told told;

  public long hard;
  public long medium;
  public long soft;

  /** What frost costs; part of {@link #medium}. */
  long frost;

  public VisitRules(Board board, Told told, long toldChange) {
    this.board = board;
    this.told = told;
    this.toldChange = toldChange;
  }

  public void look(int visit, Lists lists) {
    hard = 0;
    medium = 0;
    soft = 0;
    frost = 0;
    int first = board.firstTask[visit];
    int n = board.taskCount[visit];
    int planned = 0;
    for (int task = first; task < first + n; task++) {
      if (lists.day(task) >= 0) {
        planned++;
      }
    }
    for (int task = first; task < first + n; task++) {
      tellsOtherwise(task, lists);
    }
    if (planned == 0) {
      frost = board.loss[visit][board.days];
      medium += frost + UNDONE;
      return;
    }
    hard += 1000L * (n - planned);
    for (int task = first; task < first + n; task++) {
      look(task, first, lists);
    }
    int safe = board.safeTask[visit];
    if (safe >= 0) {
      int day = lists.day(safe);
      frost = board.loss[visit][day < 0 ? board.days : day];
      medium += frost;
    }
    int begins = lists.day(first);
    int ends = lists.day(first + n - 1);
    int kept = lists.day(board.promisedTask[visit]);
    if (kept > board.promised[visit]) {
      medium += LATE_PER_DAY * (kept - board.promised[visit]);
    }
    soft += 4L * Math.max(0, ends - begins);
  }

  private void look(int task, int first, Lists lists) {
    int lead = board.leadPart[task];
    int day = lists.dayOf[lead];
    if (day < 0) {
      return;
    }
    int visit = board.visitOf[task];
    if (day < board.release[visit]) {
      hard += 100L * (board.release[visit] - day);
    }
    if (!board.can[lists.personOf[lead]][board.skill[task]]) {
      hard += 100;
    }
    int hand = board.handPart[task];
    if (hand >= 0 && (lists.dayOf[hand] != day || lists.personOf[hand] == lists.personOf[lead])) {
      hard += 1000;
    }
    if (task > first) {
      int before = lists.day(task - 1);
      if (before > day || board.sameDayAsBefore[task] && before != day) {
        hard += 100L * Math.max(1, Math.abs(before - day));
      }
    }
    if (told.pinned()[task] && !told.isKept(board, lists, task)) {
      hard += 1000;
    }
  }

  private void tellsOtherwise(int task, Lists lists) {
    if (told.day()[task] >= 0 && !told.isKept(board, lists, task)) {
      medium += toldChange;
    }
  }
}
