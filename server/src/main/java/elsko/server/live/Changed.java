package elsko.server.live;

import java.util.UUID;

/**
 * Something open screens may be showing has changed.
 *
 * @param what boat, yard, bench, weather, plan or what takes long
 * @param boat which boat, or null
 */
public record Changed(What what, UUID boat) {
  /** What kind of thing. */
  public enum What {
    BOAT,
    YARD,
    BENCH,
    WEATHER,
    PLAN,
    JOBS
  }

  public static Changed boat(UUID id) {
    return new Changed(What.BOAT, id);
  }

  public static Changed yard() {
    return new Changed(What.YARD, null);
  }

  public static Changed bench() {
    return new Changed(What.BENCH, null);
  }

  public static Changed weather() {
    return new Changed(What.WEATHER, null);
  }

  public static Changed plan() {
    return new Changed(What.PLAN, null);
  }

  public static Changed jobs() {
    return new Changed(What.JOBS, null);
  }
}
