package elsko.server.people;

import elsko.server.digest.Sha256;
import java.security.SecureRandom;
import java.time.Duration;
import java.util.Locale;

/** By which somebody sets their own password, once: 100 bits, in letters that can be read out. */
final class OneTimeCode {
  static final Duration HOLDS = Duration.ofDays(3);
  private static final String LETTERS = "23456789abcdefghjkmnpqrstuvwxyz";
  private static final int LENGTH = 20;
  private static final SecureRandom RANDOM = new SecureRandom();

  private OneTimeCode() {}

  static String made() {
    StringBuilder code = new StringBuilder();
    for (int i = 0; i < LENGTH; i++) {
      code.append(i > 0 && i % 5 == 0 ? "-" : "");
      code.append(LETTERS.charAt(RANDOM.nextInt(LETTERS.length())));
    }
    return code.toString();
  }

  /** As it is kept; the code cannot be had from it. */
  static String hash(String code) {
    String plain = code.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]", "");
    return Sha256.hex(plain);
  }
}
