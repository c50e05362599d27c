package elsko.core.ledger.engine;

import elsko.core.boat.path.Position;
import elsko.core.limits.Interval;
import java.util.Comparator;

/**
 * A thing that falls due, on one engine or on the boat as a whole.
 *
 * @param engine whose; null for the boat as a whole
 */
public record Due(Position engine, Interval interval) implements Comparable<Due> {
  private static final Comparator<Due> IN_ORDER =
      Comparator.comparing((Due due) -> due.engine == null ? "boat" : due.engine.name())
          .thenComparing(due -> due.interval.key());

  @Override
  public int compareTo(Due other) {
    return IN_ORDER.compare(this, other);
  }
}
