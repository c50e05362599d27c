package elsko.server.access;

import elsko.server.people.AccountsNow;
import elsko.server.people.Passwords;
import elsko.server.people.Passwords.Invited;
import elsko.server.people.SignedIn;
import elsko.server.problems.NotFound;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/**
 * Somebody sets their own password with the code they were given. It comes as a header, so that no
 * log and no referrer carries it.
 */
@RestController
@RequestMapping("/api/invitation")
class InvitationController {
  private static final String CODE = "X-Elsko-Code";

  private final Passwords passwords;
  private final AccountsNow accounts;
  private final AttemptThrottle throttle;
  private final SessionBegin begin;

  InvitationController(
      Passwords passwords, AccountsNow accounts, AttemptThrottle throttle, SessionBegin begin) {
    this.passwords = passwords;
    this.accounts = accounts;
    this.throttle = throttle;
    this.begin = begin;
  }

  /** Whose code it is. */
  @GetMapping
  Invited whose(
      @RequestHeader(name = CODE, required = false) @Nullable String code,
      HttpServletRequest request) {
    try {
      return passwords.invited(code);
    } catch (NotFound wrong) {
      throttle.wrongKey("code", request.getRemoteAddr());
      throw wrong;
    }
  }

  /** Sets the password, uses the code up and signs in. */
  @PostMapping
  SignedIn accept(
      @RequestHeader(name = CODE, required = false) @Nullable String code,
      @RequestBody NewPassword chosen,
      HttpServletRequest request,
      HttpServletResponse response) {
    Invited who = whose(code, request);
    passwords.accept(code, chosen.password());
    Authentication in = Account.signedIn(accounts.called(who.name()).orElseThrow());
    begin.as(in, request, response);
    return SignedIn.by(in);
  }

  record NewPassword(@Nullable String password) {}
}
