package elsko.core.plan.search;

import elsko.core.plan.model.Equipment;
import elsko.core.plan.play.Published;
import elsko.core.plan.play.SeasonArrays;
import elsko.core.plan.play.WalkLists;
import java.util.Arrays;

/**
 * Hands work out minute by minute: whoever is free takes, of what they can do and what can begin,
 * the visit a rule puts first.
 */
final class Dispatch {
  private static final int LIFT = 1 << Equipment.LIFT.ordinal();

  private static final double DEADLINE_SHARE = 0.05;

  private final SeasonArrays arrays;
  private final Published told;
  private final Baseline.Rule rule;
  private final int ahead;

  private final double[] fixed;
  private final WalkLists lists;
  private final int[] nextTask;
  private final int[] readyDay;
  private final int[] readyMinute;
  private final int[] where;
  private final int[] freeAt;
  private final int[][] kit;
  private final int[][] keptFor;

  /** By person: the latest minute at which a soak they began must be over, and where. */
  private final int[] backBy;

  private final int[] backTask;
  private int lifts;

  /** Visits with something left that may be worked on today, the most urgent first. */
  private final int[] queue;

  private int queued;
  private final double[] rankOf;

  /** How often something was begun; by person: when nothing could be, and until when that holds. */
  private int begun;

  private final int[] idleSince;
  private final int[] idleUntil;
  private final int farthest;
  private final int latestUse;

  Dispatch(SeasonArrays arrays, Published told, Baseline.Rule rule, int ahead) {
    this.arrays = arrays;
    this.told = told;
    this.rule = rule;
    this.ahead = ahead;
    lists = new WalkLists(arrays);
    nextTask = arrays.firstTask.clone();
    readyDay = arrays.release.clone();
    readyMinute = new int[arrays.visits];
    where = new int[arrays.people];
    freeAt = new int[arrays.people];
    backBy = new int[arrays.people];
    backTask = new int[arrays.people];
    kit = new int[arrays.stock.length][];
    keptFor = new int[arrays.stock.length][];
    for (int kind = 0; kind < kit.length; kind++) {
      kit[kind] = new int[arrays.stock[kind]];
      keptFor[kind] = new int[arrays.stock[kind]];
    }
    queue = new int[arrays.visits];
    rankOf = new double[arrays.visits];
    idleSince = new int[arrays.people];
    idleUntil = new int[arrays.people];
    farthest = Arrays.stream(arrays.walk).flatMapToInt(Arrays::stream).max().orElse(0);
    latestUse =
        Math.max(
            Arrays.stream(arrays.useFrom).flatMapToInt(Arrays::stream).max().orElse(0),
            Arrays.stream(arrays.handFrom).max().orElse(0));
    fixed = new double[arrays.visits];
    for (int v = 0; v < arrays.visits; v++) {
      fixed[v] =
          rule == Baseline.Rule.ROW_ORDER ? arrays.season.visits().get(v).place() : deadline(v);
    }
  }

  /** Everything there is room for, from a day on. */
  WalkLists from(int firstDay) {
    for (int day = firstDay; day < arrays.days; day++) {
      work(day);
    }
    dropUnfinished();
    return lists;
  }

  /** As it is shown; where nobody shows one, the day its loss begins to be felt. */
  private double deadline(int v) {
    Integer shown = arrays.season.visits().get(v).safeByDay();
    if (shown != null) {
      return shown;
    }
    double most = Math.max(1, arrays.loss[v][arrays.days]);
    for (int day = 0; day <= arrays.days; day++) {
      if (arrays.loss[v][day] > DEADLINE_SHARE * most && arrays.loss[v][arrays.days] > 100) {
        return day;
      }
    }
    return arrays.days + 1;
  }

  private void work(int day) {
    lifts = 0;
    int from = Integer.MAX_VALUE;
    int to = 0;
    for (int p = 0; p < arrays.people; p++) {
      where[p] = 0;
      freeAt[p] = arrays.from[p][day];
      backTask[p] = -1;
      if (arrays.works(p, day)) {
        from = Math.min(from, arrays.from[p][day]);
        to = Math.max(to, arrays.to[p][day]);
      }
    }
    for (int kind = 0; kind < kit.length; kind++) {
      Arrays.fill(kit[kind], 0);
      Arrays.fill(keptFor[kind], -1);
    }
    lineUp(day);
    for (int minute = from; minute < to; minute++) {
      if (minute >= arrays.pauseFrom && minute < arrays.pauseTo) {
        continue;
      }
      for (int p = 0; p < arrays.people; p++) {
        if (arrays.works(p, day) && freeAt[p] <= minute) {
          take(p, day, minute);
        }
      }
    }
  }

  private void lineUp(int day) {
    queued = 0;
    for (int v = 0; v < arrays.visits; v++) {
      if (hasMore(v) && readyDay[v] <= day) {
        insert(v, day);
      }
    }
    begun++;
  }

  private boolean hasMore(int v) {
    return nextTask[v] < arrays.firstTask[v] + arrays.taskCount[v];
  }

  /** Behind those that are as urgent and come first in the season. */
  private void insert(int v, int day) {
    rankOf[v] = rank(v, nextTask[v], day);
    int at = queued++;
    while (at > 0 && isBefore(v, queue[at - 1])) {
      queue[at] = queue[at - 1];
      at--;
    }
    queue[at] = v;
  }

  private boolean isBefore(int v, int other) {
    return rankOf[v] < rankOf[other] || rankOf[v] == rankOf[other] && v < other;
  }

  private void take(int p, int day, int minute) {
    if (idleSince[p] == begun && minute < idleUntil[p]) {
      return;
    }
    for (int i = 0; i < queued; i++) {
      int v = queue[i];
      if (mayBegin(p, v, nextTask[v], day, minute)) {
        begin(p, v, day, minute);
        System.arraycopy(queue, i + 1, queue, i, --queued - i);
        if (hasMore(v)) {
          insert(v, day);
        }
        begun++;
        return;
      }
    }
    idleSince[p] = begun;
    idleUntil[p] = nextChange(day, minute);
  }

  /** Nothing that cannot be begun now can be before this minute, unless something is begun. */
  private int nextChange(int day, int minute) {
    if (!arrays.season.openings().byDay().isEmpty()) {
      return minute + 1;
    }
    int ahead = farthest + latestUse;
    int next = minute < arrays.pauseFrom ? arrays.pauseFrom - ahead : Integer.MAX_VALUE;
    for (int i = 0; i < queued; i++) {
      int v = queue[i];
      if (readyDay[v] == day && readyMinute[v] > minute) {
        next = Math.min(next, readyMinute[v] - ahead);
      }
    }
    for (int[] pieces : kit) {
      for (int until : pieces) {
        next = until > minute ? Math.min(next, until - ahead) : next;
      }
    }
    for (int free : freeAt) {
      // Who has just come free is still on the way to where a second person is wanted.
      next = free + farthest > minute ? Math.min(next, free - ahead) : next;
    }
    return Math.max(minute + 1, next);
  }

  private double rank(int v, int task, int day) {
    if (arrays.sameDayAsBefore[task]) {
      return Double.NEGATIVE_INFINITY;
    }
    if (told.isPinned(arrays, v)) {
      return -1e12 + v;
    }
    boolean safe = arrays.isAfterSafe(task);
    if (rule == Baseline.Rule.LOSS_SLOPE) {
      if (safe) {
        return 1e9 + v;
      }
      long rise =
          arrays.loss[v][Math.min(arrays.days, day + ahead)]
              - arrays.loss[v][Math.min(arrays.days, day)];
      int left = 0;
      for (int t = task; t <= Math.max(task, arrays.safeTask[v]); t++) {
        left += arrays.minutes[t];
      }
      return -(double) rise / left + v * 1e-9;
    }
    return fixed[v] + (safe && rule == Baseline.Rule.EARLIEST_DEADLINE_FIRST ? 1e6 : 0) + v * 1e-6;
  }

  private boolean mayBegin(int p, int v, int task, int day, int minute) {
    if (!arrays.can[p][task] || readyDay[v] > day) {
      return false;
    }
    if (told.pinned()[task] && (told.day()[task] != day || told.lead()[task] != p)) {
      return false;
    }
    // Whoever is free sets out now.
    int begins = minute + arrays.walk[where[p]][arrays.place[task]];
    if (readyDay[v] == day && readyMinute[v] > begins) {
      return false;
    }
    begins = arrays.begin(begins);
    if (arrays.opens(task, day, begins) != begins) {
      return false;
    }
    for (int use = 0; use < arrays.useKind[task].length; use++) {
      if (freeKit(arrays.useKind[task][use], task, begins + arrays.useFrom[task][use]) < 0) {
        return false;
      }
    }
    if ((arrays.uses[task] & LIFT) != 0 && lifts >= arrays.liftSlots[day]) {
      return false;
    }
    if (arrays.crew[task] == 2 && hand(p, task, day, begins) < 0) {
      return false;
    }
    return endsInTime(p, v, task, day, begins) && comesBack(p, task, begins);
  }

  /** Whoever began a soak keeps themselves free for its end. */
  private boolean comesBack(int p, int task, int begins) {
    if (arrays.sameDayAsBefore[task]) {
      return backTask[p] == task;
    }
    if (backTask[p] < 0) {
      return true;
    }
    int there = arrays.walk[arrays.place[task]][arrays.place[backTask[p]]];
    return !arrays.isLast(task) && arrays.sameDayAsBefore[task + 1]
        ? false
        : arrays.end(begins, arrays.minutes[task]) + there <= backBy[p];
  }

  /** A task whose soak must end today needs room for what comes after it as well. */
  private boolean endsInTime(int p, int v, int task, int day, int begins) {
    int end = arrays.end(begins, arrays.minutes[task]);
    if (end > arrays.to[p][day]) {
      return false;
    }
    int last = arrays.firstTask[v] + arrays.taskCount[v] - 1;
    if (task < last && arrays.sameDayAsBefore[task + 1]) {
      int next = arrays.begin(end + arrays.waitFrom[task + 1]);
      return arrays.end(next, arrays.minutes[task + 1]) + 45 <= arrays.to[p][day];
    }
    return true;
  }

  /** The one that waits on its boat, else one that is free. */
  private int freeKit(int kind, int task, int at) {
    for (int i = 0; i < kit[kind].length; i++) {
      if (keptFor[kind][i] == task) {
        return i;
      }
    }
    for (int i = 0; i < kit[kind].length; i++) {
      if (keptFor[kind][i] < 0 && kit[kind][i] <= at) {
        return i;
      }
    }
    return -1;
  }

  private void release(int kind, int task, int from) {
    for (int i = 0; i < keptFor[kind].length; i++) {
      if (keptFor[kind][i] == task) {
        keptFor[kind][i] = -1;
        kit[kind][i] = from;
      }
    }
  }

  private int hand(int lead, int task, int day, int begins) {
    for (int p = 0; p < arrays.people; p++) {
      if (p != lead
          && backTask[p] < 0
          && arrays.works(p, day)
          && freeAt[p] + arrays.walk[where[p]][arrays.place[task]] <= begins + arrays.handFrom[task]
          && arrays.end(begins, arrays.handTo[task]) <= arrays.to[p][day]) {
        return p;
      }
    }
    return -1;
  }

  private void begin(int p, int v, int day, int minute) {
    int task = nextTask[v];
    int begins = arrays.begin(minute + arrays.walk[where[p]][arrays.place[task]]);
    int end = arrays.end(begins, arrays.minutes[task]);
    for (int use = 0; use < arrays.useKind[task].length; use++) {
      int kind = arrays.useKind[task][use];
      int piece = freeKit(kind, task, begins + arrays.useFrom[task][use]);
      kit[kind][piece] = arrays.end(begins, arrays.useTo[task][use]);
      keptFor[kind][piece] = arrays.kitStays[task] == kind ? task + 1 : -1;
    }
    if (!arrays.isFirst[task] && arrays.kitStays[task - 1] >= 0) {
      release(arrays.kitStays[task - 1], task, begins);
    }
    if ((arrays.uses[task] & LIFT) != 0) {
      lifts++;
    }
    if (backTask[p] == task) {
      backTask[p] = -1;
    }
    if (!arrays.isLast(task) && arrays.sameDayAsBefore[task + 1]) {
      backTask[p] = task + 1;
      backBy[p] = end + arrays.waitTo[task + 1];
    }
    int other = arrays.crew[task] == 2 ? hand(p, task, day, begins) : -1;
    put(arrays.leadPart[task], p, day, end, task);
    if (other >= 0) {
      put(arrays.handPart[task], other, day, arrays.end(begins, arrays.handTo[task]), task);
    }
    nextTask[v]++;
    readyDay[v] = day;
    readyMinute[v] =
        nextTask[v] < arrays.tasks && arrays.visitOf[Math.min(nextTask[v], arrays.tasks - 1)] == v
            ? end + arrays.waitFrom[nextTask[v]]
            : end;
  }

  private void put(int part, int p, int day, int end, int task) {
    lists.append(part, day, p);
    where[p] = arrays.place[task];
    freeAt[p] = end;
  }

  /** What was begun and never came to its end counts as undone. */
  private void dropUnfinished() {
    for (int v = 0; v < arrays.visits; v++) {
      if (nextTask[v] < arrays.firstTask[v] + arrays.taskCount[v]) {
        for (int task = arrays.firstTask[v]; task < nextTask[v]; task++) {
          lists.remove(arrays.leadPart[task]);
          if (arrays.handPart[task] >= 0) {
            lists.remove(arrays.handPart[task]);
          }
        }
      }
    }
  }
}
