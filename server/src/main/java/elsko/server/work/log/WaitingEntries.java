package elsko.server.work.log;

import elsko.core.Refused;
import elsko.core.Text;
import elsko.core.ledger.fact.Fact;
import elsko.server.people.SignedIn;
import elsko.server.problems.Forbidden;
import elsko.server.said.NewEntry;
import elsko.server.said.SaidReader;
import io.micrometer.core.instrument.MeterRegistry;
import io.micrometer.core.instrument.Timer;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/**
 * Takes in what waited on a device without signal. Each entry is judged by itself, in the order it
 * was made, as if it came alone: one that is refused goes back with the reason, those after it are
 * taken all the same.
 */
@Service
public class WaitingEntries {
  private final Log log;
  private final SaidReader facts;
  private final Clock clock;
  private final Timer taking;

  WaitingEntries(Log log, SaidReader facts, Clock clock, MeterRegistry measures) {
    this.log = log;
    this.facts = facts;
    this.clock = clock;
    this.taking =
        Timer.builder("elsko.entries.taken")
            .description("how long it takes until what a device sent is judged and on the disk")
            .publishPercentiles(0.5, 0.95)
            .register(measures);
  }

  public Judged take(UUID boat, List<NewEntry> bodies, Instant sentAt, SignedIn who) {
    Log.checkSize(bodies);
    Instant now = clock.instant().truncatedTo(ChronoUnit.MICROS);
    DeviceClock device = new DeviceClock(now, sentAt);
    // Read before the transaction: a refusal inside it would undo what was taken already.
    List<Read> read = bodies.stream().map(body -> read(body, device)).toList();
    List<Answer> answers = new ArrayList<>();
    Folded folded = taking.record(() -> log.appendEach(boat, read, now, who, answers::add));
    return new Judged(answers, folded);
  }

  private Read read(NewEntry body, DeviceClock device) {
    try {
      Instant happened = device.happened(body.deviceTime());
      return new Read(
          body,
          happened,
          device.afterwards(happened, body.downloadedAt()),
          facts.fact(body, device.standing(happened)),
          null);
    } catch (Refused refused) {
      return new Read(body, null, false, null, refused);
    }
  }

  /** An entry with its fact, or why there can be none. */
  record Read(NewEntry body, Instant happened, boolean afterwards, Fact fact, Refused refused) {}

  /** What became of them, in the order they were sent, and the boat as it stands after them. */
  public record Judged(List<Answer> answers, Folded folded) {}

  /**
   * What became of one entry.
   *
   * @param field what it was refused for, and {@code reason} why; both null when it is kept
   */
  public record Answer(UUID id, @Nullable String field, @Nullable Text reason) {
    static Answer kept(UUID id) {
      return new Answer(id, null, null);
    }

    static Answer refused(UUID id, Refused why) {
      return new Answer(id, why.field(), why.reason());
    }

    static Answer refused(UUID id, Forbidden why) {
      return new Answer(id, "role", Text.of(why.getMessage()));
    }
  }
}
