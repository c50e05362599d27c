package elsko.core.procedure.card;

import elsko.core.boat.path.Position;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;

/**
 * A clock that runs for a step. It is never stored: it follows from what was entered, so that it is
 * the same on every device and after every restart.
 *
 * @param engine which one it is about; null when it is about none
 * @param startedAt when what it counts began
 * @param atLeast how long that lasts at least; null when only the end matters
 * @param atMost how long at most
 * @param whenDue said once the least is reached
 * @param whenOver said once the most is passed
 */
public record StepTimer(
    Kind kind,
    UUID card,
    String step,
    String title,
    Position engine,
    Instant startedAt,
    Duration atLeast,
    Duration atMost,
    String whenDue,
    String whenOver) {

  /** The part of the most that is left when it warns, */
  private static final int WARNS_AT_PART = 12;

  /** but never longer than this before the end, */
  private static final Duration WARNS_AT_MOST = Duration.ofMinutes(15);

  /** nor shorter. */
  private static final Duration WARNS_AT_LEAST = Duration.ofSeconds(10);

  /** What it counts. */
  public enum Kind {
    /** From the start until water has to be seen at the exhaust. */
    WATER,
    /** The engine runs. */
    RUN,
    /** What feeds it by hand runs out. */
    FEED,
    /** The boat is occupied, nobody is needed. */
    SOAK,
    /** A step has to follow another closely. */
    WITHIN,
    /** The starter rests. */
    REST
  }

  /** How it stands. */
  public enum Standing {
    /** The least is not reached. */
    RUNNING,
    /** Somebody may go on. */
    DUE,
    /** The most comes close. */
    SOON_OVER,
    OVER
  }

  /** When somebody may go on; the start itself where only the end matters. */
  public Instant dueAt() {
    return atLeast == null ? startedAt : startedAt.plus(atLeast);
  }

  /** When it warns that the end comes close, never before the least is reached. */
  public Instant alarmAt() {
    return kind == Kind.FEED
        ? dueAt()
        : startedAt.plus(alarmAfter(atLeast == null ? Duration.ZERO : atLeast, atMost));
  }

  /** How long after the start it warns. */
  public static Duration alarmAfter(Duration atLeast, Duration atMost) {
    Duration ahead = atMost.dividedBy(WARNS_AT_PART);
    if (ahead.compareTo(WARNS_AT_MOST) > 0) {
      ahead = WARNS_AT_MOST;
    }
    if (ahead.compareTo(WARNS_AT_LEAST) < 0) {
      ahead = WARNS_AT_LEAST;
    }
    Duration alarm = atMost.minus(ahead);
    return alarm.compareTo(atLeast) < 0 ? atLeast : alarm;
  }

  public Instant overAt() {
    return startedAt.plus(atMost);
  }

  public Standing standing(Instant now) {
    if (!now.isBefore(overAt())) {
      return Standing.OVER;
    }
    if (!now.isBefore(alarmAt())) {
      return Standing.SOON_OVER;
    }
    return atLeast != null && now.isBefore(dueAt()) ? Standing.RUNNING : Standing.DUE;
  }
}
