package elsko.core.ledger.engine;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * When something that falls due was done last.
 *
 * @param hours of its engine then; null when nobody had read them
 * @param oilChanges of its engine since
 * @param found what was seen while doing it; may be empty
 */
public record ServiceRecord(
    Instant at, @Nullable Double hours, int oilChanges, String person, String found) {
  ServiceRecord afterOilChange() {
    return new ServiceRecord(at, hours, oilChanges + 1, person, found);
  }
}
