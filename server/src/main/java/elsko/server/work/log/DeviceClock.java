package elsko.server.work.log;

import elsko.core.Refused;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;

/**
 * Puts right what a device's clock says. A device that was without signal for a day sends entries
 * that happened then; how far its clock is off is seen from when it says that it sends them.
 */
final class DeviceClock {
  /** A device that does not say when it sends may be ahead by this much. */
  private static final Duration AHEAD = Duration.ofHours(24);

  /** An entry of a device that does not say when it saw the boat last may be so old. */
  private static final Duration WITHOUT_SIGNAL = Duration.ofHours(24);

  private static final Duration AGE = Duration.ofDays(3653);

  /** Less than this is the way over the wire. */
  private static final Duration TOLERANCE = Duration.ofSeconds(5);

  private final Instant now;
  private final Duration ahead;

  /**
   * @param now when the entries arrived
   * @param sentAt when the device says it sent them; null when it does not say
   */
  DeviceClock(Instant now, Instant sentAt) {
    this.now = now;
    checkAge("sentAt", now, sentAt);
    Duration off = sentAt == null ? Duration.ZERO : Duration.between(now, sentAt);
    this.ahead = off.abs().compareTo(TOLERANCE) > 0 ? off : Duration.ZERO;
  }

  /** A clock that was never set may say anything; what is of another age is no time of work. */
  private static void checkAge(String field, Instant now, Instant said) {
    if (said != null && (said.isBefore(now.minus(AGE)) || said.isAfter(now.plus(AGE)))) {
      throw Refused.value(field, "That is more than ten years away. Set the device's clock.");
    }
  }

  /** When an entry happened. Refuses what is missing, and what a day lies ahead. */
  Instant happened(Instant deviceTime) {
    if (deviceTime == null) {
      throw Refused.value("deviceTime", "It is missing.");
    }
    checkAge("deviceTime", now, deviceTime);
    Instant at = deviceTime.minus(ahead);
    if (at.isAfter(now.plus(AHEAD))) {
      throw Refused.value("deviceTime", "The device's clock is more than a day ahead.");
    }
    return at.truncatedTo(ChronoUnit.MICROS);
  }

  /**
   * Whether an entry is said to have happened before its device last saw the boat; or, where that
   * is not said, so long ago that nobody works that long without signal.
   */
  boolean afterwards(Instant happened, Instant downloadedAt) {
    checkAge("downloadedAt", now, downloadedAt);
    return downloadedAt == null
        ? happened.isBefore(now.minus(WITHOUT_SIGNAL))
        : happened.isBefore(downloadedAt.minus(ahead).minus(TOLERANCE));
  }

  /** By which an instrument stood at an entry: when it happened, but never later than now. */
  Instant standing(Instant happened) {
    return happened.isAfter(now) ? now : happened;
  }
}
