package elsko.server.people;

import org.jspecify.annotations.Nullable;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.GrantedAuthority;

/** Who is signed in. */
public record SignedIn(String name, Role role) {
  private static final String PREFIX = "ROLE_";

  /** Refuses when nobody is. */
  public static SignedIn by(@Nullable Authentication who) {
    if (who == null) {
      throw new NobodySignedIn();
    }
    Role role =
        who.getAuthorities().stream()
            .map(GrantedAuthority::getAuthority)
            .filter(authority -> authority.startsWith(PREFIX))
            .map(authority -> Role.valueOf(authority.substring(PREFIX.length())))
            .findFirst()
            .orElseThrow(NobodySignedIn::new);
    return new SignedIn(who.getName(), role);
  }

  public static final class NobodySignedIn extends RuntimeException {}
}
