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
  }

  public Worker {
    skills = Set.copyOf(skills);
    hours = Collections.unmodifiableList(new ArrayList<>(hours));
  }
}
