package elsko.server.people;

import com.nulabinc.zxcvbn.Zxcvbn;
import elsko.core.Refused;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Length first; then nothing that is guessed in the first tries, whoever it is. */
final class PasswordRules {
  static final int SHORTEST = 10;

  /** More would not count: the encoder reads no further. */
  private static final int MOST_BYTES = 72;

  /** Of 0 to 4: a million tries and more. */
  private static final int GOOD_ENOUGH = 2;

  private PasswordRules() {}

  /**
   * Refuses a password that is too short, or that somebody who knows the yard would try.
   *
   * @param field what it was typed into
   * @return the password
   */
  static String checked(String field, @Nullable String password, String name, String yard) {
    if (password == null || password.codePointCount(0, password.length()) < SHORTEST) {
      throw Refused.value(field, "A password has at least %d characters.".formatted(SHORTEST));
    }
    if (password.getBytes(StandardCharsets.UTF_8).length > MOST_BYTES) {
      throw Refused.value(field, "A password has at most 72 bytes.");
    }
    List<String> known = new ArrayList<>(List.of("elsko", name, yard));
    known.addAll(List.of(name.split(" ")));
    known.addAll(List.of(yard.split(" ")));
    known.add(name.replace(" ", ""));
    known.add(yard.replace(" ", ""));
    known.removeIf(String::isBlank);
    if (Known.GUESSES.measure(password, known).getScore() < GOOD_ENOUGH) {
      throw Refused.value(
          field,
          "This is one of the first that somebody would try. Take three words that do not belong together.");
    }
    return password;
  }

  /** Read when the first password is set, not at the start. */
  private static final class Known {
    private static final Zxcvbn GUESSES = new Zxcvbn();
  }
}
