package elsko.core.ledger;

import elsko.core.boat.path.Position;
import elsko.core.guide.Complaint;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What an owner complained of, and whether it is settled.
 *
 * @param id of the entry that said it
 * @param engine whose; null for the boat
 * @param settledAt when somebody said it is done; null while it stands
 */
public record ComplaintStanding(
    UUID id,
    @Nullable Position engine,
    Complaint complaint,
    String by,
    Instant at,
    @Nullable Instant settledAt) {
  public boolean isOpen() {
    return settledAt == null;
  }

  ComplaintStanding settled(Instant when) {
    return new ComplaintStanding(id, engine, complaint, by, at, when);
  }
}
