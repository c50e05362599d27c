package elsko.server.access;

import java.time.Duration;

/** Somebody tried too often: this try is not even looked at. */
public final class TooManyAttempts extends RuntimeException {
  private final transient Duration wait;

  public TooManyAttempts(Duration wait) {
    super(words(wait));
    this.wait = wait;
  }

  /** What is said of it. */
  static String words(Duration wait) {
    return "Too many failed attempts. Wait %d minutes."
        .formatted(Math.max(1, wait.toMinutes() + 1));
  }

  public Duration untilNextTry() {
    return wait;
  }
}
