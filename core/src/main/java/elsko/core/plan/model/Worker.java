package elsko.core.plan.model;

import elsko.core.Refused;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Set;

/**
 * One person and when they work.
 *
 * @param hours for each day of the season; null on a day off
 */
public record Worker(String name, Set<Skill> skills, List<Hours> hours) {
  /** Minutes after midnight. */
  public record Hours(int from, int to) {
    public Hours {
      Refused.within("hours", from, 0, 24 * 60, "");
      Refused.within("hours", to, from, 24 * 60, "");
    }

    /** As a pause: minutes from one to another in which nobody rests. */
    public int worked(int start, int end) {
      return end - start - Math.max(0, Math.min(end, to) - Math.max(start, from));
    }

    /** As a pause: the first minute from this one on at which work can begin. */
    public int begin(int earliest) {
      return earliest >= from && earliest < to ? to : earliest;
    }

    /** As a pause: when work that begins at this minute ends; what was begun goes on after it. */
    public int end(int start, int attended) {
      int end = start + attended;
      return start < from && end > from ? end + to - from : end;
    }
  }

  public Worker {
    skills = Set.copyOf(skills);
    hours = Collections.unmodifiableList(new ArrayList<>(hours));
  }
}
