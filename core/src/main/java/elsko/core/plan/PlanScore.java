package elsko.core.plan;

import ai.timefold.solver.core.api.score.buildin.hardmediumsoftlong.HardMediumSoftLongScore;
import ai.timefold.solver.core.api.score.calculator.IncrementalScoreCalculator;
import java.util.Arrays;
import java.util.List;

/**
 * Hard: what a day or a visit must not do. Medium: what frost costs, work left undone, broken
 * promises, people told otherwise. Soft: walking, tools carried about, boats left open. Only days
 * that changed are played again.
 */
public class PlanScore implements IncrementalScoreCalculator<SeasonPlan, HardMediumSoftLongScore> {
  private Board board;
  private DayPlay play;
  private VisitRules visitRules;
  private Lists lists;
  private PersonDay[] personDays;

  private boolean[] isDirty;
  private int[] dirty;
  private int dirtyCount;
  private boolean[] dayDirty;
  private boolean[] visitDirty;
  private int[] visitsToLook;

  private long[] dayHard;
  private long[] daySoft;
  private long[] visitHard;
  private long[] visitMedium;
  private long[] visitSoft;
  private long hard;
  private long medium;
  private long soft;

  @Override
  public void resetWorkingSolution(SeasonPlan plan) {
    SeasonPlan.Rules rules = plan.rules();
    board = rules.board();
    play = new DayPlay(board);
    visitRules = new VisitRules(board, rules.told(), rules.toldChange());
    lists = new Lists(board);
    personDays = plan.getPersonDays().toArray(PersonDay[]::new);
    isDirty = new boolean[personDays.length];
    Arrays.fill(isDirty, true);
    dirty = new int[personDays.length];
    for (int i = 0; i < dirty.length; i++) {
      dirty[i] = i;
    }
    dirtyCount = dirty.length;
    dayDirty = new boolean[board.days];
    visitDirty = new boolean[board.visits];
    Arrays.fill(visitDirty, true);
    visitsToLook = new int[board.visits];
    dayHard = new long[board.days];
    daySoft = new long[board.days];
    visitHard = new long[board.visits];
    visitMedium = new long[board.visits];
    visitSoft = new long[board.visits];
    hard = 0;
    medium = 0;
    soft = 0;
  }

  @Override
  public void afterListVariableChanged(Object entity, String variable, int from, int to) {
    PersonDay list = (PersonDay) entity;
    int id = list.getDay() * board.people + list.getPerson();
    if (!isDirty[id]) {
      isDirty[id] = true;
      dirty[dirtyCount++] = id;
    }
  }

  @Override
  public HardMediumSoftLongScore calculateScore() {
    for (int i = 0; i < dirtyCount; i++) {
      PersonDay list = personDays[dirty[i]];
      int day = list.getDay();
      int person = list.getPerson();
      for (int k = 0; k < lists.size[day][person]; k++) {
        visitDirty[board.visitOf[board.taskOf[lists.parts[day][person][k]]]] = true;
      }
      lists.clear(day, person);
      dayDirty[day] = true;
    }
    for (int i = 0; i < dirtyCount; i++) {
      PersonDay list = personDays[dirty[i]];
      List<Part> parts = list.getParts();
      for (int k = 0; k < parts.size(); k++) {
        int part = parts.get(k).getId();
        lists.append(part, list.getDay(), list.getPerson());
        visitDirty[board.visitOf[board.taskOf[part]]] = true;
      }
    }
    for (int i = 0; i < dirtyCount; i++) {
      int day = personDays[dirty[i]].getDay();
      if (dayDirty[day]) {
        dayDirty[day] = false;
        playAgain(day);
      }
      isDirty[dirty[i]] = false;
    }
    dirtyCount = 0;
    lookAtVisits();
    return HardMediumSoftLongScore.of(-hard, -medium, -soft);
  }

  private void playAgain(int day) {
    play.play(day, lists.parts[day], lists.size[day]);
    hard -= dayHard[day];
    soft -= daySoft[day];
    dayHard[day] = play.overtime + 1000L * play.stuck + play.soakBreach + 1000L * play.liftsOver;
    daySoft[day] = play.walking + 2L * play.toolChanges;
    hard += dayHard[day];
    soft += daySoft[day];
  }

  private void lookAtVisits() {
    int count = 0;
    for (int v = 0; v < board.visits; v++) {
      if (visitDirty[v]) {
        visitDirty[v] = false;
        visitsToLook[count++] = v;
      }
    }
    for (int i = 0; i < count; i++) {
      int v = visitsToLook[i];
      visitRules.look(v, lists);
      hard += visitRules.hard - visitHard[v];
      medium += visitRules.medium - visitMedium[v];
      soft += visitRules.soft - visitSoft[v];
      visitHard[v] = visitRules.hard;
      visitMedium[v] = visitRules.medium;
      visitSoft[v] = visitRules.soft;
    }
  }

  @Override
  public void beforeEntityAdded(Object entity) {
    throw new UnsupportedOperationException("nobody joins while it is solved");
  }

  @Override
  public void afterEntityAdded(Object entity) {
    throw new UnsupportedOperationException("nobody joins while it is solved");
  }

  @Override
  public void beforeVariableChanged(Object entity, String variable) {}

  @Override
  public void afterVariableChanged(Object entity, String variable) {}

  @Override
  public void beforeEntityRemoved(Object entity) {
    throw new UnsupportedOperationException("nobody leaves while it is solved");
  }

  @Override
  public void afterEntityRemoved(Object entity) {
    throw new UnsupportedOperationException("nobody leaves while it is solved");
  }
}
