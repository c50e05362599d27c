package elsko.core.ledger;

import elsko.core.boat.path.Position;
import elsko.core.guide.Complaint;
import elsko.core.ledger.fact.Entry;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Follows through the log what owners complained of. "Nothing" is asked and answered, and ends
 * there.
 */
final class ComplaintsFold {
  private final Map<UUID, ComplaintStanding> all = new LinkedHashMap<>();

  void complained(@Nullable Position engine, Complaint complaint, Entry entry) {
    if (complaint != Complaint.NOTHING) {
      all.put(
          entry.id(),
          new ComplaintStanding(
              entry.id(), engine, complaint, entry.person(), entry.deviceTime(), null));
    }
  }

  /** What was said to be done; other work than a complaint is none of this. */
  void done(UUID work, Instant at) {
    all.computeIfPresent(work, (id, standing) -> standing.settled(at));
  }

  List<ComplaintStanding> all() {
    return List.copyOf(all.values());
  }
}
