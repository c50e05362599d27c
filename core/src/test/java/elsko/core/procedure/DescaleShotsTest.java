package elsko.core.procedure;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.Hulls;
import elsko.core.Story;
import elsko.core.Text;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Procedure;
import elsko.core.limits.Limits;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.descale.PlateauCompared;
import elsko.core.procedure.request.DescaleVariant;
import elsko.core.procedure.request.OnCircuit;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A descale by each variant: the plateau before and after decides whether it was enough. */
class DescaleShotsTest {
  private static Story begun(DescaleVariant variant) {
    Story story = new Story(Hulls.saildrive()).wet();
    String circuit = story.boat.engineCircuits().get(0).key();
    return story.open(Procedure.DESCALE, Map.of(circuit, variant.name()));
  }

  /** Walks up to and with a step, its gauge holding at a temperature. */
  private static void holding(Story story, String step, double plateauC) {
    String key = key(story, step);
    List<String> keys = keys(story);
    int before = keys.indexOf(key) - 1;
    if (before >= 0 && !story.progress().isSettled(keys.get(before))) {
      story.walkTo(keys.get(before), Map.of());
    }
    for (Ask ask : story.card().step(key).asks()) {
      if (ask instanceof Ask.Read read && read.limit().equals(Limits.PLATEAU_CLOSED.key())) {
        story.at(key, new Fact.ReadingTaken(read.engine(), read.limit(), plateauC));
      } else {
        Story.USUAL.to(ask, story.state()).forEach(fact -> story.at(key, fact));
      }
    }
    story.at(key, new Fact.StepDone());
  }

  private static String key(Story story, String step) {
    return OnCircuit.key(story.boat.engineCircuits().get(0).key(), step);
  }

  private static List<String> keys(Story story) {
    return story.card().steps().stream().map(Step::key).toList();
  }

  private static @Nullable String words(Story story) {
    Text words =
        PlateauCompared.of(story.progress(), story.boat.engineCircuits().get(0).key()).words();
    return words == null ? null : words.toString();
  }

  @ParameterizedTest
  @EnumSource(DescaleVariant.class)
  void lowerAfterwardsIsSuccessAndNothingMoreIsAskedFor(DescaleVariant variant) {
    Story story = begun(variant);
    holding(story, PlateauCompared.BEFORE, 86);
    assertThat(words(story)).isNull();
    int steps = keys(story).size();
    holding(story, PlateauCompared.FINAL, 79);
    assertThat(words(story)).startsWith("Before 86 °C").endsWith("7 K lower, scale came off.");
    assertThat(keys(story)).hasSize(steps);
  }

  @ParameterizedTest
  @EnumSource(DescaleVariant.class)
  void notLowerCallsForASecondShotAndThenForALookAtTheElbow(DescaleVariant variant) {
    Story story = begun(variant);
    holding(story, PlateauCompared.BEFORE, 86);
    holding(story, PlateauCompared.FINAL, 85.5);
    if (variant == DescaleVariant.TANK_SOAK) {
      assertThat(keys(story)).contains(key(story, "second-shot"), key(story, "elbow"));
    } else {
      assertThat(keys(story))
          .contains(key(story, PlateauCompared.SECOND))
          .doesNotContain(key(story, "elbow"));
      assertThat(words(story)).contains("A second shot");
      holding(story, PlateauCompared.SECOND, 86);
      assertThat(words(story)).contains("not lower after two shots");
      assertThat(keys(story)).contains(key(story, "elbow"));
    }
    story.walk();
    assertThat(story.progress().isClosed()).isTrue();
  }

  @ParameterizedTest
  @EnumSource(DescaleVariant.class)
  void aSecondShotThatHelpsIsEnough(DescaleVariant variant) {
    Story story = begun(variant);
    holding(story, PlateauCompared.BEFORE, 86);
    if (variant == DescaleVariant.TANK_SOAK) {
      holding(story, PlateauCompared.RINSE, 86);
      holding(story, PlateauCompared.FINAL, 80);
    } else {
      holding(story, PlateauCompared.FINAL, 86);
      holding(story, PlateauCompared.SECOND, 80);
    }
    assertThat(words(story)).endsWith("6 K lower, scale came off.");
    assertThat(keys(story)).doesNotContain(key(story, "elbow"));
  }
}
