package elsko.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.Hulls;
import elsko.core.Story;
import elsko.core.boat.Position;
import elsko.core.fluid.Instrument;
import elsko.core.fluid.InstrumentKind;
import elsko.core.fluid.Outcome;
import elsko.core.fluid.Scale;
import elsko.core.limits.Interval;
import elsko.core.limits.Limits;
import org.junit.jupiter.api.Test;

class CoolantSideTest {
  private final Story story = new Story(Hulls.twinDiesel()).wet();

  private static InstrumentUse glass(double zero, double hours) {
    return new InstrumentUse(
        "coolant glass",
        new Instrument(InstrumentKind.REFRACTOMETER, Scale.EG_FREEZE, 0.5, 10, 30, zero, hours));
  }

  private void read(InstrumentUse with, double reading) {
    story.say(new Fact.CoolantRead("port-coolant", with, reading));
  }

  private Protection protection() {
    return story.state().circuit("port-coolant").protection();
  }

  private CoolantVerdict verdict() {
    return story.state().circuit("port-coolant").coolantVerdict();
  }

  private void runWarm() {
    story.say(new Fact.ReadingTaken(Position.PORT, Limits.PLATEAU_CLOSED.key(), 82));
  }

  @Test
  void anInstrumentThatWasNotCheckedProvesNothing() {
    read(glass(0, 100_000), -37);
    assertThat(protection()).isEqualTo(Protection.FILLED);
    assertThat(verdict().outcome()).isEqualTo(Outcome.RETAKE);
    assertThat(verdict().words()).contains("zero check");
    read(glass(-9, 1), -37);
    assertThat(protection()).isEqualTo(Protection.FILLED);
    read(glass(0, 1), -37);
    assertThat(protection()).isEqualTo(Protection.PROVEN);
  }

  @Test
  void theOffsetOfTheZeroIsTakenOff() {
    read(glass(-1, 1), -25.8);
    assertThat(protection()).isEqualTo(Protection.HELD);
    assertThat(verdict().freezePointC()).isGreaterThan(-24.5);
    read(glass(0, 1), -25.8);
    assertThat(protection()).isEqualTo(Protection.PROVEN);
  }

  @Test
  void aChangeEndsItUntilItIsReadAfterAWarmRun() {
    read(glass(0, 1), -37);
    story.say(new Fact.ServiceDone(Position.PORT, Interval.COOLANT.key(), ""));
    assertThat(protection()).isEqualTo(Protection.FILLED);
    assertThat(verdict()).isNull();
    read(glass(0, 1), -37);
    assertThat(protection()).isEqualTo(Protection.FILLED);
    assertThat(verdict().words()).contains("warm run");
    runWarm();
    assertThat(protection()).isEqualTo(Protection.FILLED);
    read(glass(0, 1), -37);
    assertThat(protection()).isEqualTo(Protection.PROVEN);
  }

  @Test
  void aLevelThatIsLowEndsItToo() {
    read(glass(0, 1), -37);
    story.say(new Fact.ConditionSeen(Position.STARBOARD, "coolant-level", "low"));
    assertThat(protection()).isEqualTo(Protection.PROVEN);
    story.say(new Fact.ConditionSeen(Position.PORT, "coolant-level", "between"));
    assertThat(protection()).isEqualTo(Protection.PROVEN);
    story.say(new Fact.ConditionSeen(Position.PORT, "coolant-level", "low"));
    assertThat(protection()).isEqualTo(Protection.FILLED);
  }
}
