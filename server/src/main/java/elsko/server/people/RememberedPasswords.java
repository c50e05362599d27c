package elsko.server.people;

import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.SecureRandom;
import java.util.Collections;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;

/**
 * BCrypt, remembering for this process which passwords fitted which hash: an API client sends its
 * password with every request, and each would cost a tenth of a second. Only a keyed digest is
 * kept.
 */
class RememberedPasswords implements PasswordEncoder {
  private static final int REMEMBERED = 200;
  private final PasswordEncoder bcrypt = new BCryptPasswordEncoder();
  private final SecretKeySpec key;
  private final Set<String> fitted =
      Collections.synchronizedSet(
          Collections.newSetFromMap(
              new LinkedHashMap<>() {
                @Override
                protected boolean removeEldestEntry(Map.Entry<String, Boolean> eldest) {
                  return size() > REMEMBERED;
                }
              }));

  RememberedPasswords() {
    byte[] secret = new byte[32];
    new SecureRandom().nextBytes(secret);
    key = new SecretKeySpec(secret, "HmacSHA256");
  }

  @Override
  public String encode(CharSequence raw) {
    return bcrypt.encode(raw);
  }

  @Override
  public boolean matches(CharSequence raw, String hash) {
    String digest = digest(raw, hash);
    if (fitted.contains(digest)) {
      return true;
    }
    boolean fits = bcrypt.matches(raw, hash);
    if (fits) {
      fitted.add(digest);
    }
    return fits;
  }

  private String digest(CharSequence raw, String hash) {
    try {
      Mac mac = Mac.getInstance("HmacSHA256");
      mac.init(key);
      mac.update(hash.getBytes(StandardCharsets.UTF_8));
      return HexFormat.of().formatHex(mac.doFinal(raw.toString().getBytes(StandardCharsets.UTF_8)));
    } catch (GeneralSecurityException e) {
      throw new IllegalStateException(e);
    }
  }
}
