package elsko.core.plan.model;

import elsko.core.Refused;
import org.jspecify.annotations.Nullable;

/**
 * One piece of work in a visit.
 *
 * @param key unique within its visit, stable
 * @param minutes attended
 * @param people 1 or 2; the second gives a hand and needs no skill
 * @param equipment what it occupies while it is done, or null
 * @param soak how long the next task must wait after it, and may at most; null when it may follow
 *     at once and as late as it likes
 */
public record VisitTask(
    String key,
    String title,
    int minutes,
    int people,
    Skill skill,
    @Nullable Equipment equipment,
    @Nullable Soak soak) {

  /** From so many minutes to so many, on the same day. */
  public record Soak(int fromMinutes, int toMinutes) {
    /** A soak stays within a working day: minutes never reach over a night. */
    public static final int LONGEST = 8 * 60;

    public Soak {
      Refused.within("soak", fromMinutes, 0, LONGEST, " min");
      Refused.within("soak", toMinutes, fromMinutes, LONGEST, " min");
    }
  }

  public VisitTask {
    Refused.within("minutes", minutes, 1, 600, " min");
    Refused.within("people", people, 1, 2, "");
  }
}
