package elsko.core.plan.play;

import elsko.core.plan.model.Equipment;
import java.util.Arrays;

/**
 * Plays one day forward, everybody's list together: of all that stand first on a list, the one that
 * can be set out for earliest goes next; soaks, equipment, walking, the pause and a second pair of
 * hands make it wait. What comes out is the same for scoring, inserting and showing. One instance
 * for one thread, used again and again.
 */
public final class DayPlay {
  /** What a minute on foot and one spent waiting are worth, in thousandths of a hose. */
  public static final long PER_MINUTE_WALKING = 16;

  static final long PER_MINUTE_WAITING = 2;

  private static final int NEVER = Integer.MAX_VALUE;
  private static final int UNKNOWN = -1;
  private static final int LIFT = 1 << Equipment.LIFT.ordinal();

  private final SeasonArrays arrays;

  /** By task: when it begins and ends on the day played; valid for tasks on that day only. */
  public final int[] start;

  public final int[] end;
  private final int[] stamp;
  private int now;
  private int day;
  private boolean strict;

  private final int[] at;
  private final int[] free;
  private final int[] where;

  /** When the first on each list can begin, as far as that is known. */
  private final int[] begins;

  private final int[] limit;

  /** By person and index: minutes of work and walking from there on. */
  private final int[][] remains;

  /** When they would set out for it. */
  private final int[] sets;

  /** The task that stands first on each list, or −1. */
  private final int[] head;

  /** Whether they only give a hand with it. */
  private final boolean[] helps;

  private final int[] lastKit;
  private final int[][] kit;

  /** By kind and piece: the task it waits for on its boat, or −1. */
  private final int[][] keptFor;

  /** Minutes beyond somebody's hours, over all people. */
  int overtime;

  /** Tasks that can never begin, because each waits for another. */
  public int stuck;

  /** Minutes by which soaks were too long. */
  public int soakBreach;

  /** Lifts beyond the day's slots. */
  public int liftsOver;

  /** Minutes on foot. */
  int walking;

  /** Minutes somebody stands about between two tasks. */
  int waiting;

  /** How often somebody takes another kind of equipment than before. */
  public int toolChanges;

  public DayPlay(SeasonArrays arrays) {
    this.arrays = arrays;
    start = new int[arrays.tasks];
    end = new int[arrays.tasks];
    stamp = new int[arrays.tasks];
    at = new int[arrays.people];
    free = new int[arrays.people];
    where = new int[arrays.people];
    begins = new int[arrays.people];
    limit = new int[arrays.people];
    sets = new int[arrays.people];
    remains = new int[arrays.people][16];
    head = new int[arrays.people];
    helps = new boolean[arrays.people];
    lastKit = new int[arrays.people];
    kit = new int[arrays.stock.length][];
    keptFor = new int[arrays.stock.length][];
    for (int kind = 0; kind < kit.length; kind++) {
      kit[kind] = new int[arrays.stock[kind]];
      keptFor[kind] = new int[arrays.stock[kind]];
    }
  }

  /** Whether these lists break no rule; stops at the first that is broken. */
  public boolean isPossible(int day, int[][] lists, int[] sizes) {
    strict = true;
    for (int p = 0; p < head.length; p++) {
      remain(p, lists[p], sizes[p]);
    }
    play(day, lists, sizes);
    strict = false;
    return keepsTheRules();
  }

  private void remain(int p, int[] list, int size) {
    if (remains[p].length <= size) {
      remains[p] = new int[size + 8];
    }
    int[] minutes = remains[p];
    minutes[size] = 0;
    for (int i = size - 1; i >= 0; i--) {
      int task = arrays.taskOf[list[i]];
      int walk =
          i == 0 ? 0 : arrays.walk[arrays.place[arrays.taskOf[list[i - 1]]]][arrays.place[task]];
      minutes[i] = minutes[i + 1] + walk + arrays.partMinutes[list[i]];
    }
  }

  /** Whether the day breaks no rule. */
  public boolean keepsTheRules() {
    return overtime == 0 && stuck == 0 && soakBreach == 0 && liftsOver == 0;
  }

  /** By how much the day breaks rules. */
  public long broken() {
    return overtime + 1000L * stuck + soakBreach + 1000L * liftsOver;
  }

  /** What the day costs beyond its frost, in thousandths of a hose. */
  public long cost() {
    return PER_MINUTE_WALKING * walking + PER_MINUTE_WAITING * waiting;
  }

  /** When whoever does a part of what was played is free again. */
  public int endOf(int part) {
    int task = arrays.taskOf[part];
    return arrays.gives[part] ? arrays.end(start[task], arrays.handTo[task]) : end[task];
  }

  /** When whoever does a part of what was played is wanted there. */
  public int startOf(int part) {
    int task = arrays.taskOf[part];
    return arrays.gives[part] ? arrays.end(start[task], arrays.handFrom[task]) : start[task];
  }

  public boolean hasPlayed(int task) {
    return stamp[task] == now;
  }

  /**
   * @param lists parts by person, in order
   * @param sizes how many of each list count
   */
  public void play(int day, int[][] lists, int[] sizes) {
    int left = begin(day, lists, sizes);
    while (left > 0 && !(strict && !keepsTheRules())) {
      int next = SeasonArrays.NOBODY;
      int soonest = NEVER;
      for (int p = 0; p < head.length; p++) {
        if (head[p] >= 0) {
          int can = begins[p];
          if (can == UNKNOWN) {
            can = canBegin(p, head[p]);
            begins[p] = can;
          }
          if (can != NEVER && sets[p] < soonest) {
            soonest = sets[p];
            next = p;
          }
        }
      }
      if (next == SeasonArrays.NOBODY) {
        stuck = left;
        break;
      }
      left -= perform(next, begins[next], lists, sizes);
    }
    for (int p = 0; p < head.length; p++) {
      if (sizes[p] > 0) {
        overtime += Math.max(0, free[p] - limit[p]);
      }
    }
  }

  private int begin(int onDay, int[][] lists, int[] sizes) {
    day = onDay;
    overtime = 0;
    stuck = 0;
    soakBreach = 0;
    liftsOver = 0;
    walking = 0;
    waiting = 0;
    toolChanges = 0;
    now++;
    int left = 0;
    int lifts = 0;
    for (int p = 0; p < head.length; p++) {
      int size = sizes[p];
      at[p] = 0;
      begins[p] = UNKNOWN;
      limit[p] = arrays.to[p][day];
      free[p] = arrays.from[p][day];
      where[p] = 0;
      lastKit[p] = -1;
      head[p] = size > 0 ? arrays.taskOf[lists[p][0]] : -1;
      helps[p] = size > 0 && arrays.gives[lists[p][0]];
      left += size;
      // Tasks of this day are marked as waiting, so that one after them knows to wait as well.
      for (int i = 0; i < size; i++) {
        int part = lists[p][i];
        int task = arrays.taskOf[part];
        stamp[task] = -now;
        if ((arrays.uses[task] & LIFT) != 0 && !arrays.gives[part]) {
          lifts++;
        }
      }
    }
    liftsOver = Math.max(0, lifts - arrays.liftSlots[day]);
    for (int kind = 0; kind < kit.length; kind++) {
      Arrays.fill(kit[kind], 0);
      Arrays.fill(keptFor[kind], -1);
    }
    return left;
  }

  /** When the first on a list could begin, or never as things stand. */
  private int canBegin(int p, int task) {
    int here = arrays.place[task];
    int lead = p;
    int earliest = 0;
    if (arrays.crew[task] == 2) {
      int other = partner(p, task);
      if (other == SeasonArrays.NOBODY) {
        return NEVER;
      }
      lead = helps[p] ? other : p;
      int hand = helps[p] ? p : other;
      earliest = free[hand] + arrays.walk[where[hand]][here] - arrays.handFrom[task];
    }
    earliest = Math.max(earliest, free[lead] + arrays.walk[where[lead]][here]);
    if (!arrays.isFirst[task]) {
      int seen = stamp[task - 1];
      if (seen == -now) {
        return NEVER;
      }
      if (seen == now) {
        earliest = Math.max(earliest, end[task - 1] + arrays.waitFrom[task]);
      }
    }
    for (int use = 0; use < arrays.useKind[task].length; use++) {
      int piece = piece(arrays.useKind[task][use], task);
      if (piece < 0) {
        return NEVER;
      }
      int soonest = kit[arrays.useKind[task][use]][piece];
      earliest = Math.max(earliest, soonest - arrays.useFrom[task][use]);
    }
    // Nobody sets out during the pause; who is on the way then begins after it.
    int walk = arrays.walk[where[lead]][here];
    int setsOut = arrays.begin(earliest - walk);
    int begin = arrays.begin(setsOut + walk);
    int opens = arrays.opens(task, day, begin);
    if (opens == Opened.NEVER) {
      return NEVER;
    }
    if (opens > begin) {
      begin = opens;
      setsOut = Math.max(setsOut, opens - walk);
    }
    sets[p] =
        helps[p] ? arrays.end(begin, arrays.handFrom[task]) - arrays.walk[where[p]][here] : setsOut;
    return begin;
  }

  /** Of a kind the one that waits for this task on its boat, else that which is free first. */
  private int piece(int kind, int task) {
    int[] free = kit[kind];
    int first = -1;
    for (int i = 0; i < free.length; i++) {
      if (keptFor[kind][i] == task) {
        return i;
      }
      if (keptFor[kind][i] < 0 && (first < 0 || free[i] < free[first])) {
        first = i;
      }
    }
    return first;
  }

  /** Who stands ready with the other part of a task. */
  private int partner(int p, int task) {
    for (int other = 0; other < head.length; other++) {
      if (other != p && head[other] == task) {
        return other;
      }
    }
    return SeasonArrays.NOBODY;
  }

  /** Returns how many parts that settles. */
  private int perform(int p, int from, int[][] lists, int[] sizes) {
    int task = head[p];
    int ends = arrays.end(from, arrays.minutes[task]);
    int settled = 1;
    int lead = p;
    if (arrays.crew[task] == 2) {
      int other = partner(p, task);
      lead = helps[p] ? other : p;
      int comes = arrays.end(from, arrays.handFrom[task]);
      int goes = arrays.end(from, arrays.handTo[task]);
      goOn(helps[p] ? p : other, task, comes, goes, lists, sizes);
      settled = 2;
    }
    goOn(lead, task, from, ends, lists, sizes);
    for (int use = 0; use < arrays.useKind[task].length; use++) {
      int kind = arrays.useKind[task][use];
      int take = piece(kind, task);
      keptFor[kind][take] = arrays.kitStays[task] == kind ? task + 1 : -1;
      kit[kind][take] = arrays.end(from, arrays.useTo[task][use]);
    }
    if (!arrays.isFirst[task] && arrays.kitStays[task - 1] >= 0) {
      release(arrays.kitStays[task - 1], task, from);
    }
    if (arrays.sameDayAsBefore[task] && stamp[task - 1] == now) {
      soakBreach += Math.max(0, from - end[task - 1] - arrays.waitTo[task]);
    }
    start[task] = from;
    end[task] = ends;
    stamp[task] = now;
    forget(task);
    return settled;
  }

  /** What waited on the boat for a task that had no use for it. */
  private void release(int kind, int task, int from) {
    for (int i = 0; i < keptFor[kind].length; i++) {
      if (keptFor[kind][i] == task) {
        keptFor[kind][i] = -1;
        kit[kind][i] = from;
      }
    }
  }

  /** Whoever waits for what was just done looks again. */
  private void forget(int task) {
    int uses = arrays.uses[task];
    if (!arrays.isFirst[task] && arrays.kitStays[task - 1] >= 0) {
      uses |= 1 << arrays.kitStays[task - 1];
    }
    for (int p = 0; p < head.length; p++) {
      int waits = head[p];
      if (waits >= 0 && (waits == task + 1 || (arrays.uses[waits] & uses) != 0)) {
        begins[p] = UNKNOWN;
      }
    }
  }

  private void goOn(int p, int task, int from, int ends, int[][] lists, int[] sizes) {
    int here = arrays.place[task];
    int walk = arrays.walk[where[p]][here];
    walking += walk;
    boolean paused = free[p] <= arrays.pauseFrom && from >= arrays.pauseTo;
    int pause = paused ? arrays.pauseTo - arrays.pauseFrom : 0;
    waiting += Math.max(0, from - free[p] - walk - pause);
    for (int kind : arrays.useKind[task]) {
      if (lastKit[p] >= 0 && lastKit[p] != kind) {
        toolChanges++;
      }
      lastKit[p] = kind;
    }
    where[p] = here;
    free[p] = ends;
    int next = ++at[p];
    // Whoever cannot be done in time any more need not be followed to the end of the day.
    if (strict && arrays.end(ends, remains[p][next]) > limit[p]) {
      overtime++;
    }
    head[p] = next < sizes[p] ? arrays.taskOf[lists[p][next]] : -1;
    helps[p] = next < sizes[p] && arrays.gives[lists[p][next]];
    begins[p] = UNKNOWN;
    if (head[p] >= 0 && arrays.crew[head[p]] == 2) {
      // Whoever waited for a second pair of hands may have them now.
      int other = partner(p, head[p]);
      if (other != SeasonArrays.NOBODY) {
        begins[other] = UNKNOWN;
      }
    }
  }
}
