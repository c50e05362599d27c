package elsko.core.plan;

import ai.timefold.solver.core.api.score.director.ScoreDirector;
import ai.timefold.solver.core.impl.heuristic.selector.move.factory.MoveIteratorFactory;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;

/**
 * What the search tries: two visits change places, aligned on the task that makes them safe; a
 * costly visit and some near it in time are taken off and put on again; one task goes elsewhere.
 * Only what breaks no rule is handed on.
 */
public class VisitMoves implements MoveIteratorFactory<SeasonPlan, ListsMove> {

  private Drawing drawing;

  @Override
  public void phaseEnded(ScoreDirector<SeasonPlan> director) {
    drawing = null;
  }

  @Override
  public long getSize(ScoreDirector<SeasonPlan> director) {
    return 1_000_000;
  }

  @Override
  public Iterator<ListsMove> createOriginalMoveIterator(ScoreDirector<SeasonPlan> director) {
    throw new UnsupportedOperationException("moves are drawn at random");
  }

  @Override
  public Iterator<ListsMove> createRandomMoveIterator(
      ScoreDirector<SeasonPlan> director, Random random) {
    SeasonPlan plan = director.getWorkingSolution();
    if (drawing == null || drawing.plan != plan) {
      drawing = new Drawing(plan, random);
    } else {
      drawing.follow();
    }
    return drawing;
  }

  /** Draws moves from one standing of the plan. */
  private static final class Drawing implements Iterator<ListsMove> {
    private static final int MOST_TRIES = 60;
    private static final ListsMove NOTHING =
        new ListsMove(List.of(), List.of(), List.of(), List.of());

    private final SeasonPlan plan;
    private final Board board;
    private final Told told;
    private final Random random;
    private final Lists lists;
    private final DayPlay play;
    private final Inserter inserter;
    private final int firstOpenDay;
    private final boolean[] dayTouched;
    private final List<Integer> touched = new ArrayList<>();

    Drawing(SeasonPlan plan, Random random) {
      this.plan = plan;
      this.random = random;
      board = plan.rules().board();
      told = plan.rules().told();
      firstOpenDay = plan.rules().firstOpenDay();
      lists = plan.lists();
      play = new DayPlay(board);
      inserter = new Inserter(board, told, play, firstOpenDay);
      dayTouched = new boolean[board.days];
    }

    /** Takes over what the last step changed. */
    void follow() {
      List<PersonDay> changed = new ArrayList<>();
      for (PersonDay list : plan.getPersonDays()) {
        if (!isSame(list.getParts(), list.getDay(), list.getPerson())) {
          changed.add(list);
        }
      }
      changed.forEach(list -> lists.clear(list.getDay(), list.getPerson()));
      for (PersonDay list : changed) {
        for (Part part : list.getParts()) {
          lists.append(part.getId(), list.getDay(), list.getPerson());
        }
      }
    }

    @Override
    public boolean hasNext() {
      return true;
    }

    @Override
    public ListsMove next() {
      for (int i = 0; i < MOST_TRIES; i++) {
        int what = random.nextInt(100);
        ListsMove move =
            what < 30
                ? swapVisits()
                : what < 55 ? moveTask() : what < 85 ? giveWay() : ruinAndInsert();
        if (move != null) {
          return move;
        }
      }
      return NOTHING;
    }

    // Two visits change places.

    private ListsMove swapVisits() {
      int a = random.nextInt(board.visits);
      int b = random.nextInt(board.visits);
      if (a == b || !isFree(a) || !isFree(b) || !isAlike(a, b)) {
        return null;
      }
      if (!lists.isPlannedVisit(a) || !lists.isPlannedVisit(b)) {
        return null;
      }
      int n = board.taskCount[a];
      for (int k = 0; k < n; k++) {
        int x = board.firstTask[a] + k;
        int y = board.firstTask[b] + k;
        if (lists.day(x) < earliest(b) || lists.day(y) < earliest(a)) {
          return null;
        }
      }
      for (int k = 0; k < n; k++) {
        swap(board.leadPart[board.firstTask[a] + k], board.leadPart[board.firstTask[b] + k]);
        int hand = board.handPart[board.firstTask[a] + k];
        if (hand >= 0) {
          swap(hand, board.handPart[board.firstTask[b] + k]);
        }
      }
      boolean good = touchedDaysKeepTheRules();
      ListsMove move = good ? written() : null;
      takeBack();
      return move;
    }

    private int earliest(int visit) {
      return inserter.earliest(visit);
    }

    /** Same chain of skills, hands and soaks; the minutes may differ. */
    private boolean isAlike(int a, int b) {
      if (board.taskCount[a] != board.taskCount[b]
          || board.safeTask[a] - board.firstTask[a] != board.safeTask[b] - board.firstTask[b]) {
        return false;
      }
      for (int k = 0; k < board.taskCount[a]; k++) {
        int x = board.firstTask[a] + k;
        int y = board.firstTask[b] + k;
        if (board.skill[x] != board.skill[y] || board.crew[x] != board.crew[y]) {
          return false;
        }
      }
      return true;
    }

    private void swap(int a, int b) {
      int dayA = lists.dayOf[a];
      int personA = lists.personOf[a];
      int dayB = lists.dayOf[b];
      int personB = lists.personOf[b];
      touch(dayA);
      touch(dayB);
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

    // One task goes elsewhere.

    private ListsMove moveTask() {
      int task = random.nextInt(board.tasks);
      int day = lists.day(task);
      if (day < firstOpenDay || told.pinned()[task]) {
        return null;
      }
      int least = board.isFirst[task] ? earliest(board.visitOf[task]) : lists.day(task - 1);
      int most = board.isLast(task) ? Math.min(board.days - 1, day + 2) : lists.day(task + 1);
      if (board.sameDayAsBefore[task]) {
        most = least;
      }
      if (!board.isLast(task) && board.sameDayAsBefore[task + 1]) {
        least = Math.max(least, lists.day(task + 1));
        most = lists.day(task + 1);
      }
      least = Math.max(least, Math.max(firstOpenDay, day - 2));
      most = Math.min(most, day + 2);
      if (least > most) {
        return null;
      }
      int to = least + random.nextInt(most - least + 1);
      touch(day);
      touch(to);
      inserter.take(lists, task);
      boolean good = inserter.place(lists, task, to) && touchedDaysKeepTheRules();
      ListsMove move = good ? written() : null;
      takeBack();
      return move;
    }

    // A cheap visit gives way to a costly one.

    private ListsMove giveWay() {
      int costly = costlyVisit();
      if (costly < 0 || safeDay(costly) < 0) {
        return null;
      }
      int late = safeDay(costly);
      int cheap = -1;
      long most = Long.MIN_VALUE;
      for (int i = 0; i < 12; i++) {
        int visit = random.nextInt(board.visits);
        int day = safeDay(visit);
        if (visit == costly || !isFree(visit) || day < earliest(costly) || day >= late) {
          continue;
        }
        long gain =
            board.loss[costly][late]
                - board.loss[costly][day]
                - board.loss[visit][late]
                + board.loss[visit][day];
        if (gain > most) {
          most = gain;
          cheap = visit;
        }
      }
      if (cheap < 0) {
        return null;
      }
      int freed = lists.day(board.firstTask[cheap]);
      int alsoFreed = lists.day(board.firstTask[costly]);
      touchVisit(costly);
      touchVisit(cheap);
      inserter.takeVisit(lists, costly);
      inserter.takeVisit(lists, cheap);
      boolean good = inserter.insert(lists, costly, freed - random.nextInt(3), 3);
      if (good) {
        touchVisit(costly);
        good = inserter.insert(lists, cheap, alsoFreed - random.nextInt(4), 5);
      }
      if (good) {
        touchVisit(cheap);
      }
      ListsMove move = good ? written() : null;
      takeBack();
      return move;
    }

    // Some visits are taken off and put on again.

    private ListsMove ruinAndInsert() {
      int costly = costlyVisit();
      if (costly < 0) {
        return null;
      }
      Set<Integer> taken = new LinkedHashSet<>();
      taken.add(costly);
      int around = safeDay(costly);
      boolean wasPlanned = lists.isPlannedVisit(costly);
      int count = 1 + random.nextInt(4);
      int reach = 1 + random.nextInt(4);
      for (int tries = 0; tries < 40 && taken.size() <= count; tries++) {
        int visit = random.nextInt(board.visits);
        int day = safeDay(visit);
        boolean before = around < 0 || day >= 0 && day <= around + 1 && day >= around - reach * 2;
        if (isFree(visit) && lists.isPlannedVisit(visit) && before) {
          taken.add(visit);
        }
      }
      for (int visit : taken) {
        touchVisit(visit);
        inserter.takeVisit(lists, visit);
      }
      boolean good = true;
      for (int visit : taken) {
        good = good && putOn(visit, costly, wasPlanned);
      }
      ListsMove move = good ? written() : null;
      takeBack();
      return move;
    }

    private boolean putOn(int visit, int costly, boolean costlyWasPlanned) {
      int notBefore = 0;
      if (visit != costly || random.nextInt(4) == 0) {
        int flat = earliest(visit);
        long least = board.loss[visit][flat];
        int last = flat;
        while (last < board.days - 1 && board.loss[visit][last + 1] <= least + 150) {
          last++;
        }
        notBefore = flat + (last > flat ? random.nextInt(last - flat + 1) : 0);
        if (notBefore > flat + 12) {
          notBefore = flat + random.nextInt(12);
        }
      }
      if (!inserter.insert(lists, visit, notBefore, 10)) {
        return visit == costly && !costlyWasPlanned;
      }
      touchVisit(visit);
      return true;
    }

    /** Of some visits drawn, the one whose frost costs most above the least it could. */
    private int costlyVisit() {
      int found = -1;
      long most = -1;
      for (int i = 0; i < 8; i++) {
        int visit = random.nextInt(board.visits);
        if (!isFree(visit)) {
          continue;
        }
        int day = safeDay(visit);
        long cost =
            board.loss[visit][day < 0 ? board.days : day]
                - board.loss[visit][Math.min(board.days, earliest(visit))]
                + (day < 0 ? VisitRules.UNDONE : 0);
        if (cost > most) {
          most = cost;
          found = visit;
        }
      }
      return found;
    }

    private int safeDay(int visit) {
      int task = board.safeTask[visit] >= 0 ? board.safeTask[visit] : board.firstTask[visit];
      return lists.day(task);
    }

    /** Nothing of it is pinned or past. */
    private boolean isFree(int visit) {
      if (told.isPinned(board, visit)) {
        return false;
      }
      int day = lists.day(board.firstTask[visit]);
      return day < 0 || day >= firstOpenDay;
    }

    // What is tried is written down and taken back.

    private void touch(int day) {
      if (!dayTouched[day]) {
        dayTouched[day] = true;
        touched.add(day);
      }
    }

    private void touchVisit(int visit) {
      for (int k = 0; k < board.taskCount[visit]; k++) {
        int day = lists.day(board.firstTask[visit] + k);
        if (day >= 0) {
          touch(day);
        }
      }
    }

    private boolean touchedDaysKeepTheRules() {
      for (int day : touched) {
        if (!play.isPossible(day, lists.parts[day], lists.size[day])) {
          return false;
        }
      }
      return true;
    }

    private ListsMove written() {
      List<PersonDay> changed = new ArrayList<>();
      List<List<Part>> contents = new ArrayList<>();
      Set<Part> before = new LinkedHashSet<>();
      Set<Part> after = new LinkedHashSet<>();
      for (int day : touched) {
        for (int p = 0; p < board.people; p++) {
          PersonDay list = plan.personDay(day, p);
          if (!isSame(list.getParts(), day, p)) {
            List<Part> parts = new ArrayList<>();
            for (int i = 0; i < lists.size[day][p]; i++) {
              parts.add(plan.getParts().get(lists.parts[day][p][i]));
            }
            changed.add(list);
            contents.add(parts);
            before.addAll(list.getParts());
            after.addAll(parts);
          }
        }
      }
      if (changed.isEmpty()) {
        return null;
      }
      List<Part> joining = after.stream().filter(part -> !before.contains(part)).toList();
      List<Part> leaving = before.stream().filter(part -> !after.contains(part)).toList();
      return new ListsMove(changed, contents, joining, leaving);
    }

    private boolean isSame(List<Part> parts, int day, int person) {
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

    private void takeBack() {
      for (int day : touched) {
        for (int p = 0; p < board.people; p++) {
          lists.clear(day, p);
        }
      }
      for (int day : touched) {
        dayTouched[day] = false;
        for (int p = 0; p < board.people; p++) {
          for (Part part : plan.personDay(day, p).getParts()) {
            lists.append(part.getId(), day, p);
          }
        }
      }
      touched.clear();
    }
  }
}
