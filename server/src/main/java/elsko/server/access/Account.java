package elsko.server.access;

import elsko.server.people.AccountNow;
import java.io.Serial;
import java.io.Serializable;
import java.security.Principal;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.authority.SimpleGrantedAuthority;

/** Who a session is of. What they may do is looked up at each request. */
record Account(UUID id, String name, int sessionsSince) implements Principal, Serializable {
  @Serial private static final long serialVersionUID = 1;

  @Override
  public String getName() {
    return name;
  }

  /** Signed in as an account stands at this moment. */
  static Authentication signedIn(AccountNow now) {
    return UsernamePasswordAuthenticationToken.authenticated(
        new Account(now.id(), now.name(), now.sessionsSince()),
        null,
        List.of(new SimpleGrantedAuthority("ROLE_" + now.role().name())));
  }

  static Account of(Authentication who) {
    return (Account) Objects.requireNonNull(who.getPrincipal());
  }
}
