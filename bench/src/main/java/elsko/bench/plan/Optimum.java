package elsko.bench.plan;

import elsko.core.plan.model.Season;
import elsko.core.plan.model.Skill;
import elsko.core.plan.model.Visit;
import elsko.core.plan.model.VisitTask;
import elsko.core.plan.model.Worker;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * The least frost loss any plan of a small season can have, by trying everything: which sets of
 * tasks fit into a day in whatever order and by whomever, and then every way of dealing out such
 * sets to the days. For up to 14 tasks. Shares nothing with the planner.
 */
final class Optimum {
  private final Season season;
  private final List<VisitTask> tasks = new ArrayList<>();
  private final List<Integer> visitOf = new ArrayList<>();
  private final List<Boolean> isFirst = new ArrayList<>();
  private final int people;

  private int[] free;
  private int[] place;
  private int[] ends;
  private int[][] pieces;

  private Optimum(Season season) {
    this.season = season;
    people = season.workers().size();
    for (int v = 0; v < season.visits().size(); v++) {
      for (VisitTask task : season.visits().get(v).tasks()) {
        isFirst.add(visitOf.isEmpty() || visitOf.get(visitOf.size() - 1) != v);
        tasks.add(task);
        visitOf.add(v);
      }
    }
  }

  /** In hoses. */
  static double of(Season season) {
    return new Optimum(season).solve();
  }

  private double solve() {
    int all = 1 << tasks.size();
    double[] least = new double[all];
    Arrays.fill(least, Double.POSITIVE_INFINITY);
    least[0] = 0;
    for (int day = 0; day < season.days(); day++) {
      boolean[] fits = fits(day);
      double[] next = least.clone();
      for (int done = 0; done < all; done++) {
        if (least[done] == Double.POSITIVE_INFINITY) {
          continue;
        }
        int open = all - 1 & ~done;
        for (int set = open; set > 0; set = set - 1 & open) {
          if (fits[set] && isInOrder(done, set)) {
            double cost = least[done] + loss(set, day);
            next[done | set] = Math.min(next[done | set], cost);
          }
        }
      }
      least = next;
    }
    double best = Double.POSITIVE_INFINITY;
    for (int done = 0; done < all; done++) {
      if (isWhole(done)) {
        best = Math.min(best, least[done]);
      }
    }
    return best;
  }

  private boolean isWhole(int done) {
    return done == (1 << tasks.size()) - 1;
  }

  /** Each task's forerunner was done before, or is done that day; after a soak that very day. */
  private boolean isInOrder(int done, int set) {
    for (int t = 0; t < tasks.size(); t++) {
      if ((set >> t & 1) == 0 || isFirst.get(t)) {
        continue;
      }
      boolean today = (set >> (t - 1) & 1) == 1;
      boolean before = (done >> (t - 1) & 1) == 1;
      if (!today && (!before || tasks.get(t - 1).soak() != null)) {
        return false;
      }
    }
    return true;
  }

  private double loss(int set, int day) {
    double sum = 0;
    int first = 0;
    for (Visit visit : season.visits()) {
      if (visit.safeAfter() >= 0 && (set >> (first + visit.safeAfter()) & 1) == 1) {
        sum += visit.lossOn(day);
      }
      first += visit.tasks().size();
    }
    return sum;
  }

  private boolean[] fits(int day) {
    boolean[] fits = new boolean[1 << tasks.size()];
    for (int set = 1; set < fits.length; set++) {
      fits[set] = mayFit(set, day) && fewerFit(set, fits) && startTrying(set, day);
    }
    return fits;
  }

  private boolean mayFit(int set, int day) {
    int minutes = 0;
    for (int t = 0; t < tasks.size(); t++) {
      if ((set >> t & 1) == 1) {
        minutes += tasks.get(t).minutes() * tasks.get(t).people();
        if (season.visits().get(visitOf.get(t)).releaseDay() > day) {
          return false;
        }
      }
    }
    int hours = 0;
    for (Worker worker : season.workers()) {
      Worker.Hours each = worker.hours().get(day);
      hours += each == null ? 0 : each.to() - each.from() - pause();
    }
    return minutes <= hours;
  }

  /** What does not fit without its last task does not fit with it. */
  private boolean fewerFit(int set, boolean[] fits) {
    for (int t = 0; t < tasks.size(); t++) {
      boolean goesOn = t + 1 < tasks.size() && !isFirst.get(t + 1) && (set >> (t + 1) & 1) == 1;
      int fewer = set & ~(1 << t);
      if ((set >> t & 1) == 1 && !goesOn && fewer != 0 && !fits[fewer]) {
        return false;
      }
    }
    return true;
  }

  /** Minutes still to be worked against minutes everybody still has. */
  private boolean isHopeless(int left, int day, int notBefore) {
    int minutes = 0;
    for (int t = 0; t < tasks.size(); t++) {
      minutes += (left >> t & 1) == 1 ? tasks.get(t).minutes() * tasks.get(t).people() : 0;
    }
    for (int p = 0; p < people; p++) {
      int from = Math.max(free[p], Math.min(notBefore, closes(p, day)));
      int rest = from < season.pause().from() ? pause() : 0;
      minutes -= Math.max(0, closes(p, day) - from - rest);
    }
    return minutes > 0;
  }

  private int pause() {
    return season.pause().to() - season.pause().from();
  }

  private boolean startTrying(int set, int day) {
    free = new int[people];
    place = new int[people];
    ends = new int[tasks.size()];
    pieces = new int[elsko.core.plan.model.Equipment.values().length][];
    season.equipment().forEach((kind, count) -> pieces[kind.ordinal()] = new int[count]);
    for (int p = 0; p < people; p++) {
      Worker.Hours hours = season.workers().get(p).hours().get(day);
      free[p] = hours == null ? 24 * 60 : hours.from();
    }
    return tryAll(set, set, day, 0, season.liftSlots()[day]);
  }

  /** Every order of beginning, every person: true as soon as one of them ends in time. */
  private boolean tryAll(int set, int left, int day, int notBefore, int lifts) {
    if (left == 0) {
      return true;
    }
    if (isHopeless(left, day, notBefore)) {
      return false;
    }
    for (int t = 0; t < tasks.size(); t++) {
      boolean waits = !isFirst.get(t) && (left >> (t - 1) & 1) == 1;
      if ((left >> t & 1) == 0 || waits) {
        continue;
      }
      for (int p = 0; p < people; p++) {
        if (season.workers().get(p).skills().containsAll(tasks.get(t).skills())) {
          int hands = tasks.get(t).people() == 2 ? people : 1;
          for (int q = 0; q < hands; q++) {
            int hand = hands == 1 ? -1 : q;
            if (hand != p && tryOne(set, left, day, notBefore, lifts, t, p, hand)) {
              return true;
            }
          }
        }
      }
    }
    return false;
  }

  private boolean tryOne(
      int set, int left, int day, int notBefore, int lifts, int t, int p, int hand) {
    VisitTask task = tasks.get(t);
    int here = season.visits().get(visitOf.get(t)).place();
    int earliest = arrives(p, here);
    if (hand >= 0) {
      earliest = Math.max(earliest, arrives(hand, here));
    }
    boolean after = !isFirst.get(t) && (set >> (t - 1) & 1) == 1;
    VisitTask.Soak soak = after ? tasks.get(t - 1).soak() : null;
    if (after) {
      earliest = Math.max(earliest, ends[t - 1] + (soak == null ? 0 : soak.fromMinutes()));
    }
    int piece = -1;
    if (task.equipment() != null) {
      int[] kind = pieces[task.equipment().ordinal()];
      for (int i = 0; kind != null && i < kind.length; i++) {
        piece = piece < 0 || kind[i] < kind[piece] ? i : piece;
      }
      if (piece < 0 || task.skills().contains(Skill.LIFT) && lifts == 0) {
        return false;
      }
      earliest = Math.max(earliest, kind[piece]);
    }
    int start = afterPause(earliest);
    int end = start + task.minutes();
    end += start < season.pause().from() && end > season.pause().from() ? pause() : 0;
    if (start < notBefore
        || end > closes(p, day)
        || hand >= 0 && end > closes(hand, day)
        || soak != null && start - ends[t - 1] > soak.toMinutes()) {
      return false;
    }
    int[] freeBefore = free.clone();
    int[] placeBefore = place.clone();
    int endBefore = ends[t];
    int pieceBefore = piece < 0 ? 0 : pieces[task.equipment().ordinal()][piece];
    go(p, here, end);
    if (hand >= 0) {
      go(hand, here, end);
    }
    ends[t] = end;
    if (piece >= 0) {
      pieces[task.equipment().ordinal()][piece] = end;
    }
    boolean possible =
        tryAll(
            set,
            left & ~(1 << t),
            day,
            start,
            task.skills().contains(Skill.LIFT) ? lifts - 1 : lifts);
    free = freeBefore;
    place = placeBefore;
    ends[t] = endBefore;
    if (piece >= 0) {
      pieces[task.equipment().ordinal()][piece] = pieceBefore;
    }
    return possible;
  }

  private void go(int p, int here, int end) {
    free[p] = end;
    place[p] = here;
  }

  private int arrives(int p, int here) {
    return afterPause(free[p]) + season.walkMinutes()[place[p]][here];
  }

  private int afterPause(int minute) {
    return minute >= season.pause().from() && minute < season.pause().to()
        ? season.pause().to()
        : minute;
  }

  private int closes(int p, int day) {
    Worker.Hours hours = season.workers().get(p).hours().get(day);
    return hours == null ? 0 : hours.to();
  }
}
