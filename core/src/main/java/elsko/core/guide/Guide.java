package elsko.core.guide;

import elsko.core.Refused;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A short path of looks for one trouble.
 *
 * @param first what is done before anything is looked at
 * @param hazards cautions
 * @param looks the first is where it begins; the others are reached by answers. None where there is
 *     nothing to look for, only to tell
 * @param condition key of what was found by whoever tells it, {@code finding} what; null where that
 *     is nothing with a name
 */
public record Guide(
    String key,
    String title,
    String first,
    List<String> hazards,
    List<Look> looks,
    @Nullable String condition,
    @Nullable String finding) {
  public Guide(String key, String title, String first, List<String> hazards, List<Look> looks) {
    this(key, title, first, hazards, looks, null, null);
  }

  /**
   * One thing to look at.
   *
   * @param how where and how
   */
  public record Look(String key, String question, String how, List<Answer> answers) {
    @Nullable Answer answer(String key) {
      return answers.stream().filter(one -> one.key().equals(key)).findFirst().orElse(null);
    }
  }

  /**
   * What can be found there.
   *
   * @param next key of the look it leads to; null when the path ends here
   * @param todo what is to be done; empty while it goes on
   * @param work what is added to the boat's work, if somebody wants that; empty when nothing is
   */
  public record Answer(String key, String words, @Nullable String next, String todo, String work) {
    static Answer leads(String key, String words, String next) {
      return new Answer(key, words, next, "", "");
    }

    static Answer ends(String key, String words, String todo, String work) {
      return new Answer(key, words, null, todo, work);
    }
  }

  /** The guide of this key, or a refusal. */
  public static Guide of(String key) {
    return Guides.ALL.stream()
        .filter(guide -> guide.key.equals(key))
        .findFirst()
        .orElseThrow(
            () -> Refused.value("guide", "There is no guide called \"%s\".".formatted(key)));
  }

  /** What was found, as a sentence; refuses an answer the guide does not have. */
  public String said(String look, String answer) {
    Look at =
        looks.stream()
            .filter(one -> one.key().equals(look))
            .findFirst()
            .orElseThrow(() -> Refused.value("look", "The guide looks at no such thing."));
    Answer found = at.answer(answer);
    if (found == null) {
      throw Refused.value("answer", "That is no answer to \"%s\".".formatted(at.question()));
    }
    return "%s: %s %s".formatted(title, at.question(), found.words());
  }
}
