package elsko.core.ledger.circuit;

import elsko.core.ledger.circuit.CircuitState.Content;
import elsko.core.ledger.fact.FrostFinding;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Collection;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Follows what stood in the segments of a circuit, and since when. */
final class WaterFold {
  /** More spells than that since anybody looked are of winters before the last. */
  private static final int MOST_SPELLS = 300;

  private final LogTime time;
  private final Map<String, Instant> since = new HashMap<>();
  private final Deque<WaterHistory.Spell> spells = new ArrayDeque<>();
  private Instant openedAt;
  private FrostFinding found;

  /** As it was asked for last; null once something changed. */
  private WaterHistory known;

  WaterFold(LogTime time) {
    this.time = time;
  }

  /** Water on water is not told apart: it went on standing there. */
  void turned(String segment, Content before, Content after) {
    if (before == after && after != Content.ANTIFREEZE) {
      return;
    }
    known = null;
    if (before == Content.WATER) {
      spells.add(new WaterHistory.Spell(segment, since.get(segment), time.at()));
      if (spells.size() > MOST_SPELLS) {
        spells.remove();
      }
    }
    since.put(segment, time.at());
  }

  void filled() {
    known = null;
    openedAt = null;
  }

  void opened() {
    known = null;
    openedAt = time.at();
  }

  /** Whatever was feared is known now; what stands there still may break from now on. */
  void looked(FrostFinding now, Collection<String> segments) {
    known = null;
    found = now;
    spells.clear();
    segments.forEach(segment -> since.put(segment, time.at()));
  }

  WaterHistory history() {
    if (known == null) {
      known = new WaterHistory(Map.copyOf(since), openedAt, List.copyOf(spells), found);
    }
    return known;
  }
}
