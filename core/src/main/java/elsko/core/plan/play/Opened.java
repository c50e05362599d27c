package elsko.core.plan.play;

import elsko.core.plan.model.Asks;
import elsko.core.plan.model.Opening;
import elsko.core.plan.model.Openings;
import elsko.core.plan.model.VisitTask;
import elsko.core.plan.model.Worker;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** The hours that the parts of one task keep to, as plain numbers. */
final class Opened {
  static final int NEVER = Integer.MAX_VALUE;

  /** From a minute of the task's work to one, within hours by day: from, to, from, to … */
  private record Part(Opening kind, int from, int to, int[][] hours) {}

  private final List<Part> parts;

  private Opened(List<Part> parts) {
    this.parts = parts;
  }

  /** Null where nothing of the task keeps to hours that are said. */
  static @Nullable Opened of(Openings openings, VisitTask task, int days) {
    List<Part> parts = new ArrayList<>();
    int at = 0;
    for (VisitTask part : task.tasks()) {
      Asks asks = part.asks();
      for (Opening kind : asks.openings()) {
        if (openings.byDay().containsKey(kind)) {
          parts.add(new Part(kind, at, at + part.minutes(), hours(openings, kind, days)));
        }
      }
      at += part.minutes();
    }
    return parts.isEmpty() ? null : new Opened(parts);
  }

  private static int[][] hours(Openings openings, Opening kind, int days) {
    int[][] hours = new int[days][];
    for (int day = 0; day < days; day++) {
      List<Worker.Hours> on = openings.on(kind, day);
      hours[day] = on.stream().flatMapToInt(h -> IntStream.of(h.from(), h.to())).toArray();
    }
    return hours;
  }

  Set<Opening> kinds() {
    Set<Opening> kinds = EnumSet.noneOf(Opening.class);
    parts.forEach(part -> kinds.add(part.kind));
    return kinds;
  }

  /** Waits until every part is in its hours; each wait may bring another out of its own. */
  int begin(Worker.Hours pause, int day, int earliest) {
    int begin = earliest;
    boolean waited = true;
    while (waited) {
      waited = false;
      for (Part part : parts) {
        int wait = wait(pause, part, day, begin);
        if (wait == NEVER) {
          return NEVER;
        }
        if (wait > 0) {
          begin = pause.begin(begin + wait);
          waited = true;
        }
      }
    }
    return begin;
  }

  private static int wait(Worker.Hours pause, Part part, int day, int begin) {
    // What begins when the pause does begins after it.
    int from = pause.begin(pause.end(begin, part.from));
    int to = part.kind.isForAllOfIt() ? pause.end(begin, part.to) : from + 1;
    int[] hours = part.hours[day];
    for (int i = 0; i < hours.length; i += 2) {
      if (from < hours[i]) {
        return hours[i] - from;
      }
      if (to <= hours[i + 1]) {
        return 0;
      }
    }
    return NEVER;
  }
}
