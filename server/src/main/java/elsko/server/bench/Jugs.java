package elsko.server.bench;

import elsko.core.fluid.Instrument;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Jugs read once at the bench, for every boat their lot went into. */
@Component
class Jugs {
  private static final Duration COUNTS_FOR = Duration.ofHours((long) Instrument.ZERO_CHECK_HOURS);

  private final JugReadingRepository rows;
  private final Clock clock;

  Jugs(JugReadingRepository rows, Clock clock) {
    this.rows = rows;
    this.clock = clock;
  }

  void read(LotRow lot, InstrumentRow instrument, double reading, String person) {
    rows.save(new JugReadingRow(lot.id(), instrument.id(), reading, person, clock.instant()));
  }

  /** The readings that count now, the newest of each lot with each instrument. */
  List<JugView> views(Map<UUID, String> lotNumbers) {
    Map<String, JugView> newest = new HashMap<>();
    for (JugReadingRow row :
        rows.findByReadAtAfterOrderByReadAtDesc(clock.instant().minus(COUNTS_FOR))) {
      newest.putIfAbsent(
          row.lotId() + " " + row.instrumentId(),
          new JugView(
              lotNumbers.get(row.lotId()),
              row.instrumentId(),
              row.reading(),
              row.person(),
              row.readAt()));
    }
    return List.copyOf(newest.values());
  }

  /** What a lot's jug read with an instrument. */
  public record JugView(String lot, UUID instrument, double reading, String person, Instant at) {}

  /** A jug that was read. */
  public record NewJug(@Nullable String lot, @Nullable UUID instrument, @Nullable Double reading) {}
}
