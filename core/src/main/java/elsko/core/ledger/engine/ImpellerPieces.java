package elsko.core.ledger.engine;

import elsko.core.boat.path.Position;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;

/**
 * Follows through the log the pieces each impeller has lost, until they are found. A new impeller
 * is whole, but what the old one lost is still in there.
 */
public final class ImpellerPieces {
  private final Map<Position, Integer> lostByOthers = new EnumMap<>(Position.class);
  private final Map<Position, Integer> lostByThisOne = new EnumMap<>(Position.class);
  private final Map<Position, Integer> found = new EnumMap<>(Position.class);

  /** Looked at twice, an impeller has not lost its vanes twice. */
  public void counted(Position engine, double vanes, double shouldHave) {
    lostByThisOne.merge(engine, (int) Math.max(0, shouldHave - vanes), Math::max);
  }

  public void replaced(Position engine) {
    Integer lost = lostByThisOne.remove(engine);
    if (lost != null) {
      lostByOthers.merge(engine, lost, Integer::sum);
    }
  }

  public void found(Position engine, int count) {
    found.merge(engine, count, Integer::sum);
  }

  /** How many are still in there, for each engine that misses some. */
  public Map<Position, Integer> missing() {
    Map<Position, Integer> missing = new EnumMap<>(Position.class);
    for (Position engine : Position.values()) {
      int left =
          lostByOthers.getOrDefault(engine, 0)
              + lostByThisOne.getOrDefault(engine, 0)
              - found.getOrDefault(engine, 0);
      if (left > 0) {
        missing.put(engine, left);
      }
    }
    return Collections.unmodifiableMap(missing);
  }
}
