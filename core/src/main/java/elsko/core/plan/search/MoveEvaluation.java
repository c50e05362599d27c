package elsko.core.plan.search;

import elsko.core.plan.play.DayPlay;
import elsko.core.plan.play.NearestBerths;
import elsko.core.plan.play.Published;
import elsko.core.plan.play.SeasonArrays;
import elsko.core.plan.play.VisitRules;
import elsko.core.plan.play.WalkLists;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.SplittableRandom;

/**
 * A change to the lists that is tried: made, weighed, written down if it is worth it, and taken
 * back. What costs least to look at is looked at first; days are played again last.
 */
final class MoveEvaluation {
  /** What less waiting may be worth at most, before the day is played. */
  private static final long MOST_GAIN_BY_WAITING = 60;

  /** Of tries that cost and gain nothing, one in so many is handed on. */
  private static final int SOME_THAT_CHANGE_NOTHING = 5;

  private static final int MOST_LOOKS = 8;

  final SeasonArrays arrays;
  final Published told;
  final WalkLists lists;
  final DayPlay play;
  final Inserter inserter;
  final int firstOpenDay;
  final SplittableRandom random;

  /** Visits whose boats stand nearest, by visit. */
  private final int[][] near;

  private final boolean[] pinned;

  private final SeasonPlan plan;
  private final VisitRules rules;

  /** As things stand, without what is tried. */
  private final long[] visitCost;

  private final long[] dayCost;
  private final int[][] walk;

  private final int[] visitSeen;
  private final int[] listSeen;
  private final int[] daySeen;
  private int now;
  private final int[] visits;
  private int visitCount;
  private final int[] days;
  private int dayCount;

  MoveEvaluation(SeasonPlan plan, Random random) {
    this.plan = plan;
    this.random = new SplittableRandom(random.nextLong());
    arrays = plan.rules().arrays();
    told = plan.rules().told();
    firstOpenDay = plan.rules().firstOpenDay();
    lists = plan.lists();
    play = new DayPlay(arrays);
    inserter = new Inserter(arrays, told, play, firstOpenDay);
    rules = new VisitRules(arrays, told, plan.rules().toldChange());
    near = NearestBerths.visits(arrays);
    visitCost = new long[arrays.visits];
    dayCost = new long[arrays.days];
    walk = new int[arrays.days][arrays.people];
    visitSeen = new int[arrays.visits];
    listSeen = new int[arrays.days * arrays.people];
    daySeen = new int[arrays.days];
    visits = new int[arrays.visits];
    days = new int[arrays.days];
    pinned = new boolean[arrays.visits];
    for (int v = 0; v < arrays.visits; v++) {
      pinned[v] = told.isPinned(arrays, v);
      rules.look(v, lists);
      visitCost[v] = rules.medium;
    }
    for (int day = 0; day < arrays.days; day++) {
      stand(day);
    }
  }

  /** Whether this is a tried on that very plan. */
  boolean isOn(SeasonPlan other) {
    return plan == other;
  }

  private void stand(int day) {
    play.play(day, lists.parts[day], lists.size[day]);
    dayCost[day] = play.cost();
    for (int p = 0; p < arrays.people; p++) {
      walk[day][p] = lists.walk(day, p);
    }
  }

  /** Takes over what the last step changed. */
  void follow() {
    List<PersonDay> changed = new ArrayList<>();
    for (PersonDay list : plan.getPersonDays()) {
      if (!isSame(list)) {
        changed.add(list);
      }
    }
    if (changed.isEmpty()) {
      return;
    }
    now++;
    visitCount = 0;
    for (PersonDay list : changed) {
      int day = list.getDay();
      int person = list.getPerson();
      for (int i = 0; i < lists.size[day][person]; i++) {
        lookAgain(lists.parts[day][person][i]);
      }
      lists.clear(day, person);
    }
    for (PersonDay list : changed) {
      for (Part part : list.getParts()) {
        lists.append(part.getId(), list.getDay(), list.getPerson());
        lookAgain(part.getId());
      }
    }
    for (int i = 0; i < visitCount; i++) {
      rules.look(visits[i], lists);
      visitCost[visits[i]] = rules.medium;
    }
    for (PersonDay list : changed) {
      if (daySeen[list.getDay()] != now) {
        daySeen[list.getDay()] = now;
        stand(list.getDay());
      }
    }
  }

  private void lookAgain(int part) {
    int visit = arrays.visitOf[arrays.taskOf[part]];
    if (visitSeen[visit] != now) {
      visitSeen[visit] = now;
      visits[visitCount++] = visit;
    }
  }

  void begin() {
    lists.beginTry();
  }

  void takeBack() {
    lists.takeBack();
  }

  /** Whether what was done breaks no rule and costs no more than it may. */
  boolean isWorth(double mayCost) {
    if (lists.changes() == 0) {
      return false;
    }
    now++;
    dayCount = 0;
    long cost = 0;
    long onFoot = 0;
    for (int i = 0; i < lists.changes(); i++) {
      int visit = arrays.visitOf[arrays.taskOf[lists.changedPart(i)]];
      if (visitSeen[visit] != now) {
        visitSeen[visit] = now;
        rules.look(visit, lists);
        if (rules.hard > 0) {
          return false;
        }
        cost += rules.medium - visitCost[visit];
      }
    }
    if (cost > mayCost + 2 * MOST_GAIN_BY_WAITING) {
      return false;
    }
    for (int i = 0; i < lists.changes(); i++) {
      int day = lists.changedDay(i);
      int person = lists.changedPerson(i);
      int list = day * arrays.people + person;
      if (listSeen[list] != now) {
        listSeen[list] = now;
        int walks = lists.walk(day, person);
        if (lists.load(day, person) + walks > arrays.capacity(person, day)) {
          return false;
        }
        onFoot += walks - walk[day][person];
        if (daySeen[day] != now) {
          daySeen[day] = now;
          days[dayCount++] = day;
        }
      }
    }
    if (cost + DayPlay.PER_MINUTE_WALKING * onFoot > mayCost + MOST_GAIN_BY_WAITING) {
      return false;
    }
    for (int i = 0; i < dayCount; i++) {
      int day = days[i];
      if (!play.isPossible(day, lists.parts[day], lists.size[day])) {
        return false;
      }
      cost += play.cost() - dayCost[day];
    }
    return cost < 0
        || cost <= mayCost && (cost > 0 || random.nextInt(SOME_THAT_CHANGE_NOTHING) == 0);
  }

  /** What was done, for the solver; null when everything is as it was. */
  ListsMove written() {
    List<PersonDay> changed = new ArrayList<>();
    List<List<Part>> contents = new ArrayList<>();
    Set<Part> before = new LinkedHashSet<>();
    Set<Part> after = new LinkedHashSet<>();
    Set<PersonDay> seen = new LinkedHashSet<>();
    for (int i = 0; i < lists.changes(); i++) {
      PersonDay list = plan.personDay(lists.changedDay(i), lists.changedPerson(i));
      if (!seen.add(list) || isSame(list)) {
        continue;
      }
      List<Part> parts = new ArrayList<>();
      int day = list.getDay();
      int person = list.getPerson();
      for (int k = 0; k < lists.size[day][person]; k++) {
        parts.add(plan.getParts().get(lists.parts[day][person][k]));
      }
      changed.add(list);
      contents.add(parts);
      before.addAll(list.getParts());
      after.addAll(parts);
    }
    if (changed.isEmpty()) {
      return null;
    }
    List<Part> joining = after.stream().filter(part -> !before.contains(part)).toList();
    List<Part> leaving = before.stream().filter(part -> !after.contains(part)).toList();
    return new ListsMove(changed, contents, joining, leaving);
  }

  private boolean isSame(PersonDay list) {
    List<Part> parts = list.getParts();
    int day = list.getDay();
    int person = list.getPerson();
    if (parts.size() != lists.size[day][person]) {
      return false;
    }
    for (int i = 0; i < parts.size(); i++) {
      if (parts.get(i).getId() != lists.parts[day][person][i]) {
        return false;
      }
    }
    return true;
  }

  // What the moves ask.

  /** The day on which a visit becomes safe, or −1. */
  int safeDay(int visit) {
    int task = arrays.safeTask[visit] >= 0 ? arrays.safeTask[visit] : arrays.firstTask[visit];
    return lists.day(task);
  }

  /** How much less frost costs when two visits become safe on each other's day. */
  long gain(int visit, int other) {
    int day = safeDay(visit);
    int otherDay = safeDay(other);
    return arrays.loss[visit][day]
        - arrays.loss[visit][otherDay]
        - arrays.loss[other][day]
        + arrays.loss[other][otherDay];
  }

  /** Nothing of it is pinned or past. */
  boolean isFree(int visit) {
    if (pinned[visit]) {
      return false;
    }
    int day = lists.day(arrays.firstTask[visit]);
    return day < 0 || day >= firstOpenDay;
  }

  /** A task of one person that is on a list and may leave it. */
  boolean isLoose(int task) {
    return arrays.crew[task] == 1 && lists.day(task) >= firstOpenDay && !told.pinned()[task];
  }

  /** Two tasks that need as many people change places. */
  void swap(int x, int y) {
    swapParts(arrays.leadPart[x], arrays.leadPart[y]);
    if (arrays.handPart[x] >= 0) {
      swapParts(arrays.handPart[x], arrays.handPart[y]);
    }
  }

  private void swapParts(int a, int b) {
    int dayA = lists.dayOf[a];
    int personA = lists.personOf[a];
    int dayB = lists.dayOf[b];
    int personB = lists.personOf[b];
    int indexA = lists.remove(a);
    int indexB = lists.remove(b);
    // Taking a off its list may have moved b one place forward, or the other way around.
    if (dayA == dayB && personA == personB && indexB >= indexA) {
      lists.insert(b, dayA, personA, indexA);
      lists.insert(a, dayB, personB, indexB + 1);
    } else {
      lists.insert(a, dayB, personB, indexB);
      lists.insert(b, dayA, personA, indexA);
    }
  }

  /**
   * Whether somebody's day would not get too long, if one task of one person took another's place.
   */
  boolean fits(int task, int instead) {
    int part = arrays.leadPart[instead];
    int day = lists.dayOf[part];
    int person = lists.personOf[part];
    return arrays.minutes[task] - arrays.minutes[instead] <= spare(day, person);
  }

  /** Minutes of somebody's day that are neither work nor on foot. */
  int spare(int day, int person) {
    return arrays.capacity(person, day) - lists.load(day, person) - walk[day][person];
  }

  /**
   * A task next to which another might go: of the same visit, or of a boat nearby, or any; −1 when
   * the one drawn is on no list.
   */
  int neighbor(int task) {
    int visit = arrays.visitOf[task];
    int what = random.nextInt(3);
    int there;
    if (what == 0 && arrays.taskCount[visit] > 1) {
      boolean next = arrays.isFirst[task] || !arrays.isLast(task) && random.nextBoolean();
      there = next ? task + 1 : task - 1;
    } else if (what == 1) {
      there = nearby(task);
    } else {
      there = random.nextInt(arrays.tasks);
    }
    return there < 0 || lists.day(there) < firstOpenDay ? -1 : there;
  }

  /** A task on a boat nearby, on the same day if one is found soon. */
  private int nearby(int task) {
    int[] boats = near[arrays.visitOf[task]];
    int found = -1;
    for (int i = 0; i < MOST_LOOKS && boats.length > 0; i++) {
      int visit = boats[random.nextInt(boats.length)];
      found = arrays.firstTask[visit] + random.nextInt(arrays.taskCount[visit]);
      if (lists.day(found) == lists.day(task)) {
        return found;
      }
    }
    return found;
  }

  /** Of some visits drawn, the one whose frost costs most above the least it could; −1 for none. */
  int costlyVisit() {
    int found = -1;
    long most = -1;
    for (int i = 0; i < 8; i++) {
      int visit = random.nextInt(arrays.visits);
      if (!isFree(visit)) {
        continue;
      }
      int day = safeDay(visit);
      long cost =
          arrays.loss[visit][day < 0 ? arrays.days : day]
              - arrays.loss[visit][Math.min(arrays.days, inserter.earliest(visit))]
              + (day < 0 ? VisitRules.UNDONE : 0);
      if (cost > most) {
        most = cost;
        found = visit;
      }
    }
    return found;
  }
}
