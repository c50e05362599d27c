package elsko.server.people;

import elsko.core.Units;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * An account as it stands at this moment.
 *
 * @param units in which they read, where they chose; null: the yard's
 * @param sessionsSince sessions made under an earlier number are over
 */
public record AccountNow(
    UUID id,
    String name,
    Role role,
    String passwordHash,
    int sessionsSince,
    @Nullable Units units) {
  /** Never told: what is written of it somewhere has no secret in it. */
  @Override
  public String toString() {
    return name;
  }
}
