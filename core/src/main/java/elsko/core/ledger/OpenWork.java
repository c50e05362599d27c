package elsko.core.ledger;

import java.time.Instant;
import java.util.UUID;

/**
 * Something that has to be done on the boat and is not done yet.
 *
 * @param id of the entry that added it
 * @param urgent something is wrong: a coordinator is told until it is done
 */
public record OpenWork(UUID id, String what, String by, Instant at, boolean urgent) {}
