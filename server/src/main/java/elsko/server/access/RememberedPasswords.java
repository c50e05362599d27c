package elsko.server.access;

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
import org.jspecify.annotations.Nullable;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.DelegatingPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;

/**
 * The encoder that Spring Security recommends, which tells by a mark how each password is kept;
 * those of before it had marks are BCrypt. Remembers for this process which passwords fitted which
 * hash: an API client sends its password with every request, and each would cost a tenth of a
 * second. Only a keyed digest is kept.
 */
class RememberedPasswords implements PasswordEncoder {
  private static final int REMEMBERED = 200;
  private final DelegatingPasswordEncoder encoder;
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
    encoder =
        (DelegatingPasswordEncoder) PasswordEncoderFactories.createDelegatingPasswordEncoder();
    encoder.setDefaultPasswordEncoderForMatches(new BCryptPasswordEncoder());
  }

  @Override
  public @Nullable String encode(@Nullable CharSequence raw) {
    return encoder.encode(raw);
  }

  @Override
  public boolean matches(@Nullable CharSequence raw, @Nullable String hash) {
    if (raw == null || hash == null) {
      return false;
    }
    String digest = digest(raw, hash);
    if (fitted.contains(digest)) {
      return true;
    }
    boolean fits = encoder.matches(raw, hash);
    if (fits) {
      fitted.add(digest);
    }
    return fits;
  }

  @Override
  public boolean upgradeEncoding(@Nullable String hash) {
    return encoder.upgradeEncoding(hash);
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
