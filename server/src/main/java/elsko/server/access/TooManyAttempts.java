package elsko.server.access;

import java.time.Duration;
import org.springframework.security.core.AuthenticationException;

/** Somebody tried too often: this try is not even looked at. */
public final class TooManyAttempts extends AuthenticationException {
  private final transient Duration wait;

  public TooManyAttempts(Duration wait) {
    super(words(wait));
    this.wait = wait;
  }

  private static String words(Duration wait) {
    return "Too many failed attempts. Wait %d minutes."
        .formatted(Math.max(1, wait.toMinutes() + 1));
  }

  String words() {
    return words(wait);
  }

  Duration untilNextTry() {
    return wait;
  }

  /** As the header says it: whole seconds, and over by then. */
  String retryAfter() {
    return Long.toString(wait.toSeconds() + 1);
  }
}
