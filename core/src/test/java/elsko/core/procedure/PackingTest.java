package elsko.core.procedure;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.Hulls;
import elsko.core.Story;
import elsko.core.boat.description.DrainArrangement;
import elsko.core.boat.path.Method;
import elsko.core.ledger.fact.Procedure;
import elsko.core.procedure.Packing.Kind;
import elsko.core.procedure.Packing.ToCarry;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.request.CardRequest;
import java.util.List;
import java.util.Map;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

class PackingTest {
  private static CardRequest card(Story story) {
    return new CardRequest(story.state(), story.progress(), story.practices);
  }

  private static Story poured() {
    return Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.POUR);
  }

  private static Story drawn() {
    return new Story(Hulls.saildrive())
        .wet()
        .open(Procedure.WINTERIZE, Map.of("engine", Method.DRAW.name()));
  }

  private static ToCarry line(List<ToCarry> all, String words) {
    return all.stream().filter(one -> one.words().equals(words)).findAny().orElseThrow();
  }

  @Test
  void eachThingIsThereOnceWithItsBoatsAndFluidsAreAddedUp() {
    Story poured = poured();
    Story drawn = drawn();
    List<ToCarry> all = Packing.of(List.of(card(poured), card(drawn)));
    assertThat(all).extracting(ToCarry::words).doesNotHaveDuplicates();
    double liters =
        List.of(poured, drawn).stream()
            .flatMap(story -> story.card().steps().stream())
            .flatMap(step -> Ask.only(Ask.Fill.class, step.asks()))
            .mapToDouble(Ask.Fill::liters)
            .sum();
    ToCarry antifreeze = line(all, "antifreeze");
    assertThat(antifreeze.liters()).isCloseTo(liters, Offset.offset(1e-9));
    assertThat(antifreeze.boats())
        .containsExactly(poured.state().boat().name(), drawn.state().boat().name());
    assertThat(line(all, "9/16 in socket").boats()).containsExactly(poured.state().boat().name());
    assertThat(line(all, "tank kit"))
        .as("named as a tool and wanted as a piece of the yard's kit")
        .extracting(ToCarry::kind)
        .isEqualTo(Kind.KIT);
    assertThat(all).extracting(ToCarry::kind).isSorted();
  }

  @Test
  void whatIsDoneIsNotCarriedAnyMore() {
    Story story = poured();
    assertThat(Packing.of(List.of(card(story)))).extracting(ToCarry::words).contains("muffs");
    story.walkTo("warm-up", Map.of());
    assertThat(Packing.of(List.of(card(story)))).extracting(ToCarry::words).doesNotContain("muffs");
  }
}
