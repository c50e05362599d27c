package elsko.core.ledger;

import java.time.Instant;
import java.util.UUID;

/**
 * Something that has to be done on the boat and is not done yet.
 *
 * @param id of the entry that added it
 */
public record OpenWork(UUID id, String what, String by, Instant at) {}
