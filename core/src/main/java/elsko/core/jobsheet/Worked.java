package elsko.core.jobsheet;

import elsko.core.ledger.fact.Entry;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * How long people were at a boat by what they entered: the time from one entry to the next of the
 * same person. A longer pause was a soak, another boat or a meal, and is not counted.
 */
final class Worked {
  /** Estimate. */
  static final Duration LONGEST_PAUSE = Duration.ofMinutes(30);

  /** Somebody's work on one card. */
  record OnCard(UUID card, String person) {}

  /** Minutes and when they ended. */
  record Time(Duration worked, Instant until) {
    Time and(Duration more, Instant at) {
      return new Time(worked.plus(more), at);
    }
  }

  private Worked() {}

  /**
   * Each card's time by person, in the order it was begun.
   *
   * @param log as it stands, in the order it happened
   */
  static Map<OnCard, Time> of(List<Entry> log) {
    Map<OnCard, Time> all = new LinkedHashMap<>();
    Map<String, Instant> last = new HashMap<>();
    for (Entry entry : log) {
      Instant at = entry.deviceTime();
      Instant before = last.put(entry.person(), at);
      if (entry.card() == null) {
        continue;
      }
      OnCard on = new OnCard(entry.card(), entry.person());
      Duration since = before == null ? Duration.ZERO : Duration.between(before, at);
      boolean counts = !since.isNegative() && since.compareTo(LONGEST_PAUSE) <= 0;
      all.putIfAbsent(on, new Time(Duration.ZERO, at));
      all.computeIfPresent(on, (key, time) -> time.and(counts ? since : Duration.ZERO, at));
    }
    return all;
  }
}
