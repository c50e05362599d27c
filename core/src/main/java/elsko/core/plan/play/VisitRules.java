package elsko.core.plan.play;

import elsko.core.plan.model.Equipment;

/** What the place of a visit's tasks in the season comes to, beyond what each day says. */
public final class VisitRules {
  /** What leaving a visit undone costs beyond its frost, in thousandths of a hose. */
  public static final long UNDONE = 60_000;

  /** A day later than promised, or than its frost deadline, in thousandths of a hose. */
  static final long LATE_PER_DAY = 2_000;

  /** Somebody else goes on with a boat, in thousandths of a hose. */
  private static final long OTHER_PERSON = 1_500;

  /** A day later than it could be, in thousandths of a hose: slack is worth a little walking. */
  private static final long SOONER_PER_DAY = 30;

  /** A day from a boat's first stop to its last, in thousandths of a hose. */
  private static final long LEFT_PER_DAY = 400;

  /** A task somebody was told otherwise about, in thousandths of a hose. */
  private final long toldChange;

  private final SeasonArrays arrays;
  private final Published told;

  public long hard;
  public long medium;
  public long soft;

  /** What frost costs; part of {@link #medium}. */
  long frost;

  public VisitRules(SeasonArrays arrays, Published told, long toldChange) {
    this.arrays = arrays;
    this.told = told;
    this.toldChange = toldChange;
  }

  public void look(int visit, WalkLists lists) {
    hard = 0;
    medium = 0;
    soft = 0;
    frost = 0;
    int first = arrays.firstTask[visit];
    int n = arrays.taskCount[visit];
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
      frost = arrays.loss[visit][arrays.days];
      medium += frost + UNDONE;
      return;
    }
    hard += 1000L * (n - planned);
    for (int task = first; task < first + n; task++) {
      look(task, first, lists);
    }
    int safe = arrays.safeTask[visit];
    if (safe >= 0) {
      int day = lists.day(safe);
      frost = arrays.loss[visit][day < 0 ? arrays.days : day];
      medium += frost;
      if (arrays.byStops) {
        medium += SOONER_PER_DAY * (day < 0 ? arrays.days : day);
      }
      if (day > arrays.safeBy[visit]) {
        medium += LATE_PER_DAY * (day - arrays.safeBy[visit]);
      }
    }
    int begins = lists.day(first);
    int ends = lists.day(first + n - 1);
    int kept = lists.day(arrays.promisedTask[visit]);
    if (kept > arrays.promised[visit]) {
      medium += LATE_PER_DAY * (kept - arrays.promised[visit]);
    }
    if (arrays.byStops) {
      medium += LEFT_PER_DAY * Math.max(0, ends - begins);
    } else {
      soft += 4L * Math.max(0, ends - begins);
    }
  }

  private void look(int task, int first, WalkLists lists) {
    int lead = arrays.leadPart[task];
    int day = lists.dayOf[lead];
    if (day < 0) {
      return;
    }
    int visit = arrays.visitOf[task];
    if (day < arrays.release[visit]) {
      hard += 100L * (arrays.release[visit] - day);
    }
    if (!arrays.can[lists.personOf[lead]][task]) {
      hard += 100;
    }
    int hand = arrays.handPart[task];
    if (hand >= 0 && (lists.dayOf[hand] != day || lists.personOf[hand] == lists.personOf[lead])) {
      hard += 1000;
    }
    if (task > first) {
      int before = lists.day(task - 1);
      if (arrays.byStops && changesHands(task, lists)) {
        medium += OTHER_PERSON;
      }
      if (before > day || arrays.sameDayAsBefore[task] && before != day) {
        hard += 100L * Math.max(1, Math.abs(before - day));
      }
    }
    if (told.pinned()[task] && !told.isKept(arrays, lists, task)) {
      hard += 1000;
    }
  }

  /** The lift has its own people. */
  private boolean changesHands(int task, WalkLists lists) {
    int lift = 1 << Equipment.LIFT.ordinal();
    return ((arrays.uses[task] | arrays.uses[task - 1]) & lift) == 0
        && lists.personOf[arrays.leadPart[task - 1]] != SeasonArrays.NOBODY
        && lists.personOf[arrays.leadPart[task - 1]] != lists.personOf[arrays.leadPart[task]];
  }

  private void tellsOtherwise(int task, WalkLists lists) {
    if (told.day()[task] >= 0 && !told.isKept(arrays, lists, task)) {
      medium += toldChange;
    }
  }
}
