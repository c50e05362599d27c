package elsko.core.ledger.circuit;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.Hulls;
import elsko.core.Story;
import elsko.core.boat.path.Position;
import elsko.core.fluid.Instrument;
import elsko.core.fluid.InstrumentKind;
import elsko.core.fluid.Scale;
import elsko.core.fluid.verdict.Outcome;
import elsko.core.ledger.Ledger;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.InstrumentUse;
import elsko.core.ledger.fact.Procedure;
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
    assertThat(verdict().words().toString()).contains("zero check");
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
    assertThat(verdict().words().toString()).contains("warm run");
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

  @Test
  void aReadingSpeaksForTwelveMonths() {
    read(glass(0, 1), -37);
    story.daysLater(364).say(new Fact.Noted("cold"));
    assertThat(protection()).isEqualTo(Protection.PROVEN);
    story.daysLater(1).say(new Fact.Noted("cold"));
    assertThat(protection()).isEqualTo(Protection.FILLED);
    assertThat(verdict().words().toString()).startsWith("Read 12 months ago or longer");
  }

  @Test
  void theDayAloneEndsIt() {
    read(glass(0, 1), -37);
    ProofRules inAYear =
        new ProofRules(
            story.need,
            null,
            story.now().plus(java.time.Duration.ofDays(900)),
            java.time.ZoneOffset.UTC);
    assertThat(Ledger.fold(story.boat, inAYear, story.log).circuit("port-coolant").protection())
        .isEqualTo(Protection.FILLED);
  }

  @Test
  void aLayUpThatBeginsAsksForAReadingOfItsOwn() {
    read(glass(0, 1), -37);
    story.open(Procedure.LAY_UP_SERVICE);
    assertThat(protection()).isEqualTo(Protection.FILLED);
    assertThat(verdict().words().toString()).contains("before this lay-up began");
    read(glass(0, 1), -37);
    story.open(Procedure.WINTERIZE);
    assertThat(protection()).isEqualTo(Protection.PROVEN);
  }

  @Test
  void lastYearsLayUpIsAnother() {
    story.open(Procedure.WINTERIZE);
    read(glass(0, 1), -37);
    story.daysLater(160).open(Procedure.COMMISSION);
    assertThat(protection()).isEqualTo(Protection.PROVEN);
    story.daysLater(180).open(Procedure.LAY_UP_SERVICE);
    assertThat(protection()).isEqualTo(Protection.FILLED);
  }

  @Test
  void whatIsReadWarmIsReadAgain() {
    story.say(new Fact.CoolantRead("port-coolant", glass(0, 1), -37, 45.0));
    assertThat(protection()).isEqualTo(Protection.FILLED);
    assertThat(verdict().words().toString()).contains("Read at 45 °C");
    story.say(new Fact.CoolantRead("port-coolant", glass(0, 1), -37, 12.0));
    assertThat(protection()).isEqualTo(Protection.PROVEN);
  }
}
