package elsko.server.access;

import elsko.core.Units;
import elsko.server.people.AccountNow;
import elsko.server.people.AccountsNow;
import elsko.server.people.DemoAccounts;
import elsko.server.people.Passwords;
import elsko.server.people.Role;
import elsko.server.people.SignedIn;
import elsko.server.people.SignedIn.NobodySignedIn;
import elsko.server.problems.NotFound;
import elsko.server.problems.Problem;
import elsko.server.text.ReadIn;
import io.swagger.v3.oas.annotations.Parameter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out, and what the sign-in page may know before that. */
@RestController
class SessionController {
  private final AuthenticationManager authentication;
  private final CookieCsrfTokenRepository csrfTokens;
  private final ThrottledAuthentication guarded;
  private final Passwords passwords;
  private final Sessions sessions;
  private final SessionBegin begin;
  private final AccountsNow accounts;
  private final ReadersUnits units;
  private final boolean demo;

  SessionController(
      AuthenticationManager authentication,
      CookieCsrfTokenRepository csrfTokens,
      ThrottledAuthentication guarded,
      Passwords passwords,
      Sessions sessions,
      SessionBegin begin,
      AccountsNow accounts,
      ReadersUnits units,
      @Value("${elsko.demo}") boolean demo) {
    this.authentication = authentication;
    this.csrfTokens = csrfTokens;
    this.guarded = guarded;
    this.passwords = passwords;
    this.sessions = sessions;
    this.begin = begin;
    this.accounts = accounts;
    this.units = units;
    this.demo = demo;
  }

  @GetMapping("/api/welcome")
  Welcome welcome() {
    return new Welcome(demo, demo ? DemoAccounts.ALL : List.of());
  }

  @GetMapping("/api/session")
  WhoIsHere session(
      @Nullable Authentication who, @Parameter(hidden = true) @Nullable CsrfToken token) {
    if (token != null) {
      token.getToken(); // read, so that the cookie is set before the first change is sent
    }
    SignedIn.by(who);
    return view(now(Objects.requireNonNull(who)));
  }

  @PostMapping("/api/session")
  WhoIsHere signIn(
      @RequestBody Attempt attempt, HttpServletRequest request, HttpServletResponse response) {
    Authentication who =
        authentication.authenticate(
            UsernamePasswordAuthenticationToken.unauthenticated(
                attempt.name() == null ? "" : attempt.name().strip(), attempt.password()));
    begin.as(who, request, response);
    AccountNow now = now(who);
    units.of(now);
    return view(now);
  }

  /** In which units whoever is signed in reads: their own, or null for those of the yard. */
  @PutMapping("/api/session/units")
  WhoIsHere readIn(Authentication who, @RequestBody UnitsChange change) {
    accounts.readsIn(Account.of(who).id(), change.units());
    AccountNow now = now(who);
    units.of(now);
    return view(now);
  }

  private AccountNow now(Authentication who) {
    return accounts.of(Account.of(who).id()).orElseThrow(NobodySignedIn::new);
  }

  private static WhoIsHere view(AccountNow now) {
    return new WhoIsHere(now.name(), now.role(), ReadIn.units(), now.units() != null);
  }

  /** Ends this session. Nothing of it stays in the device's cache of pages and pictures. */
  @PostMapping("/api/session/end")
  ResponseEntity<Void> signOut(HttpServletRequest request, HttpServletResponse response) {
    HttpSession session = request.getSession(false);
    if (session != null) {
      session.invalidate();
    }
    SecurityContextHolder.clearContext();
    csrfTokens.saveToken(null, request, response);
    return ResponseEntity.noContent().header("Clear-Site-Data", "\"cache\"").build();
  }

  /** Where one is signed in, used last first. */
  @GetMapping("/api/session/all")
  List<Sessions.SessionView> all(Authentication who, HttpServletRequest request) {
    return sessions.of(Account.of(who).id(), request.getSession(false));
  }

  /** Where somebody is signed in, for whoever may end it. */
  @GetMapping("/api/people/{id}/sessions")
  List<Sessions.SessionView> of(@PathVariable UUID id) {
    return sessions.of(id, null);
  }

  /** Ends one of one's own sessions. */
  @DeleteMapping("/api/session/all/{key}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void end(Authentication who, @PathVariable UUID key) {
    if (!sessions.end(Account.of(who).id(), key)) {
      throw new NotFound("session", "That one has ended already.");
    }
  }

  /** Every other session of theirs is over. */
  @PutMapping("/api/session/password")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void changePassword(
      Authentication who,
      @RequestBody PasswordChange change,
      HttpServletRequest request,
      HttpServletResponse response) {
    Account account = Account.of(who);
    boolean fits = guarded.isPresentPassword(account, change.now());
    HttpSession session = request.getSession(false);
    passwords.change(account.id(), fits, change.next(), session == null ? null : session.getId());
    if (session != null) {
      begin.goesOn(account.id(), request, response);
    }
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> wrong(AuthenticationException why) {
    if (why instanceof TooManyAttempts tooMany) {
      return GuessingProblems.answer(tooMany, "password");
    }
    return ResponseEntity.status(HttpStatus.UNAUTHORIZED)
        .body(
            Problem.of(
                HttpStatus.UNAUTHORIZED,
                "Sign in",
                "password",
                "Name and password do not fit together."));
  }

  @ExceptionHandler
  ProblemDetail nobody(NobodySignedIn nobody) {
    return Problem.of(HttpStatus.UNAUTHORIZED, "Sign in", "session", "Sign in first.");
  }

  /**
   * Who is signed in.
   *
   * @param units in which they read
   * @param ownUnits whether they chose them; otherwise they are the yard's
   */
  record WhoIsHere(String name, Role role, Units units, boolean ownUnits) {}

  /** Null: those of the yard. */
  record UnitsChange(@Nullable Units units) {}

  record Attempt(@Nullable String name, @Nullable String password) {}

  record PasswordChange(@Nullable String now, @Nullable String next) {}

  /** What anybody may see: whether this is a demonstration, and its accounts. */
  record Welcome(boolean demo, List<DemoAccounts.Account> accounts) {}
}
