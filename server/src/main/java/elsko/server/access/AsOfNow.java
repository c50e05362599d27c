package elsko.server.access;

import elsko.server.people.AccountNow;
import elsko.server.people.AccountsNow;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * A session says who somebody is, not what they may do: that is read at each request. A session of
 * before somebody was locked, removed or given another role or password is over, however it is that
 * it is still there.
 */
final class AsOfNow extends OncePerRequestFilter {
  private final AccountsNow accounts;
  private final Sessions sessions;
  private final ReadersUnits units;

  AsOfNow(AccountsNow accounts, Sessions sessions, ReadersUnits units) {
    this.accounts = accounts;
    this.sessions = sessions;
    this.units = units;
  }

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return !request.getRequestURI().startsWith("/api/");
  }

  /** Also when a body has come: that may have taken a while. */
  @Override
  protected boolean shouldNotFilterAsyncDispatch() {
    return false;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (request.getHeader(HttpHeaders.AUTHORIZATION) == null) {
      units.ofTheYard();
    }
    HttpSession session = request.getSession(false);
    Authentication who = SecurityContextHolder.getContext().getAuthentication();
    if (session != null && who != null && who.getPrincipal() instanceof Account account) {
      Optional<AccountNow> now =
          accounts.of(account.id()).filter(one -> one.sessionsSince() == account.sessionsSince());
      SecurityContext context = SecurityContextHolder.createEmptyContext();
      if (now.isPresent()) {
        context.setAuthentication(Account.signedIn(now.get()));
        units.of(now.get());
        sessions.used(session, request);
      } else {
        session.invalidate();
      }
      SecurityContextHolder.setContext(context);
    }
    chain.doFilter(request, response);
  }
}
