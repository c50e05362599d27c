package elsko.server.people;

import com.ibm.icu.text.SpoofChecker;
import elsko.core.Refused;
import java.text.Normalizer;
import java.util.Locale;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * A person's name as it stands in the log: one way of writing it, no letters that cannot be seen,
 * none that are borrowed from another script to look like somebody else.
 *
 * @param written as it is shown
 * @param looksLike the same for names that nobody can tell apart (Unicode Technical Standard 39)
 */
public record PersonName(String written, String looksLike) {
  private static final Pattern NAME =
      Pattern.compile("[\\p{L}\\p{N}][\\p{L}\\p{M}\\p{N} ._'’-]{0,39}");
  private static final Pattern BLANKS = Pattern.compile("\\s+");

  /** Refuses what is no name. */
  public static PersonName of(@Nullable String typed) {
    String written = plain(typed == null ? "" : typed);
    if (written.length() > 40 || !NAME.matcher(written).matches()) {
      throw Refused.value("name", "A name has 1 to 40 letters, digits, spaces, dots or dashes.");
    }
    if (!Spoof.CHECK.checkOne(written)) {
      throw Refused.value(
          "name", "Letters of different scripts are mixed in it. Write it in one of them.");
    }
    return new PersonName(written, look(written));
  }

  /** What a name looks like, however it is written. */
  static String look(String written) {
    String look =
        Spoof.CHECK.skeleton(plain(written).toLowerCase(Locale.ROOT)).toLowerCase(Locale.ROOT);
    return look.length() > 200 ? look.substring(0, 200) : look;
  }

  /** Composed, with single blanks and without any around it. */
  static String plain(String typed) {
    return BLANKS
        .matcher(Normalizer.normalize(typed, Normalizer.Form.NFKC))
        .replaceAll(" ")
        .strip();
  }

  /** Loaded when the first name is looked at, not at the start. */
  private static final class Spoof {
    private static final Spoof CHECK = new Spoof();
    private final SpoofChecker letters =
        new SpoofChecker.Builder()
            .setChecks(SpoofChecker.RESTRICTION_LEVEL | SpoofChecker.INVISIBLE)
            .setRestrictionLevel(SpoofChecker.RestrictionLevel.HIGHLY_RESTRICTIVE)
            .build();

    /** The checker itself is not made for several threads. */
    synchronized boolean checkOne(String name) {
      return !letters.failsChecks(name);
    }

    synchronized String skeleton(String name) {
      return letters.getSkeleton(name);
    }
  }
}
