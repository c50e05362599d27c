package elsko.core.ledger.engine;

import elsko.core.boat.path.Position;
import java.time.Instant;
import java.util.List;
import java.util.Map;

/**
 * What a boat's log says of all that falls due.
 *
 * @param done when each was done, oldest first
 * @param atOnce what is due before its date
 * @param planned what somebody wants done on the next visit, with who said so
 * @param hours what each engine has run
 * @param descaled when each segment was last reached by a descaler, by circuit and segment key
 */
public record ServiceRecords(
    Map<Due, List<ServiceRecord>> done,
    Map<Due, DueAtOnce> atOnce,
    Map<Due, Planned> planned,
    Map<Position, EngineHours> hours,
    Map<String, Map<String, Instant>> descaled) {
  public static final ServiceRecords NONE =
      new ServiceRecords(Map.of(), Map.of(), Map.of(), Map.of(), Map.of());

  /** Somebody wants it done on the next visit. */
  public record Planned(String person, Instant at) {}

  /** When it was done last, or null. */
  public ServiceRecord last(Due due) {
    List<ServiceRecord> all = done.getOrDefault(due, List.of());
    return all.isEmpty() ? null : all.get(all.size() - 1);
  }
}
