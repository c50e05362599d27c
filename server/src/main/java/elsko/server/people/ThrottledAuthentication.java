package elsko.server.people;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Duration;
import org.springframework.security.authentication.AuthenticationProvider;
import org.springframework.security.authentication.dao.DaoAuthenticationProvider;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/** Checks name and password, by form and by Basic alike, and slows down guessing. */
@Component
class ThrottledAuthentication implements AuthenticationProvider {
  private final DaoAuthenticationProvider passwords;
  private final AttemptThrottle throttle;

  ThrottledAuthentication(Accounts accounts, PasswordEncoder encoder, AttemptThrottle throttle) {
    this.passwords = new DaoAuthenticationProvider(accounts);
    this.passwords.setPasswordEncoder(encoder);
    this.throttle = throttle;
  }

  @Override
  public Authentication authenticate(Authentication attempt) {
    String name = attempt.getName();
    String address = address();
    Duration wait = throttle.waitFor(name, address);
    if (!wait.isZero()) {
      throw new TooManyAttempts(wait);
    }
    try {
      Authentication signedIn = passwords.authenticate(attempt);
      throttle.succeeded(name, address);
      return signedIn;
    } catch (AuthenticationException wrong) {
      throttle.failed(name, address);
      throw wrong;
    }
  }

  @Override
  public boolean supports(Class<?> type) {
    return passwords.supports(type);
  }

  private static String address() {
    if (RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes servlet) {
      HttpServletRequest request = servlet.getRequest();
      return request.getRemoteAddr();
    }
    return "";
  }
}
