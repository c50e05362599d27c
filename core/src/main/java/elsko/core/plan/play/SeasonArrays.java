package elsko.core.plan.play;

import elsko.core.plan.model.Equipment;
import elsko.core.plan.model.Opening;
import elsko.core.plan.model.Season;
import elsko.core.plan.model.Visit;
import elsko.core.plan.model.VisitTask;
import elsko.core.plan.model.Worker;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
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
  final int[] safeBy;
  final int[] promisedTask;
  public final long[][] loss;

  public final int[] visitOf;
  public final int[] minutes;
  public final int[] crew;

  /** What it occupies most of all; −1 for nothing. */
  public final int[] equipment;

  /** By task: every kind it occupies, from which minute of its work to which. */
  public final int[][] useKind;

  public final int[][] useFrom;
  public final int[][] useTo;

  /** By task: its kinds as bits. */
  public final int[] uses;

  public final int[] waitFrom;
  public final int[] waitTo;
  public final boolean[] isFirst;
  public final boolean[] sameDayAsBefore;
  public final int[] place;

  public final int[] taskOf;
  public final boolean[] gives;

  /** By part: minutes whoever does it is there. */
  public final int[] partMinutes;

  /** By task: from which of its minutes to which a second person is there. */
  public final int[] handFrom;

  public final int[] handTo;
  public final int[] leadPart;
  public final int[] handPart;

  public final int[][] from;
  public final int[][] to;

  /** By person and task: whether they have every skill it asks for. */
  public final boolean[][] can;

  /** Whether tasks were put together into stops, so that a boat has one person. */
  public final boolean byStops;

  public final int[] stock;
  public final int[] liftSlots;
  public final int[][] walk;

  /** From the first to come to the last to go, without the pause. */
  public final int[] openMinutes;

  /** By task: which hours it keeps to, and from which of its minutes to which; null for none. */
  private final Opened[] opened;

  /** By task: the kind that stays on the boat until the next; −1 for none. */
  public final int[] kitStays;

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
    safeBy = new int[visits];
    promisedTask = new int[visits];
    loss = new long[visits][days + 1];
    visitOf = new int[tasks];
    minutes = new int[tasks];
    crew = new int[tasks];
    equipment = new int[tasks];
    useKind = new int[tasks][];
    useFrom = new int[tasks][];
    useTo = new int[tasks][];
    uses = new int[tasks];
    waitFrom = new int[tasks];
    waitTo = new int[tasks];
    isFirst = new boolean[tasks];
    sameDayAsBefore = new boolean[tasks];
    place = new int[tasks];
    partMinutes = new int[parts];
    handFrom = new int[tasks];
    handTo = new int[tasks];
    opened = new Opened[tasks];
    kitStays = new int[tasks];
    leadPart = new int[tasks];
    handPart = new int[tasks];
    taskOf = new int[parts];
    gives = new boolean[parts];
    fillVisits();
    from = new int[people][days];
    to = new int[people][days];
    can = new boolean[people][tasks];
    fillPeople();
    byStops =
        season.visits().stream()
            .flatMap(v -> v.tasks().stream())
            .anyMatch(t -> !t.parts().isEmpty());
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
      safeBy[v] = visit.safeByDay() == null ? Integer.MAX_VALUE : visit.safeByDay();
      for (int day = 0; day <= days; day++) {
        loss[v][day] = Math.round(visit.lossOn(day) * PER_HOSE);
      }
      VisitTask before = null;
      for (VisitTask of : visit.tasks()) {
        visitOf[task] = v;
        isFirst[task] = before == null;
        minutes[task] = of.minutes();
        crew[task] = of.people();
        fillUses(task, of);
        opened[task] = Opened.of(season.openings(), of, days);
        kitStays[task] = kitStays(of.tasks().get(of.tasks().size() - 1));
        boolean soaks = before != null && before.soak() != null;
        waitFrom[task] = soaks ? before.soak().fromMinutes() : 0;
        waitTo[task] = soaks ? before.soak().toMinutes() : Integer.MAX_VALUE;
        sameDayAsBefore[task] = soaks;
        place[task] = visit.place();
        leadPart[task] = part;
        partMinutes[part] = of.minutes();
        taskOf[part++] = task;
        handPart[task] = NOBODY;
        if (of.people() == 2) {
          handPart[task] = part;
          gives[part] = true;
          handFrom[task] = of.handFrom();
          handTo[task] = of.handTo();
          partMinutes[part] = handTo[task] - handFrom[task];
          taskOf[part++] = task;
        }
        before = of;
        task++;
      }
    }
  }

  private static int kitStays(VisitTask last) {
    return last.asks().kitStays() && last.equipment() != null ? last.equipment().ordinal() : -1;
  }

  /** Pieces of a kind are held from when they are first needed until they are needed no more. */
  private void fillUses(int task, VisitTask of) {
    int[] first = new int[Equipment.values().length];
    int[] last = new int[first.length];
    int at = 0;
    int kinds = 0;
    for (VisitTask part : of.tasks()) {
      if (part.equipment() != null) {
        int kind = part.equipment().ordinal();
        if (last[kind] == 0) {
          first[kind] = at;
          kinds++;
        }
        last[kind] = at + part.minutes();
      }
      at += part.minutes();
    }
    useKind[task] = new int[kinds];
    useFrom[task] = new int[kinds];
    useTo[task] = new int[kinds];
    equipment[task] = -1;
    for (int kind = first.length - 1, i = kinds - 1; kind >= 0; kind--) {
      if (last[kind] > 0) {
        useKind[task][i] = kind;
        useFrom[task][i] = first[kind];
        useTo[task][i--] = last[kind];
        uses[task] |= 1 << kind;
        equipment[task] = kind;
      }
    }
  }

  private void fillPeople() {
    for (int p = 0; p < people; p++) {
      Worker worker = season.workers().get(p);
      for (int task = 0; task < tasks; task++) {
        can[p][task] = worker.skills().containsAll(task(task).skills());
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
    return season.pause().worked(from[person][day], to[person][day]);
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
    return season.pause().end(start, attended);
  }

  /** The first minute from this one on at which work can begin. */
  public int begin(int earliest) {
    return season.pause().begin(earliest);
  }

  /**
   * The first minute from this one on at which a task can begin so that each part of it is done in
   * its hours; {@link Opened#NEVER} when there is none that day.
   */
  public int opens(int task, int day, int earliest) {
    return opened[task] == null ? earliest : opened[task].begin(season.pause(), day, earliest);
  }

  /** Whether it fits into its hours of a day for somebody who comes at this minute. */
  public boolean canOpen(int task, int day, int earliest) {
    return opens(task, day, earliest) != Opened.NEVER;
  }

  /** Which hours it keeps to; empty for none. */
  public Set<Opening> openings(int task) {
    return opened[task] == null ? Set.of() : opened[task].kinds();
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
