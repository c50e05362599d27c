package elsko.core.limits;

import elsko.core.Refused;
import elsko.core.Text;
import java.util.ArrayList;
import java.util.List;

/**
 * A reading that is looked at and said in words.
 *
 * @param how how it is looked at, in a few words; empty where its name says it
 * @param findings what can be found, the good ones first
 */
public record Condition(String key, String name, String how, List<Finding> findings) {

  /**
   * One thing that can be found.
   *
   * @param todo what it means and what to do; empty when nothing
   */
  public record Finding(String key, String words, Call call, Text todo) {
    public Judgement judgement() {
      return new Judgement(call, todo.isEmpty() ? Text.of("Good.") : todo);
    }
  }

  /** The finding of this name, or a refusal. */
  public Finding finding(String finding) {
    for (Finding one : findings) {
      if (one.key().equals(finding)) {
        return one;
      }
    }
    throw Refused.value("finding", "Say what was found: %s.".formatted(name));
  }

  /** The same of something else, kept under a name of its own. */
  Condition named(String otherKey, String otherName) {
    return new Condition(otherKey, otherName, how, findings);
  }

  static Condition called(String key, String name, String how) {
    return new Condition(key, name, how, List.of());
  }

  Condition or(String finding, String words, Call call, String todo) {
    return or(finding, words, call, Text.of(todo));
  }

  Condition or(String finding, String words, Call call, Text todo) {
    List<Finding> more = new ArrayList<>(findings);
    more.add(new Finding(finding, words, call, todo));
    return new Condition(key, name, how, List.copyOf(more));
  }
}
