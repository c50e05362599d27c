package elsko.core.ledger;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** A log as it stands after its corrections: each replacement in the place of what it replaced. */
public final class Corrections {
  private Corrections() {}

  /** The entries that stand, oldest first; what was taken back is not among them. */
  public static List<Entry> applied(List<Entry> log) {
    Map<UUID, Entry> replacedBy = new HashMap<>();
    for (Entry entry : log) {
      if (entry.corrects() != null) {
        replacedBy.put(entry.corrects(), entry);
      }
    }
    if (replacedBy.isEmpty()) {
      return log;
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
      if (!(latest.fact() instanceof Fact.Withdrawn)) {
        standing.add(latest);
      }
    }
    return standing;
  }
}
