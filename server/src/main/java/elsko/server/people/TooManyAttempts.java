package elsko.server.people;

import java.time.Duration;
import org.springframework.security.core.AuthenticationException;

/** Too many failed sign-ins: this one is not even looked at. */
class TooManyAttempts extends AuthenticationException {
  private final transient Duration wait;

  TooManyAttempts(Duration wait) {
    super(
        "Too many failed attempts. Wait %d minutes.".formatted(Math.max(1, wait.toMinutes() + 1)));
    this.wait = wait;
  }

  Duration untilNextTry() {
    return wait;
  }
}
