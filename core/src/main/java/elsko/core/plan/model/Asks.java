package elsko.core.plan.model;

import java.util.EnumSet;
import java.util.Set;

/**
 * What a task asks for beside people, skills and equipment.
 *
 * @param openings the hours it keeps to, all of them
 * @param kitStays whether what it occupies stays on the boat while it soaks, for the next task
 */
public record Asks(Set<Opening> openings, boolean kitStays) {
  public static final Asks NOTHING = new Asks(Set.of(), false);

  public Asks {
    openings = openings.isEmpty() ? Set.of() : Set.copyOf(EnumSet.copyOf(openings));
  }

  public static Asks of(Opening... openings) {
    return new Asks(Set.of(openings), false);
  }

  /** These hours too. */
  public Asks and(Opening opening) {
    Set<Opening> all = EnumSet.of(opening);
    all.addAll(openings);
    return new Asks(all, kitStays);
  }

  /** Without these hours: there is nothing it would wait for. */
  public Asks without(Opening opening) {
    Set<Opening> all = EnumSet.noneOf(Opening.class);
    all.addAll(openings);
    all.remove(opening);
    return new Asks(all, kitStays);
  }

  /** What it occupies stays on the boat while it soaks. */
  public Asks staying() {
    return new Asks(openings, true);
  }
}
