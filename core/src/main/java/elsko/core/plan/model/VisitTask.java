package elsko.core.plan.model;

import elsko.core.Refused;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * One piece of work in a visit.
 *
 * @param key unique within its visit, stable
 * @param minutes attended
 * @param people 1 or 2; the second gives a hand and needs no skill
 * @param skills all of which whoever leads it must have
 * @param equipment what it occupies while it is done, or null
 * @param soak how long the next task must wait after it, and may at most; null when it may follow
 *     at once and as late as it likes
 * @param parts the tasks it is made of, done one after another without a break by the same people;
 *     empty for one that is a task itself
 * @param twoForAllOfIt whether a second person stays from its beginning to its end; else from the
 *     first part that wants two to the last
 * @param asks the hours it keeps to, and whether its kit stays; of one made of others nothing
 */
public record VisitTask(
    String key,
    String title,
    int minutes,
    int people,
    Set<Skill> skills,
    @Nullable Equipment equipment,
    @Nullable Soak soak,
    List<VisitTask> parts,
    boolean twoForAllOfIt,
    Asks asks) {

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
    skills = skills.isEmpty() ? Set.of() : Set.copyOf(EnumSet.copyOf(skills));
    parts = List.copyOf(parts);
  }

  /** A task that is not made of others. */
  public VisitTask(
      String key,
      String title,
      int minutes,
      int people,
      Set<Skill> skills,
      @Nullable Equipment equipment,
      @Nullable Soak soak) {
    this(key, title, minutes, people, skills, equipment, soak, List.of(), true, Asks.NOTHING);
  }

  /** One that asks for a single skill. */
  public VisitTask(
      String key,
      String title,
      int minutes,
      int people,
      Skill skill,
      @Nullable Equipment equipment,
      @Nullable Soak soak) {
    this(key, title, minutes, people, Set.of(skill), equipment, soak);
  }

  /** The same, in other minutes. */
  public VisitTask lasting(int other) {
    return new VisitTask(
        key, title, other, people, skills, equipment, soak, parts, twoForAllOfIt, asks);
  }

  /** The same made of other parts, as long as those are together. */
  public VisitTask madeOf(List<VisitTask> others) {
    int together = others.stream().mapToInt(VisitTask::minutes).sum();
    return new VisitTask(
        key,
        title,
        Math.min(600, together),
        people,
        skills,
        equipment,
        soak,
        others,
        twoForAllOfIt,
        asks);
  }

  /** The same, asking for something else. */
  public VisitTask asking(Asks other) {
    return new VisitTask(
        key, title, minutes, people, skills, equipment, soak, parts, twoForAllOfIt, other);
  }

  /** Itself, or what it is made of. */
  public List<VisitTask> tasks() {
    return parts.isEmpty() ? List.of(this) : parts;
  }

  /** From which of its minutes on a second person is there. */
  public int handFrom() {
    if (twoForAllOfIt || parts.isEmpty()) {
      return 0;
    }
    int at = 0;
    for (VisitTask part : parts) {
      if (part.people() == 2) {
        return at;
      }
      at += part.minutes();
    }
    return 0;
  }

  /** Until which of its minutes a second person is there; 0 where nobody is. */
  public int handTo() {
    if (people < 2) {
      return 0;
    }
    if (twoForAllOfIt || parts.isEmpty()) {
      return minutes;
    }
    int at = 0;
    int last = 0;
    for (VisitTask part : parts) {
      at += part.minutes();
      last = part.people() == 2 ? at : last;
    }
    return last;
  }

  /** Whether people leave the boat after it and come back: something soaks meanwhile. */
  public boolean isLeftToSoak() {
    return soak != null && soak.fromMinutes() > 0;
  }
}
