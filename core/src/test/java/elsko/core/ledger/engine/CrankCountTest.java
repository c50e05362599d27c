package elsko.core.ledger.engine;

import static elsko.core.boat.path.FittingState.*;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import elsko.core.Hulls;
import elsko.core.Refused;
import elsko.core.Story;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.SegmentKind;
import elsko.core.ledger.engine.CrankCount.Standing;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Seen;
import elsko.core.ledger.fact.StartBasis;
import org.junit.jupiter.api.Test;

class CrankCountTest {
  private static Circuit engine(Story story) {
    return story.boat.engineCircuits().get(0);
  }

  private static CrankCount count(Story story) {
    return story.state().runs().get(engine(story).engine()).cranked();
  }

  private static Standing standing(Story story) {
    return count(story)
        .standing(story.boat.exhaust(engine(story)), story.state().isSeacockOpen(engine(story)));
  }

  private static void turn(Story story, int times, double seconds) {
    for (int i = 0; i < times; i++) {
      story.say(new Fact.Cranked(null, seconds));
    }
  }

  private static void seacock(Story story, FittingState to) {
    story.set(story.boat.fittingOf(engine(story), FittingKind.SEACOCK).key(), to);
  }

  @Test
  void aWaterLiftIsShutFromSixtySecondsAndStoppedAtAHundredAndTwenty() {
    Story story = new Story(Hulls.saildrive()).wet();
    turn(story, 1, 10);
    assertThat(standing(story)).isEqualTo(Standing.MAY_TURN);
    turn(story, 1, 10);
    assertThat(standing(story)).isEqualTo(Standing.ADVISE_SHUT);
    turn(story, 4, 10);
    assertThat(standing(story)).isEqualTo(Standing.SHUT_FIRST);
    seacock(story, SHUT);
    assertThat(standing(story)).isEqualTo(Standing.MAY_TURN);
    turn(story, 6, 10);
    assertThat(count(story).openSeconds()).isEqualTo(60);
    assertThat(count(story).allSeconds()).isEqualTo(120);
    assertThat(standing(story)).isEqualTo(Standing.STOP);
    assertThatThrownBy(() -> story.say(new Fact.EngineStarted(null, StartBasis.CRANK_SHUT, 5)))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("muffler is drained first");
  }

  @Test
  void turnsWithTheSeacockShutOnPurposeCountInAll() {
    Story story = new Story(Hulls.saildrive()).wet();
    seacock(story, SHUT);
    story.say(new Fact.EngineStarted(null, StartBasis.CRANK_SHUT, 15));
    assertThat(count(story).allSeconds()).isEqualTo(15);
    assertThat(count(story).openSeconds()).isZero();
  }

  @Test
  void anExhaustWithoutWaterLiftOnlyRests() {
    Story story = Story.fourDrains().wet();
    turn(story, 20, 10);
    assertThat(standing(story)).isEqualTo(Standing.MAY_TURN);
  }

  @Test
  void aDrainedMufflerStartsItAnewRestDoesNot() {
    Story story = new Story(Hulls.saildrive()).wet();
    turn(story, 7, 10);
    story.say(new Fact.Noted("rested for a night"));
    assertThat(count(story).allSeconds()).isEqualTo(70);
    Circuit circuit = engine(story);
    circuit.lowPoints().stream()
        .filter(point -> circuit.segment(point.segment()).kind() == SegmentKind.MUFFLER)
        .forEach(
            point -> {
              story.set(point.opens(), OUT_BAGGED);
              story.say(new Fact.LowPointSeen(point.key(), Seen.RAN_CLEAR));
            });
    assertThat(count(story).allSeconds()).isZero();
  }

  @Test
  void aMinutesRunWithWaterSeenStartsItAnew() {
    Story story = Story.fourDrains().wet();
    turn(story, 3, 10);
    story.set("feed", HOSE);
    story.say(new Fact.EngineStarted(null, StartBasis.FED, 0));
    story.say(new Fact.EngineStopped(null));
    assertThat(count(story).allSeconds()).as("no water seen").isEqualTo(30);
    story.say(new Fact.EngineStarted(null, StartBasis.FED, 0));
    story.say(new Fact.ReadingTaken(null, "water-at-exhaust", 9));
    story.say(new Fact.EngineStopped(null));
    assertThat(count(story).allSeconds()).isZero();
  }

  @Test
  void oneTurnIsAtMostHalfAMinute() {
    assertThatThrownBy(() -> new Fact.Cranked(null, 31)).isInstanceOf(Refused.class);
    assertThatThrownBy(() -> new Fact.Cranked(null, 0)).isInstanceOf(Refused.class);
    Story story = Story.fourDrains();
    assertThat(CrankCount.mostSeconds(story.boat.engine(engine(story)))).isEqualTo(10);
  }
}
