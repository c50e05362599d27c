package elsko.core.guide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import elsko.core.Refused;
import elsko.core.guide.Guide.Answer;
import elsko.core.guide.Guide.Look;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class GuidesTest {
  static Stream<Guide> all() {
    return Guides.ALL.stream();
  }

  private static Look look(Guide guide, String key) {
    return guide.looks().stream().filter(one -> one.key().equals(key)).findFirst().orElseThrow();
  }

  @ParameterizedTest
  @MethodSource("all")
  void everyAnswerLeadsOnOrEndsWithWhatIsToBeDone(Guide guide) {
    assertThat(guide.hazards()).isNotEmpty();
    for (Look look : guide.looks()) {
      assertThat(look.answers()).hasSizeGreaterThan(1);
      for (Answer answer : look.answers()) {
        assertThat(answer.next() == null).isEqualTo(!answer.todo().isEmpty());
      }
    }
  }

  @ParameterizedTest
  @MethodSource("all")
  void everyLookIsReachedAndNoPathGoesInCircles(Guide guide) {
    Set<String> reached = new HashSet<>();
    Deque<List<String>> paths = new ArrayDeque<>(List.of(List.of(guide.looks().get(0).key())));
    while (!paths.isEmpty()) {
      List<String> path = paths.pop();
      String at = path.get(path.size() - 1);
      reached.add(at);
      for (Answer answer : look(guide, at).answers()) {
        if (answer.next() != null) {
          assertThat(path).doesNotContain(answer.next());
          paths.push(Stream.concat(path.stream(), Stream.of(answer.next())).toList());
        }
      }
    }
    assertThat(reached).hasSize(guide.looks().size());
  }

  @ParameterizedTest
  @MethodSource("all")
  void whatIsSaidIsASentenceAndNonsenseIsRefused(Guide guide) {
    Look first = guide.looks().get(0);
    assertThat(guide.said(first.key(), first.answers().get(0).key()))
        .startsWith(guide.title() + ": " + first.question());
    assertThatThrownBy(() -> guide.said("keel", "x")).isInstanceOf(Refused.class);
    assertThatThrownBy(() -> guide.said(first.key(), "x")).isInstanceOf(Refused.class);
    assertThatThrownBy(() -> Guide.of("nothing")).isInstanceOf(Refused.class);
  }
}
