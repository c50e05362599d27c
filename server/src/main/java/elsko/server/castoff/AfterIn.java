package elsko.server.castoff;

import elsko.core.Refused;
import elsko.core.boat.Position;
import elsko.core.ledger.Fact;
import elsko.core.ledger.Trouble;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What happened on a trip: either {@code hours} it ran until it came back, or the trouble of an
 * engine.
 *
 * @param id made by the sender, so that sending again keeps nothing new
 * @param sentAt now, by the clock of the device; may be left out
 */
record AfterIn(
    UUID id,
    Instant deviceTime,
    @Nullable Instant sentAt,
    @Nullable Double hours,
    @Nullable Position engine,
    @Nullable Trouble trouble) {
  Fact fact() {
    if ((hours == null) == (trouble == null)) {
      throw Refused.value("hours", "Say how long it ran, or what an engine went through.");
    }
    return hours != null ? new Fact.CameBack(hours) : new Fact.EngineTroubled(engine, trouble);
  }
}
