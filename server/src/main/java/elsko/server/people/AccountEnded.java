package elsko.server.people;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Whatever somebody has open is over: they were locked, removed, given another role or a new code,
 * or their password was changed.
 *
 * @param but the one session that goes on: it changed the password itself
 * @param devicesToo whether the devices they were known on are forgotten
 */
public record AccountEnded(UUID person, String name, @Nullable String but, boolean devicesToo) {}
