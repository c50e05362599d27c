package elsko.server.access;

import elsko.server.people.AccountNow;
import elsko.server.people.AccountsNow;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.security.authentication.AuthenticationProvider;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/** Checks name and password, by form and by Basic alike, and slows down guessing. */
@Component
class ThrottledAuthentication implements AuthenticationProvider {
  private static final int LONGEST = 200;
  private final AccountsNow accounts;
  private final PasswordEncoder encoder;
  private final AttemptThrottle throttle;
  private final KnownDevices devices;

  /** Compared with where there is no such account, so that it takes as long. */
  private volatile @Nullable String nobodys;

  ThrottledAuthentication(
      AccountsNow accounts,
      PasswordEncoder encoder,
      AttemptThrottle throttle,
      KnownDevices devices) {
    this.accounts = accounts;
    this.encoder = encoder;
    this.throttle = throttle;
    this.devices = devices;
  }

  @Override
  public Authentication authenticate(Authentication attempt) {
    Optional<AccountNow> account = accounts.called(attempt.getName());
    String typed =
        attempt.getCredentials() instanceof String text && text.length() <= LONGEST ? text : "";
    String what = account.map(AccountNow::name).orElse(attempt.getName());
    if (!fits(account.orElse(null), what, typed)) {
      throw new BadCredentialsException("Name and password do not fit together.");
    }
    return Account.signedIn(account.orElseThrow());
  }

  /** Whether this is the present password of somebody who is signed in already. */
  boolean isPresentPassword(Account who, @Nullable String typed) {
    AccountNow account = accounts.of(who.id()).orElseThrow();
    return fits(account, account.name(), typed == null || typed.length() > LONGEST ? "" : typed);
  }

  private boolean fits(@Nullable AccountNow account, String what, String typed) {
    HttpServletRequest request = request();
    String address = request == null ? "" : request.getRemoteAddr();
    String device = request == null || account == null ? null : devices.of(request, account.id());
    boolean right =
        throttle.look(
            what,
            address,
            device,
            () -> {
              boolean fits =
                  encoder.matches(typed, account == null ? nobodys() : account.passwordHash());
              return fits && account != null;
            });
    if (right && account != null && encoder.upgradeEncoding(account.passwordHash())) {
      accounts.passwordIsKeptAs(account.id(), encoder.encode(typed));
    }
    return right;
  }

  private String nobodys() {
    String known = nobodys;
    if (known == null) {
      known = encoder.encode("nobody's");
      nobodys = known;
    }
    return known;
  }

  @Override
  public boolean supports(Class<?> type) {
    return UsernamePasswordAuthenticationToken.class.isAssignableFrom(type);
  }

  private static @Nullable HttpServletRequest request() {
    return RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes servlet
        ? servlet.getRequest()
        : null;
  }
}
