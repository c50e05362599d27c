package elsko.core.ledger.fact;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * A log as it stands: in the order in which things happened, whenever they came in, and after its
 * corrections, each in the place of what it replaced.
 */
public final class Corrections {
  private Corrections() {}

  /**
   * The entries that stand, in the order in which they happened; what was taken back is not among
   * them.
   *
   * @param kept in the order they came in
   */
  public static List<Entry> applied(List<Entry> kept) {
    boolean inOrder = true;
    Map<UUID, Entry> replacedBy = new HashMap<>();
    Instant last = Instant.MIN;
    for (Entry entry : kept) {
      Instant happened = entry.happened();
      inOrder &= !happened.isBefore(last);
      last = happened;
      if (entry.corrects() != null) {
        replacedBy.put(entry.corrects(), entry);
      }
    }
    List<Entry> log = inOrder ? kept : asItHappened(kept);
    if (replacedBy.isEmpty()) {
      return log;
    }
    if (!inOrder) {
      log.stream()
          .filter(entry -> entry.corrects() != null)
          .forEach(entry -> replacedBy.put(entry.corrects(), entry));
    }
    List<Entry> standing = new ArrayList<>(log.size());
    for (Entry entry : log) {
      if (entry.corrects() != null) {
        continue;
      }
      Entry latest = entry;
      while (replacedBy.containsKey(latest.id())) {
        latest = replacedBy.get(latest.id());
      }
      if (!latest.fact().is(Fact.Withdrawn.class)) {
        standing.add(latest == entry ? entry : latest.inPlaceOf(entry));
      }
    }
    return standing;
  }

  /** Of those that happened at once the one that came in first is first. */
  private static List<Entry> asItHappened(List<Entry> kept) {
    List<Entry> sorted = new ArrayList<>(kept);
    sorted.sort(Comparator.comparing(Entry::happened));
    return sorted;
  }
}
