package elsko.core.plan.play;

import java.util.Arrays;

/**
 * Everybody's list for every day, as part numbers; knows where each part is. What was changed since
 * a try began can be taken back.
 */
public final class WalkLists {
  private static final int TAKEN = 0;
  private static final int PUT = 1;

  public final int[][][] parts;
  public final int[][] size;
  public final int[] dayOf;
  public final int[] personOf;
  private final int[][] load;
  private final int[][] kitLoad;
  private final SeasonArrays arrays;

  /** Whether changes are written down. */
  private boolean isTry;

  private int changes;

  /** By change: what it was, the part, the day, the person and the index. */
  private int[][] written = new int[64][5];

  public WalkLists(SeasonArrays arrays) {
    this.arrays = arrays;
    parts = new int[arrays.days][arrays.people][8];
    size = new int[arrays.days][arrays.people];
    load = new int[arrays.days][arrays.people];
    kitLoad = new int[arrays.days][arrays.stock.length];
    dayOf = new int[arrays.parts];
    personOf = new int[arrays.parts];
    Arrays.fill(dayOf, -1);
    Arrays.fill(personOf, SeasonArrays.NOBODY);
  }

  /** From now on changes are written down. */
  public void beginTry() {
    isTry = true;
    changes = 0;
  }

  /** Everything since the try began is as if it had not been. */
  public void takeBack() {
    isTry = false;
    for (int i = changes - 1; i >= 0; i--) {
      int[] change = written[i];
      if (change[0] == PUT) {
        remove(change[1]);
      } else {
        insert(change[1], change[2], change[3], change[4]);
      }
    }
    changes = 0;
  }

  /** How many changes the try has come to. */
  public int changes() {
    return changes;
  }

  public int changedPart(int change) {
    return written[change][1];
  }

  public int changedDay(int change) {
    return written[change][2];
  }

  public int changedPerson(int change) {
    return written[change][3];
  }

  private void write(int what, int part, int day, int person, int index) {
    if (changes == written.length) {
      written = Arrays.copyOf(written, changes * 2);
      for (int i = changes; i < written.length; i++) {
        written[i] = new int[5];
      }
    }
    int[] change = written[changes++];
    change[0] = what;
    change[1] = part;
    change[2] = day;
    change[3] = person;
    change[4] = index;
  }

  public void insert(int part, int day, int person, int index) {
    if (isTry) {
      write(PUT, part, day, person, index);
    }
    int[] list = parts[day][person];
    int n = size[day][person];
    if (n == list.length) {
      list = Arrays.copyOf(list, n * 2);
      parts[day][person] = list;
    }
    System.arraycopy(list, index, list, index + 1, n - index);
    list[index] = part;
    size[day][person] = n + 1;
    weigh(part, day, person, 1);
    dayOf[part] = day;
    personOf[part] = person;
  }

  public void append(int part, int day, int person) {
    insert(part, day, person, size[day][person]);
  }

  /** Returns the index it had. */
  public int remove(int part) {
    int day = dayOf[part];
    int person = personOf[part];
    int index = indexOf(part);
    if (isTry) {
      write(TAKEN, part, day, person, index);
    }
    int[] list = parts[day][person];
    int n = size[day][person] - 1;
    System.arraycopy(list, index + 1, list, index, n - index);
    size[day][person] = n;
    weigh(part, day, person, -1);
    dayOf[part] = -1;
    personOf[part] = SeasonArrays.NOBODY;
    return index;
  }

  /** Empties one list. */
  public void clear(int day, int person) {
    for (int i = 0; i < size[day][person]; i++) {
      int part = parts[day][person][i];
      weigh(part, day, person, -1);
      if (dayOf[part] == day && personOf[part] == person) {
        dayOf[part] = -1;
        personOf[part] = SeasonArrays.NOBODY;
      }
    }
    size[day][person] = 0;
  }

  private void weigh(int part, int day, int person, int sign) {
    int task = arrays.taskOf[part];
    load[day][person] += sign * arrays.partMinutes[part];
    if (!arrays.gives[part]) {
      for (int use = 0; use < arrays.useKind[task].length; use++) {
        kitLoad[day][arrays.useKind[task][use]] +=
            sign * (arrays.useTo[task][use] - arrays.useFrom[task][use]);
      }
    }
  }

  /** Minutes a kind of equipment is occupied on a day. */
  public int kitLoad(int day, int kind) {
    return kitLoad[day][kind];
  }

  public int indexOf(int part) {
    int[] list = parts[dayOf[part]][personOf[part]];
    int index = 0;
    while (list[index] != part) {
      index++;
    }
    return index;
  }

  /** Minutes on foot from the workshop along a list. */
  public int walk(int day, int person) {
    int[] list = parts[day][person];
    int minutes = 0;
    int at = 0;
    for (int i = 0; i < size[day][person]; i++) {
      int next = arrays.place[arrays.taskOf[list[i]]];
      minutes += arrays.walk[at][next];
      at = next;
    }
    return minutes;
  }

  public int load(int day, int person) {
    return load[day][person];
  }

  public boolean isPlanned(int part) {
    return dayOf[part] >= 0;
  }

  /** The day a task is done on, or −1. */
  public int day(int task) {
    return dayOf[arrays.leadPart[task]];
  }

  /** Whether any task of a visit is on a list. */
  public boolean isPlannedVisit(int visit) {
    return dayOf[arrays.leadPart[arrays.firstTask[visit]]] >= 0;
  }
}
