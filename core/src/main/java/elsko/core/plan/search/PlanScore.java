package elsko.core.plan.search;

import ai.timefold.solver.core.api.score.buildin.hardmediumsoftlong.HardMediumSoftLongScore;
import ai.timefold.solver.core.api.score.calculator.IncrementalScoreCalculator;
import elsko.core.plan.play.DayPlay;
import elsko.core.plan.play.SeasonArrays;
import elsko.core.plan.play.VisitRules;
import elsko.core.plan.play.WalkLists;
import java.util.Arrays;
import java.util.List;

/**
 * Hard: what a day or a visit must not do. Medium: what frost costs, work left undone, broken
 * promises, people told otherwise, and a little for each minute on foot and each spent waiting,
 * because those are minutes another boat waits for. Soft: tools carried about, boats left open.
 * Only days that changed are played again.
 */
public class PlanScore implements IncrementalScoreCalculator<SeasonPlan, HardMediumSoftLongScore> {
  private SeasonArrays arrays;
  private DayPlay play;
  private VisitRules visitRules;
  private WalkLists lists;
  private PersonDay[] personDays;

  private boolean[] isDirty;
  private int[] dirty;
  private int dirtyCount;
  private boolean[] dayDirty;
  private boolean[] visitDirty;
  private int[] visitsToLook;
  private int visitsToLookCount;

  private long[] dayHard;
  private long[] dayMedium;
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
    arrays = rules.arrays();
    play = new DayPlay(arrays);
    visitRules = new VisitRules(arrays, rules.told(), rules.toldChange());
    lists = new WalkLists(arrays);
    personDays = plan.getPersonDays().toArray(PersonDay[]::new);
    isDirty = new boolean[personDays.length];
    Arrays.fill(isDirty, true);
    dirty = new int[personDays.length];
    for (int i = 0; i < dirty.length; i++) {
      dirty[i] = i;
    }
    dirtyCount = dirty.length;
    dayDirty = new boolean[arrays.days];
    visitDirty = new boolean[arrays.visits];
    visitsToLook = new int[arrays.visits];
    visitsToLookCount = 0;
    for (int v = 0; v < arrays.visits; v++) {
      lookAgain(v);
    }
    dayHard = new long[arrays.days];
    dayMedium = new long[arrays.days];
    daySoft = new long[arrays.days];
    visitHard = new long[arrays.visits];
    visitMedium = new long[arrays.visits];
    visitSoft = new long[arrays.visits];
    hard = 0;
    medium = 0;
    soft = 0;
  }

  @Override
  public void afterListVariableChanged(Object entity, String variable, int from, int to) {
    PersonDay list = (PersonDay) entity;
    int id = list.getDay() * arrays.people + list.getPerson();
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
        lookAgain(arrays.visitOf[arrays.taskOf[lists.parts[day][person][k]]]);
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
        lookAgain(arrays.visitOf[arrays.taskOf[part]]);
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
    medium -= dayMedium[day];
    soft -= daySoft[day];
    dayHard[day] = play.broken();
    dayMedium[day] = play.cost();
    daySoft[day] = 2L * play.toolChanges;
    hard += dayHard[day];
    medium += dayMedium[day];
    soft += daySoft[day];
  }

  private void lookAgain(int visit) {
    if (!visitDirty[visit]) {
      visitDirty[visit] = true;
      visitsToLook[visitsToLookCount++] = visit;
    }
  }

  private void lookAtVisits() {
    for (int i = 0; i < visitsToLookCount; i++) {
      int v = visitsToLook[i];
      visitDirty[v] = false;
      visitRules.look(v, lists);
      hard += visitRules.hard - visitHard[v];
      medium += visitRules.medium - visitMedium[v];
      soft += visitRules.soft - visitSoft[v];
      visitHard[v] = visitRules.hard;
      visitMedium[v] = visitRules.medium;
      visitSoft[v] = visitRules.soft;
    }
    visitsToLookCount = 0;
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
