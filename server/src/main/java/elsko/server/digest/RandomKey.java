package elsko.server.digest;

import java.security.SecureRandom;
import java.util.Base64;

/** A key nobody guesses, as it stands in addresses and cookies. */
public final class RandomKey {
  private static final int BYTES = 24;
  private static final SecureRandom RANDOM = new SecureRandom();

  private RandomKey() {}

  /** Of 192 bits. */
  public static String made() {
    byte[] bytes = new byte[BYTES];
    RANDOM.nextBytes(bytes);
    return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
  }
}
