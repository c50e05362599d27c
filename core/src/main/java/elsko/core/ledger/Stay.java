package elsko.core.ledger;

import elsko.core.boat.path.FittingState;
import java.time.Instant;
import java.util.UUID;

/**
 * Where a boat stood and how it was covered, from then until the next.
 *
 * @param berth null while it has none
 * @param cover how its cover stands; null where it has none
 */
public record Stay(Instant from, UUID berth, boolean afloat, FittingState cover) {}
