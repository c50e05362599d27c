package elsko.core.plan.search;

import elsko.core.plan.play.DayPlay;
import elsko.core.plan.play.Published;
import elsko.core.plan.play.SeasonArrays;
import elsko.core.plan.play.WalkLists;
import java.util.SplittableRandom;

/**
 * Puts whole visits onto the lists so that no rule breaks: task after task, each on the first day
 * that has room, at the place that costs least walking.
 */
final class Inserter {
  private static final int MOST_DAYS_OPEN = 6;

  /** What is left to do on a boat that is safe can wait for quieter days. */
  private static final int MOST_DAYS_WHEN_SAFE = 21;

  private static final int MOST_TRIES = 8;

  private final SeasonArrays arrays;
  private final Published told;
  private final DayPlay play;
  private final int firstOpenDay;

  /** Places where a task could go, and about what each costs. */
  private final int[] costs = new int[512];

  private final long[] places = new long[512];
  private int offers;
  private SplittableRandom random;
  private int noise;
  private final int[][] waiting;

  /**
   * @param firstOpenDay days before it are past
   */
  Inserter(SeasonArrays arrays, Published told, DayPlay play, int firstOpenDay) {
    this.arrays = arrays;
    this.told = told;
    this.play = play;
    this.firstOpenDay = firstOpenDay;
    waiting = new int[arrays.people][16];
  }

  /**
   * From now on a place that costs up to so much more may be tried first; 0 for the cheapest first.
   */
  void shuffle(SplittableRandom random, int noise) {
    this.random = random;
    this.noise = noise;
  }

  /** The first day on which a visit can begin at all. */
  int earliest(int visit) {
    return Math.max(firstOpenDay, arrays.release[visit]);
  }

  /**
   * Inserts a visit as early as it fits, not before a day; false and nothing changed if nowhere.
   */
  boolean insert(WalkLists lists, int visit, int notBefore) {
    return insert(lists, visit, notBefore, arrays.days);
  }

  /** The same, beginning on one of at most so many days. */
  boolean insert(WalkLists lists, int visit, int notBefore, int tries) {
    int from = Math.max(earliest(visit), notBefore);
    for (int day = from; day < Math.min(arrays.days, from + tries); day++) {
      if (insertFrom(lists, visit, day)) {
        return true;
      }
    }
    return false;
  }

  /** Inserts a visit with its first task on exactly this day. */
  boolean insertFrom(WalkLists lists, int visit, int firstDay) {
    int first = arrays.firstTask[visit];
    int day = firstDay;
    int last = first + arrays.taskCount[visit];
    for (int task = first; task < last; task++) {
      int until =
          task == first || arrays.sameDayAsBefore[task]
              ? day
              : Math.min(
                  arrays.days - 1,
                  day + (arrays.isAfterSafe(task) ? MOST_DAYS_WHEN_SAFE : MOST_DAYS_OPEN));
      boolean placed = false;
      while (!placed && day <= until) {
        placed = place(lists, task, day);
        if (!placed) {
          day++;
        }
      }
      if (!placed) {
        for (int undo = first; undo < task; undo++) {
          take(lists, undo);
        }
        return false;
      }
    }
    return true;
  }

  /** Takes a task off the lists. */
  void take(WalkLists lists, int task) {
    lists.remove(arrays.leadPart[task]);
    if (arrays.handPart[task] >= 0) {
      lists.remove(arrays.handPart[task]);
    }
  }

  /** Takes a whole visit off the lists. */
  void takeVisit(WalkLists lists, int visit) {
    for (int k = 0; k < arrays.taskCount[visit]; k++) {
      if (lists.day(arrays.firstTask[visit] + k) >= 0) {
        take(lists, arrays.firstTask[visit] + k);
      }
    }
  }

  /** Puts one task on a day, wherever it costs least; false and nothing changed if nowhere. */
  boolean place(WalkLists lists, int task, int day) {
    return place(lists, task, day, SeasonArrays.NOBODY);
  }

  /** The same, led by one person; {@link SeasonArrays#NOBODY} for whoever can. */
  boolean place(WalkLists lists, int task, int day, int only) {
    for (int use = 0; use < arrays.useKind[task].length; use++) {
      int kind = arrays.useKind[task][use];
      if (lists.kitLoad(day, kind) + arrays.useTo[task][use] - arrays.useFrom[task][use]
          > arrays.stock[kind] * arrays.openMinutes[day]) {
        return false;
      }
    }
    offers = 0;
    for (int p = 0; p < arrays.people; p++) {
      if ((only == SeasonArrays.NOBODY || only == p)
          && arrays.can[p][task]
          && hasRoom(lists, p, arrays.leadPart[task], day)) {
        if (arrays.crew[task] == 1) {
          offerPerson(lists, p, task, day);
        } else {
          offerPairs(lists, p, task, day);
        }
      }
    }
    if (offers == 0) {
      return false;
    }
    play.play(day, lists.parts[day], lists.size[day]);
    keepOnlyWhatMayFit(lists, task, day);
    int tries = Math.min(offers, MOST_TRIES);
    for (int i = 0; i < tries; i++) {
      int best = i;
      for (int j = i + 1; j < offers; j++) {
        if (costs[j] < costs[best]) {
          best = j;
        }
      }
      swapOffers(i, best);
      put(lists, task, day, i);
      if (play.isPossible(day, lists.parts[day], lists.size[day])) {
        return true;
      }
      take(lists, task);
    }
    return false;
  }

  /** Puts one person's task on a list where it costs least walking, whether it fits or not. */
  void putNearest(WalkLists lists, int task, int day, int person) {
    int least = Integer.MAX_VALUE;
    int at = 0;
    for (int i = after(lists, person, task, day); i <= lists.size[day][person]; i++) {
      int walk = detour(lists, person, task, day, i);
      if (walk < least) {
        least = walk;
        at = i;
      }
    }
    lists.insert(arrays.leadPart[task], day, person, at);
  }

  /**
   * Somebody's day gets longer by what is put into it, less the waiting behind it that it may take
   * up: what does not fit even then is not tried.
   */
  private void keepOnlyWhatMayFit(WalkLists lists, int task, int day) {
    for (int p = 0; p < arrays.people; p++) {
      waiting[p] = waitingBehind(waiting[p], lists, p, day);
    }
    int kept = 0;
    for (int i = 0; i < offers; i++) {
      long where = places[i];
      int lead = (int) (where >> 48);
      boolean fits =
          mayFit(lists, lead, (int) (where >> 32 & 0xFFFF), task, day, arrays.minutes[task]);
      if (fits && arrays.crew[task] == 2) {
        fits =
            mayFit(
                lists,
                (int) (where >> 16 & 0xFFFF),
                (int) (where & 0xFFFF),
                task,
                day,
                arrays.partMinutes[arrays.handPart[task]]);
      }
      if (fits) {
        costs[kept] = costs[i];
        places[kept] = where;
        kept++;
      }
    }
    offers = kept;
  }

  private boolean mayFit(WalkLists lists, int p, int index, int task, int day, int minutes) {
    int n = lists.size[day][p];
    int end = n == 0 ? arrays.from[p][day] : play.endOf(lists.parts[day][p][n - 1]);
    int longer = minutes + detour(lists, p, task, day, index);
    return end + Math.max(0, longer - waiting[p][index]) <= arrays.to[p][day];
  }

  /** By index: minutes somebody waits from there to the end of the day. */
  private int[] waitingBehind(int[] into, WalkLists lists, int p, int day) {
    int n = lists.size[day][p];
    int[] minutes = into.length > n ? into : new int[n + 8];
    minutes[n] = 0;
    int[] list = lists.parts[day][p];
    for (int i = n - 1; i >= 0; i--) {
      int task = arrays.taskOf[list[i]];
      int free = i == 0 ? arrays.from[p][day] : play.endOf(list[i - 1]);
      int at = i == 0 ? 0 : arrays.place[arrays.taskOf[list[i - 1]]];
      int arrives = arrays.begin(free) + arrays.walk[at][arrays.place[task]];
      int starts = play.startOf(list[i]);
      int waits = starts - arrives;
      if (arrives < arrays.pauseFrom && starts >= arrays.pauseTo) {
        waits -= arrays.pauseTo - arrays.pauseFrom;
      }
      minutes[i] = minutes[i + 1] + Math.max(0, waits);
    }
    return minutes;
  }

  private void put(WalkLists lists, int task, int day, int offer) {
    long where = places[offer];
    lists.insert(arrays.leadPart[task], day, (int) (where >> 48), (int) (where >> 32 & 0xFFFF));
    if (arrays.crew[task] == 2) {
      lists.insert(
          arrays.handPart[task], day, (int) (where >> 16 & 0xFFFF), (int) (where & 0xFFFF));
    }
  }

  private void swapOffers(int a, int b) {
    int cost = costs[a];
    costs[a] = costs[b];
    costs[b] = cost;
    long where = places[a];
    places[a] = places[b];
    places[b] = where;
  }

  private void offer(int cost, int p, int i, int other, int j) {
    if (offers == costs.length) {
      return;
    }
    costs[offers] = noise == 0 ? cost : cost + random.nextInt(noise);
    places[offers] = (long) p << 48 | (long) i << 32 | (long) other << 16 | j;
    offers++;
  }

  private boolean hasRoom(WalkLists lists, int p, int part, int day) {
    return arrays.works(p, day)
        && lists.load(day, p) + arrays.partMinutes[part] <= arrays.capacity(p, day);
  }

  private void offerPerson(WalkLists lists, int p, int task, int day) {
    int spare = spare(lists, p, day) - arrays.minutes[task];
    for (int i = after(lists, p, task, day); i <= lists.size[day][p]; i++) {
      int walk = detour(lists, p, task, day, i);
      if (walk <= spare) {
        offer(walk * 4 + i, p, i, 0, 0);
      }
    }
  }

  private void offerPairs(WalkLists lists, int p, int task, int day) {
    int spare = spare(lists, p, day) - arrays.minutes[task];
    for (int other = 0; other < arrays.people; other++) {
      if (other == p || !hasRoom(lists, other, arrays.handPart[task], day)) {
        continue;
      }
      int least = after(lists, other, task, day);
      int spareOther = spare(lists, other, day) - arrays.partMinutes[arrays.handPart[task]];
      for (int i = after(lists, p, task, day); i <= lists.size[day][p]; i++) {
        // Both are busy for about as long before it: elsewhere one would only wait for the other.
        int j = alike(lists, day, p, i, other, least);
        int waits = Math.abs(busyBefore(lists, day, p, i) - busyBefore(lists, day, other, j)) / 10;
        int walk = detour(lists, p, task, day, i);
        int walkOther = detour(lists, other, task, day, j);
        if (walk <= spare && walkOther <= spareOther) {
          offer((walk + walkOther) * 4 + waits, p, i, other, j);
        }
      }
    }
  }

  /** Minutes more on foot. */
  private int detour(WalkLists lists, int p, int task, int day, int index) {
    int[] list = lists.parts[day][p];
    int here = arrays.place[task];
    int before = index == 0 ? 0 : arrays.place[arrays.taskOf[list[index - 1]]];
    int walk = arrays.walk[before][here];
    if (index < lists.size[day][p]) {
      int next = arrays.place[arrays.taskOf[list[index]]];
      walk += arrays.walk[here][next] - arrays.walk[before][next];
    }
    return walk;
  }

  /** Minutes of somebody's day that are neither work nor walking: waiting, or nothing yet. */
  private int spare(WalkLists lists, int p, int day) {
    return arrays.capacity(p, day) - lists.load(day, p) - lists.walk(day, p);
  }

  private int alike(WalkLists lists, int day, int p, int index, int other, int least) {
    int busy = busyBefore(lists, day, p, index);
    int j = 0;
    int sum = 0;
    while (j < lists.size[day][other] && sum < busy) {
      sum += arrays.partMinutes[lists.parts[day][other][j]];
      j++;
    }
    return Math.max(least, j);
  }

  private int busyBefore(WalkLists lists, int day, int p, int index) {
    int busy = 0;
    for (int i = 0; i < index; i++) {
      busy += arrays.partMinutes[lists.parts[day][p][i]];
    }
    return busy;
  }

  /** The first index at which a task does not wait for one behind it, nor for a pinned past. */
  int after(WalkLists lists, int p, int task, int day) {
    for (int i = lists.size[day][p] - 1; i >= 0; i--) {
      int there = arrays.taskOf[lists.parts[day][p][i]];
      boolean sameVisit = arrays.visitOf[there] == arrays.visitOf[task] && there < task;
      if (sameVisit || day == firstOpenDay && told.pinned()[there]) {
        return i + 1;
      }
    }
    return 0;
  }
}
