package elsko.server.castoff;

import elsko.core.Refused;
import elsko.core.boat.path.Position;
import elsko.core.guide.Complaint;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Trouble;
import java.time.Instant;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What happened on a trip or over a season: {@code hours} it ran until it came back, the trouble of
 * an engine, or a complaint.
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
    @Nullable Trouble trouble,
    @Nullable Complaint complaint) {
  Fact fact() {
    long said = Stream.of(hours, trouble, complaint).filter(Objects::nonNull).count();
    if (said != 1) {
      throw Refused.value(
          "hours", "Say how long it ran, what an engine went through, or what you complain of.");
    }
    if (complaint != null) {
      return new Fact.Complained(engine, complaint);
    }
    return hours != null ? new Fact.CameBack(hours) : new Fact.EngineTroubled(engine, trouble);
  }
}
