package elsko.core.procedure.card;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.Story;
import elsko.core.boat.description.DrainArrangement;
import elsko.core.boat.path.Method;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Procedure;
import elsko.core.ledger.fact.Seen;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class BarTest {
  private final Story story = Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.POUR);

  private List<String> alone(String step) {
    return story.card().step(step).asks().stream()
        .filter(ask -> !Bar.writes(story.state(), ask))
        .map(Ask::label)
        .toList();
  }

  @Test
  void neitherANumberNorASampleNorAStartIsWrittenWithOthers() {
    assertThat(alone("warm-up")).containsExactly("start the engine", "gauge holds at");
    assertThat(alone("prove"))
        .containsExactly(
            "undiluted jug",
            "starboard block",
            "starboard manifold",
            "port block",
            "port manifold");
    for (String whole : List.of("drain", "hoses-low", "plugs-in", "pour", "clamp", "close")) {
      assertThat(alone(whole)).as(whole).isEmpty();
    }
  }

  @Test
  void aDrainThatGaveTroubleIsAnsweredByItself() {
    story.walkTo("drain", Map.of());
    story.at("drain", new Fact.LowPointSeen("block-port", Seen.DID_NOT_RUN));
    assertThat(alone("drain")).as("not yet in the lay-up it is found in").isEmpty();
    story.walk().daysLater(365);
    story.open(Procedure.WINTERIZE);
    assertThat(alone("drain")).containsExactly("port block");
    Ask.Open open =
        Ask.only(Ask.Open.class, story.card().step("drain").asks())
            .filter(ask -> ask.lowPoint().equals("block-port"))
            .findFirst()
            .orElseThrow();
    assertThat(Bar.trouble(story.state(), open)).isEqualTo("2026: did not run");
  }

  @Test
  void nobodyIsFourTimesAsFastAsTheHandbook() {
    Step drain = story.card().step("drain");
    assertThat(drain.minutes()).isEqualTo(12);
    assertThat(Bar.isTooSoon(drain, Duration.ofSeconds(179))).isTrue();
    assertThat(Bar.isTooSoon(drain, Duration.ofSeconds(180))).isFalse();
  }
}
