package elsko.core.ledger;

import elsko.core.ledger.CircuitState.Content;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Collection;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Follows what stood in the segments of a circuit, and since when. */
final class WaterFold {
  /** What happened longer ago is a winter before the last: nobody reckons with it any more. */
  private static final Duration REMEMBERED = Duration.ofDays(400);

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
      while (spells.peek().to().isBefore(time.at().minus(REMEMBERED))) {
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

  /** The moment a log is judged at: its last entry's, where the rules do not say. */
  Instant asOf(ProofRules rules) {
    return rules.asOf() == null ? time.at() : rules.asOf();
  }

  WaterHistory history() {
    if (known == null) {
      known = new WaterHistory(Map.copyOf(since), openedAt, List.copyOf(spells), found);
    }
    return known;
  }
}
