package elsko.server.access;

import org.springframework.security.core.AuthenticationException;

/** The same, as whoever checks passwords has to say it. */
final class TooMany extends AuthenticationException {
  private final transient TooManyAttempts why;

  TooMany(TooManyAttempts why) {
    super(why.getMessage(), why);
    this.why = why;
  }

  TooManyAttempts why() {
    return why;
  }
}
