package elsko.server.people;

import elsko.server.people.SignedIn.NobodySignedIn;
import elsko.server.problems.Problem;
import io.swagger.v3.oas.annotations.Parameter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.util.List;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
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
  private final People people;
  private final boolean demo;
  private final HttpSessionSecurityContextRepository sessions =
      new HttpSessionSecurityContextRepository();

  SessionController(
      AuthenticationManager authentication,
      CookieCsrfTokenRepository csrfTokens,
      People people,
      @Value("${elsko.demo}") boolean demo) {
    this.authentication = authentication;
    this.csrfTokens = csrfTokens;
    this.people = people;
    this.demo = demo;
  }

  @GetMapping("/api/welcome")
  Welcome welcome() {
    return new Welcome(demo, demo ? DemoAccounts.ALL : List.of());
  }

  @GetMapping("/api/session")
  SignedIn session(Authentication who, @Parameter(hidden = true) CsrfToken token) {
    if (token != null) {
      token.getToken(); // read, so that the cookie is set before the first change is sent
    }
    return SignedIn.by(who);
  }

  @PostMapping("/api/session")
  SignedIn signIn(
      @RequestBody Attempt attempt, HttpServletRequest request, HttpServletResponse response) {
    Authentication who =
        authentication.authenticate(
            UsernamePasswordAuthenticationToken.unauthenticated(
                attempt.name() == null ? "" : attempt.name().strip(), attempt.password()));
    if (request.getSession(false) != null) {
      request.changeSessionId();
    }
    SecurityContext context = SecurityContextHolder.createEmptyContext();
    context.setAuthentication(who);
    SecurityContextHolder.setContext(context);
    sessions.saveContext(context, request, response);
    csrfTokens.saveToken(csrfTokens.generateToken(request), request, response);
    return SignedIn.by(who);
  }

  @PostMapping("/api/session/end")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void signOut(HttpServletRequest request, HttpServletResponse response) {
    HttpSession session = request.getSession(false);
    if (session != null) {
      session.invalidate();
    }
    SecurityContextHolder.clearContext();
    csrfTokens.saveToken(null, request, response);
  }

  @PutMapping("/api/session/password")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void changePassword(Authentication who, @RequestBody PasswordChange change) {
    people.changePassword(who.getName(), change.now(), change.next());
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> wrong(AuthenticationException why) {
    if (why instanceof TooManyAttempts tooMany) {
      return ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS)
          .header("Retry-After", Long.toString(tooMany.untilNextTry().toSeconds() + 1))
          .body(Problem.of(HttpStatus.TOO_MANY_REQUESTS, "Wait", "password", tooMany.getMessage()));
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

  record Attempt(String name, String password) {}

  record PasswordChange(String now, String next) {}

  /** What anybody may see: whether this is a demonstration, and its accounts. */
  record Welcome(boolean demo, List<DemoAccounts.Account> accounts) {}
}
