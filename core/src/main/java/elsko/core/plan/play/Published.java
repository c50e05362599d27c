package elsko.core.plan.play;

import elsko.core.plan.model.Assignment;
import java.util.Arrays;
import java.util.Collection;
import java.util.Map;
import java.util.UUID;

/**
 * What people were already told, and what of it must stay.
 *
 * @param day by task; −1 where nobody was told anything
 * @param start when it was to begin, by task
 * @param lead who leads, by task
 * @param hand who gives a hand, by task
 * @param pinned by task: it must stay where it is
 */
public record Published(int[] day, int[] start, int[] lead, int[] hand, boolean[] pinned) {
  public static Published nothing(SeasonArrays arrays) {
    int[] none = new int[arrays.tasks];
    Arrays.fill(none, -1);
    return new Published(none, none.clone(), none.clone(), none.clone(), new boolean[arrays.tasks]);
  }

  public static Published of(
      SeasonArrays arrays, Collection<Assignment> told, Collection<Assignment> pinned) {
    Published made = nothing(arrays);
    Map<UUID, Map<String, Integer>> byKey = arrays.tasksByKey();
    told.forEach(each -> made.put(arrays, byKey, each, false));
    pinned.forEach(each -> made.put(arrays, byKey, each, true));
    return made;
  }

  private void put(
      SeasonArrays arrays, Map<UUID, Map<String, Integer>> byKey, Assignment each, boolean pin) {
    Integer task = byKey.getOrDefault(each.boat(), Map.of()).get(each.task());
    if (task == null || each.workers().isEmpty() || each.day() < 0 || each.day() >= arrays.days) {
      return;
    }
    int leads = arrays.person(each.workers().get(0));
    // Held where it was told to be already: it keeps its turn.
    if (day[task] != each.day() || lead[task] != leads) {
      start[task] = each.start();
    }
    day[task] = each.day();
    lead[task] = leads;
    hand[task] = each.workers().size() > 1 ? arrays.person(each.workers().get(1)) : -1;
    pinned[task] |= pin && lead[task] >= 0;
  }

  /** Nobody was told anything that may still change. */
  public boolean isOnlyPins() {
    for (int task = 0; task < day.length; task++) {
      if (day[task] >= 0 && !pinned[task]) {
        return false;
      }
    }
    return true;
  }

  /** Whether a task is on the day and with the lead people were told. */
  public boolean isKept(SeasonArrays arrays, WalkLists lists, int task) {
    return lists.day(task) == day[task] && lists.personOf[arrays.leadPart[task]] == lead[task];
  }

  /** Puts a task at the end of the lists of those who were told. */
  public void putOn(WalkLists lists, SeasonArrays arrays, int task) {
    lists.append(arrays.leadPart[task], day[task], lead[task]);
    if (arrays.crew[task] == 2 && hand[task] >= 0) {
      lists.append(arrays.handPart[task], day[task], hand[task]);
    }
  }

  public boolean isPinned(SeasonArrays arrays, int visit) {
    for (int k = 0; k < arrays.taskCount[visit]; k++) {
      if (pinned[arrays.firstTask[visit] + k]) {
        return true;
      }
    }
    return false;
  }
}
