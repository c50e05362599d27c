package elsko.server.live;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Something open screens may be showing has changed.
 *
 * @param what boat, yard, bench, weather, plan or what takes long
 * @param boat which boat, or null
 * @param entries how many entries its log has then; null where it is not the log that changed
 */
public record Changed(What what, @Nullable UUID boat, @Nullable Integer entries) {
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
    return new Changed(What.BOAT, id, null);
  }

  /** A boat whose log has so many entries now. */
  public static Changed log(UUID boat, int entries) {
    return new Changed(What.BOAT, boat, entries);
  }

  public static Changed yard() {
    return new Changed(What.YARD, null, null);
  }

  public static Changed bench() {
    return new Changed(What.BENCH, null, null);
  }

  public static Changed weather() {
    return new Changed(What.WEATHER, null, null);
  }

  public static Changed plan() {
    return new Changed(What.PLAN, null, null);
  }

  public static Changed jobs() {
    return new Changed(What.JOBS, null, null);
  }
}
