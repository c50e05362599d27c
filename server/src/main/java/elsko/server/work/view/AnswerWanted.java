package elsko.server.work.view;

import elsko.core.procedure.card.Answer;
import elsko.core.procedure.card.Answers;
import elsko.server.work.log.EntryKind;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * What an entry has to say to answer an ask; a device compares by it and needs no rule.
 *
 * @param kind of the entry
 */
public record AnswerWanted(EntryKind kind, List<FieldWanted> matches) {
  /**
   * What a field of the entry has to hold.
   *
   * @param among one of these, as it stands in an entry
   * @param orMissing whether it may be left out too
   * @param atLeast this number or more; null where {@code among} decides
   */
  public record FieldWanted(
      String field, List<String> among, boolean orMissing, @Nullable Double atLeast) {
    public static FieldWanted of(Answer.Match<?> match) {
      if (match.orMore()) {
        double fewest = ((Number) match.among().get(0)).doubleValue();
        return new FieldWanted(match.field().name(), List.of(), false, fewest);
      }
      return new FieldWanted(
          match.field().name(),
          match.among().stream().filter(Objects::nonNull).map(FieldWanted::sent).toList(),
          match.among().contains(null) || match.among().contains(false),
          null);
    }

    private static String sent(Object value) {
      return value instanceof Enum<?> constant ? constant.name() : value.toString();
    }
  }

  public static List<List<AnswerWanted>> of(Answers answers) {
    return answers.ways().stream().map(way -> way.stream().map(AnswerWanted::of).toList()).toList();
  }

  private static AnswerWanted of(Answer<?> answer) {
    return new AnswerWanted(
        EntryKind.of(answer.kind()), answer.matches().stream().map(FieldWanted::of).toList());
  }
}
