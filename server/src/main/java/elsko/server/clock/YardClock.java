package elsko.server.clock;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import org.jspecify.annotations.Nullable;

/**
 * The clock everything goes by, in the yard's time zone: {@code LocalDate.now(clock)} is today
 * where the yard is. The only place that asks the machine what time it is, or where it stands.
 */
public final class YardClock extends Clock {
  private volatile Clock machine;
  private volatile ZoneId zone;

  /** It does not show the machine's time. */
  private final boolean madeUp;

  private YardClock(Clock machine, ZoneId zone, boolean madeUp) {
    this.machine = machine;
    this.zone = zone;
    this.madeUp = madeUp;
  }

  /** The machine's time, in the machine's zone until the yard's is known. */
  public static YardClock ofTheMachine() {
    return new YardClock(Clock.systemUTC(), ZoneId.systemDefault(), false);
  }

  /**
   * Begins at another time than the machine's.
   *
   * @param standsStill it does not go on from there, so that two pictures are the same
   */
  public static YardClock at(LocalDateTime begins, ZoneId zone, boolean standsStill) {
    Instant from = begins.atZone(zone).toInstant();
    Clock goesOn = Clock.systemUTC();
    return new YardClock(
        standsStill
            ? Clock.fixed(from, zone)
            : Clock.offset(goesOn, Duration.between(goesOn.instant(), from)),
        zone,
        true);
  }

  /** From now on the yard stands in this zone. */
  public void movesTo(ZoneId where) {
    zone = where;
  }

  /**
   * A time that was made up does not go back: whoever comes back to the demonstration finds it no
   * earlier than they left it.
   */
  public void isNotBefore(@Nullable Instant moment) {
    Instant now = machine.instant();
    if (madeUp && moment != null && now.isBefore(moment)) {
      machine = Clock.offset(machine, Duration.between(now, moment));
    }
  }

  @Override
  public ZoneId getZone() {
    return zone;
  }

  @Override
  public Clock withZone(ZoneId other) {
    return machine.withZone(other);
  }

  @Override
  public Instant instant() {
    return machine.instant();
  }
}
