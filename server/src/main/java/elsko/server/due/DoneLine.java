package elsko.server.due;

import elsko.core.boat.path.Position;
import elsko.core.ledger.engine.ServiceRecord;
import elsko.core.limits.Interval;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A service as it was done.
 *
 * @param engine whose; null for the boat as a whole
 * @param hours of the engine then; null when nobody had read them
 * @param found what was seen while doing it; may be empty
 */
public record DoneLine(
    @Nullable Position engine,
    String item,
    String words,
    Instant at,
    @Nullable Double hours,
    String person,
    String found) {

  static DoneLine of(@Nullable Position engine, Interval interval, ServiceRecord record) {
    return new DoneLine(
        engine,
        interval.key(),
        interval.words(),
        record.at(),
        record.hours(),
        record.person(),
        record.found());
  }
}
