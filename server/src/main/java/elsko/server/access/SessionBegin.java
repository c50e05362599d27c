package elsko.server.access;

import elsko.server.people.AccountsNow;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.UUID;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.stereotype.Component;

/** Begins a session under a new id, whatever was there before. */
@Component
class SessionBegin {
  private final HttpSessionSecurityContextRepository contexts =
      new HttpSessionSecurityContextRepository();
  private final CookieCsrfTokenRepository csrfTokens;
  private final KnownDevices devices;
  private final Sessions sessions;
  private final AccountsNow accounts;

  SessionBegin(
      CookieCsrfTokenRepository csrfTokens,
      KnownDevices devices,
      Sessions sessions,
      AccountsNow accounts) {
    this.csrfTokens = csrfTokens;
    this.devices = devices;
    this.sessions = sessions;
    this.accounts = accounts;
  }

  void as(Authentication who, HttpServletRequest request, HttpServletResponse response) {
    var before = request.getSession(false);
    if (before != null) {
      before.invalidate();
    }
    save(who, request, response);
    sessions.begun(request, Account.of(who).id());
    devices.signedIn(request, response, Account.of(who).id());
  }

  /** One's own session after a change of password: of the account as it is now. */
  void goesOn(UUID person, HttpServletRequest request, HttpServletResponse response) {
    request.changeSessionId();
    accounts.of(person).map(Account::signedIn).ifPresent(who -> save(who, request, response));
  }

  private void save(Authentication who, HttpServletRequest request, HttpServletResponse response) {
    SecurityContext context = SecurityContextHolder.createEmptyContext();
    context.setAuthentication(who);
    SecurityContextHolder.setContext(context);
    contexts.saveContext(context, request, response);
    csrfTokens.saveToken(csrfTokens.generateToken(request), request, response);
  }
}
