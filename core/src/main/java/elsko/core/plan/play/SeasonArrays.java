package elsko.core.plan.play;

import elsko.core.plan.model.Equipment;
import elsko.core.plan.model.Season;
import elsko.core.plan.model.Skill;
import elsko.core.plan.model.Visit;
import elsko.core.plan.model.VisitTask;
import elsko.core.plan.model.Worker;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * A season as plain numbers, for the inner loops. A task of two people has two parts: whoever leads
 * it, and whoever gives a hand. Immutable.
 */
public final class SeasonArrays {
  public static final int NOBODY = -1;
  private static final int PER_HOSE = 1000;

  public final Season season;
  public final int days;
  public final int people;
  public final int visits;
  public final int tasks;
  public final int parts;

  public final int[] firstTask;
  public final int[] taskCount;
  public final int[] safeTask;
  public final int[] release;
  final int[] promised;
  final int[] promisedTask;
  public final long[][] loss;

  public final int[] visitOf;
  public final int[] minutes;
  public final int[] crew;
  public final int[] skill;
  public final int[] equipment;
  public final int[] waitFrom;
  public final int[] waitTo;
  public final boolean[] isFirst;
  public final boolean[] sameDayAsBefore;
  public final int[] place;

  public final int[] taskOf;
  public final boolean[] gives;
  public final int[] leadPart;
  public final int[] handPart;

  public final int[][] from;
  public final int[][] to;
  public final boolean[][] can;
  public final int[] stock;
  public final int[] liftSlots;
  public final int[][] walk;

  /** From the first to come to the last to go, without the pause. */
  public final int[] openMinutes;

  public final int pauseFrom;
  public final int pauseTo;

  public SeasonArrays(Season season) {
    this.season = season;
    days = season.days();
    people = season.workers().size();
    visits = season.visits().size();
    tasks = season.visits().stream().mapToInt(v -> v.tasks().size()).sum();
    parts =
        season.visits().stream().flatMap(v -> v.tasks().stream()).mapToInt(VisitTask::people).sum();
    firstTask = new int[visits];
    taskCount = new int[visits];
    safeTask = new int[visits];
    release = new int[visits];
    promised = new int[visits];
    promisedTask = new int[visits];
    loss = new long[visits][days + 1];
    visitOf = new int[tasks];
    minutes = new int[tasks];
    crew = new int[tasks];
    skill = new int[tasks];
    equipment = new int[tasks];
    waitFrom = new int[tasks];
    waitTo = new int[tasks];
    isFirst = new boolean[tasks];
    sameDayAsBefore = new boolean[tasks];
    place = new int[tasks];
    leadPart = new int[tasks];
    handPart = new int[tasks];
    taskOf = new int[parts];
    gives = new boolean[parts];
    fillVisits();
    from = new int[people][days];
    to = new int[people][days];
    can = new boolean[people][Skill.values().length];
    fillPeople();
    stock = new int[Equipment.values().length];
    season.equipment().forEach((kind, count) -> stock[kind.ordinal()] = count);
    liftSlots = season.liftSlots();
    walk = season.walkMinutes();
    pauseFrom = season.pause().from();
    pauseTo = season.pause().to();
    openMinutes = new int[days];
    for (int day = 0; day < days; day++) {
      openMinutes[day] = open(day);
    }
  }

  private void fillVisits() {
    int task = 0;
    int part = 0;
    for (int v = 0; v < visits; v++) {
      Visit visit = season.visits().get(v);
      firstTask[v] = task;
      taskCount[v] = visit.tasks().size();
      safeTask[v] = visit.safeAfter() < 0 ? -1 : task + visit.safeAfter();
      release[v] = Math.max(0, visit.releaseDay());
      promisedTask[v] = task + visit.promisedFor();
      promised[v] = visit.promisedDay() == null ? Integer.MAX_VALUE : visit.promisedDay();
      for (int day = 0; day <= days; day++) {
        loss[v][day] = Math.round(visit.lossOn(day) * PER_HOSE);
      }
      VisitTask before = null;
      for (VisitTask of : visit.tasks()) {
        visitOf[task] = v;
        isFirst[task] = before == null;
        minutes[task] = of.minutes();
        crew[task] = of.people();
        skill[task] = of.skill().ordinal();
        equipment[task] = of.equipment() == null ? -1 : of.equipment().ordinal();
        boolean soaks = before != null && before.soak() != null;
        waitFrom[task] = soaks ? before.soak().fromMinutes() : 0;
        waitTo[task] = soaks ? before.soak().toMinutes() : Integer.MAX_VALUE;
        sameDayAsBefore[task] = soaks;
        place[task] = visit.place();
        leadPart[task] = part;
        taskOf[part++] = task;
        handPart[task] = NOBODY;
        if (of.people() == 2) {
          handPart[task] = part;
          gives[part] = true;
          taskOf[part++] = task;
        }
        before = of;
        task++;
      }
    }
  }

  private void fillPeople() {
    for (int p = 0; p < people; p++) {
      Worker worker = season.workers().get(p);
      for (Skill each : worker.skills()) {
        can[p][each.ordinal()] = true;
      }
      for (int day = 0; day < days; day++) {
        Worker.Hours hours = day < worker.hours().size() ? worker.hours().get(day) : null;
        from[p][day] = hours == null ? 0 : hours.from();
        to[p][day] = hours == null ? 0 : hours.to();
      }
    }
  }

  private int open(int day) {
    int opens = Integer.MAX_VALUE;
    int closes = 0;
    for (int p = 0; p < people; p++) {
      if (works(p, day)) {
        opens = Math.min(opens, from[p][day]);
        closes = Math.max(closes, to[p][day]);
      }
    }
    return Math.max(0, closes - opens - (pauseTo - pauseFrom));
  }

  public boolean works(int person, int day) {
    return to[person][day] > from[person][day];
  }

  /** Minutes somebody can work on a day. */
  public int capacity(int person, int day) {
    int pause =
        Math.max(0, Math.min(to[person][day], pauseTo) - Math.max(from[person][day], pauseFrom));
    return to[person][day] - from[person][day] - pause;
  }

  public boolean isLast(int task) {
    return task == firstTask[visitOf[task]] + taskCount[visitOf[task]] - 1;
  }

  /** Whether a boat is safe from frost before this task begins. */
  public boolean isAfterSafe(int task) {
    int safe = safeTask[visitOf[task]];
    return safe >= 0 && task > safe;
  }

  /** When work that begins at this minute ends: the pause does not count. */
  public int end(int start, int attended) {
    int end = start + attended;
    return start < pauseFrom && end > pauseFrom ? end + pauseTo - pauseFrom : end;
  }

  /** The first minute from this one on at which work can begin. */
  public int begin(int earliest) {
    return earliest >= pauseFrom && earliest < pauseTo ? pauseTo : earliest;
  }

  public VisitTask task(int task) {
    int v = visitOf[task];
    return season.visits().get(v).tasks().get(task - firstTask[v]);
  }

  public Visit visit(int task) {
    return season.visits().get(visitOf[task]);
  }

  /** Index of every task by boat and key. */
  public Map<UUID, Map<String, Integer>> tasksByKey() {
    Map<UUID, Map<String, Integer>> found = new HashMap<>();
    for (int task = 0; task < tasks; task++) {
      found
          .computeIfAbsent(visit(task).boat(), boat -> new HashMap<>())
          .put(task(task).key(), task);
    }
    return found;
  }

  public int person(String name) {
    List<Worker> workers = season.workers();
    for (int p = 0; p < people; p++) {
      if (workers.get(p).name().equals(name)) {
        return p;
      }
    }
    return NOBODY;
  }
}
