package elsko.server.people;

import java.util.UUID;

/**
 * An account as it stands at this moment.
 *
 * @param sessionsSince sessions made under an earlier number are over
 */
public record AccountNow(UUID id, String name, Role role, String passwordHash, int sessionsSince) {
  /** Never told: what is written of it somewhere has no secret in it. */
  @Override
  public String toString() {
    return name;
  }
}
