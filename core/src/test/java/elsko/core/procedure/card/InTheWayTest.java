package elsko.core.procedure.card;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import elsko.core.Refused;
import elsko.core.Story;
import elsko.core.boat.Boat;
import elsko.core.boat.description.DrainArrangement;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.Method;
import elsko.core.boat.path.Position;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Seen;
import elsko.core.ledger.rules.StandsAgainst;
import elsko.core.trial.AnyBoat;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class InTheWayTest {
  private static Map<Ask, List<StandsAgainst>> all(Story story) {
    InTheWay inTheWay = new InTheWay(story.state(), story.progress(), Story.RULES, story.now());
    Map<Ask, List<StandsAgainst>> found = new HashMap<>();
    for (Step step : story.card().steps()) {
      step.asks().forEach(ask -> found.put(ask, inTheWay.of(step, ask)));
    }
    return found;
  }

  private static Map<FittingState, String> of(
      Map<Ask, List<StandsAgainst>> all, Class<? extends Ask> kind, String label, String fitting) {
    Map<FittingState, String> reasons = new HashMap<>();
    all.forEach(
        (ask, against) -> {
          if (kind.isInstance(ask) && ask.label().equals(label)) {
            against.stream()
                .filter(one -> one.fitting().equals(fitting))
                .forEach(one -> reasons.put(one.state(), one.reason().toString()));
          }
        });
    return reasons;
  }

  private static Story winterizing() {
    return Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.POUR);
  }

  @Test
  void aHoleIsOpenedBeforeAnybodySaysWhatRanOut() {
    assertThat(of(all(winterizing()), Ask.Open.class, "port block", "block-port-drain"))
        .containsOnlyKeys(FittingState.IN)
        .containsEntry(
            FittingState.IN, "The port block drain is IN: open it before saying what ran out.");
  }

  @Test
  void aStartWantsItsFeedAndEveryDrainIn() {
    Map<Ask, List<StandsAgainst>> all = all(winterizing());
    assertThat(of(all, Ask.Engine.class, "start the engine", "feed").get(FittingState.NONE))
        .startsWith("Nothing feeds the raw-water pump");
    assertThat(of(all, Ask.Engine.class, "start the engine", "block-port-drain"))
        .containsOnlyKeys(FittingState.OUT_BAGGED, FittingState.OUT_MISSING);
  }

  @Test
  void whatIsPouredInWouldRunOutOfAnOpenDrain() {
    Map<Ask, List<StandsAgainst>> all = all(winterizing());
    List<String> fills = new ArrayList<>();
    all.forEach(
        (ask, against) -> {
          if (ask instanceof Ask.Fill) {
            assertThat(against)
                .anyMatch(
                    one ->
                        one.fitting().equals("block-port-drain")
                            && one.reason().toString().contains("Put it back IN before filling"));
            fills.add(ask.label());
          }
        });
    assertThat(fills).isNotEmpty();
  }

  @Test
  void nothingIsSaidOfAStepThatIsSettled() {
    Story story = winterizing().walkTo("drain", Map.of());
    assertThat(of(all(story), Ask.Open.class, "port block", "block-port-drain")).isEmpty();
  }

  /** Each is what the interlock itself says, on the boat as it stands and set so. */
  @Test
  void theInterlocksSayTheSame() {
    Story story = winterizing();
    story.set("hull-plug", FittingState.OUT_BAGGED);
    String said =
        of(all(story), Ask.Open.class, "port block", "block-port-drain").get(FittingState.IN);
    Refused refused =
        catchThrowableOfType(
            Refused.class, () -> story.say(new Fact.LowPointSeen("block-port", Seen.RAN_CLEAR)));
    assertThat(refused.reason().toString()).isEqualTo(said);
  }

  @Test
  void theOnlyEngineMayGoUnnamedAndOneOfTwoMayNot() {
    for (long seed = 0, one = 0, two = 0; one == 0 || two == 0; seed++) {
      Boat boat = Boat.of(AnyBoat.of(seed));
      if (boat.engineCircuits().isEmpty() || boat.engineCircuits().size() > 2) {
        continue;
      }
      Position engine = boat.engineCircuits().get(0).engine();
      Answers stop = Answers.of(boat, new Ask.Engine("stop", engine, null));
      boolean alone = boat.engineCircuits().size() == 1;
      assertThat(stop.areGivenBy(List.of(new Fact.EngineStopped(engine)))).isTrue();
      assertThat(stop.areGivenBy(List.of(new Fact.EngineStopped(null)))).isEqualTo(alone);
      one += alone ? 1 : 0;
      two += alone ? 0 : 1;
    }
  }
}
