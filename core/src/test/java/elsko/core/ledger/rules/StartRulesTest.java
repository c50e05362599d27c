package elsko.core.ledger.rules;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import elsko.core.Hulls;
import elsko.core.Refused;
import elsko.core.Story;
import elsko.core.boat.description.BoatDescription;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.Position;
import elsko.core.ledger.circuit.Protection;
import elsko.core.ledger.decision.Decision;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Procedure;
import elsko.core.ledger.fact.StartBasis;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class StartRulesTest {
  private static void refused(Runnable entry, String because) {
    assertThatThrownBy(entry::run).isInstanceOf(Refused.class).hasMessageContaining(because);
  }

  private static Fact start(Position engine, StartBasis basis) {
    return new Fact.EngineStarted(engine, basis, basis.keepsRunning() ? 0 : 5);
  }

  /** Afloat, its seacocks seen shut and then opened. */
  private static Story afloat(BoatDescription description, FittingState seacocks) {
    Story story = new Story(description).wet();
    List<String> all =
        story.boat.fittings().stream()
            .filter(f -> f.kind() == elsko.core.boat.path.FittingKind.SEACOCK)
            .map(elsko.core.boat.path.Fitting::key)
            .toList();
    all.forEach(key -> story.set(key, FittingState.SHUT));
    story.say(new Fact.BerthMoved(UUID.randomUUID(), "W1", true));
    all.forEach(key -> story.set(key, seacocks));
    return story;
  }

  @Test
  void afloatEverySeacockOnThePathIsOpenAndTheStrainerSealed() {
    Story story = afloat(Hulls.saildrive(), FittingState.SHUT);
    refused(() -> story.say(start(null, StartBasis.AFLOAT)), "seacock is SHUT");
    story.set("strainer-lid", FittingState.OFF);
    story.set("strainer-lid", FittingState.SEALED);
    story.set("seacock", FittingState.OPEN);
    story.set("strainer-seal", FittingState.MISSING);
    refused(() -> story.say(start(null, StartBasis.AFLOAT)), "suck air");
    story.set("strainer-seal", FittingState.SEATED);
    story.say(start(null, StartBasis.AFLOAT));
    assertThat(story.state().running()).containsKey(Position.CENTER);
  }

  @Test
  void primedMeansSeacockShutUntilItFires() {
    Story story = afloat(Hulls.saildrive(), FittingState.OPEN);
    refused(() -> story.say(start(null, StartBasis.PRIMED)), "has to be SHUT");
    story.set("seacock", FittingState.SHUT);
    story.say(start(null, StartBasis.PRIMED));
    story.set("seacock", FittingState.OPEN);
    refused(
        () -> new Story(Hulls.sterndrive(null)).say(start(null, StartBasis.PRIMED)),
        "seacock and a strainer");
  }

  @Test
  void turnedWithTheSeacockShutItDoesNotRun() {
    Story story = afloat(Hulls.saildrive(), FittingState.SHUT);
    story.say(start(null, StartBasis.CRANK_SHUT));
    assertThat(story.state().running()).isEmpty();
    refused(
        () -> story.say(new Fact.EngineStarted(null, StartBasis.CRANK_SHUT, 40)), "from 1 to 30 s");
  }

  @Test
  void withTwoEnginesTheSideIsNamedAndTheOthersHaveNoPower() {
    Story story = afloat(Hulls.twinDiesel(), FittingState.OPEN);
    refused(() -> story.say(start(null, StartBasis.AFLOAT)), "Name which: port engine, starboard");
    refused(
        () -> story.say(start(Position.PORT, StartBasis.AFLOAT)), "only the one meant has power");
    story.set("starboard-battery", FittingState.OFF);
    story.set("generator-battery", FittingState.OFF);
    story.say(start(Position.PORT, StartBasis.AFLOAT));
    story.set("starboard-battery", FittingState.ON);
    story.say(start(Position.STARBOARD, StartBasis.AFLOAT));
    assertThat(story.state().running()).containsOnlyKeys(Position.PORT, Position.STARBOARD);
    story.say(new Fact.EngineStopped(Position.PORT));
    refused(() -> story.say(new Fact.EngineStopped(Position.PORT)), "port engine is not running");
    refused(() -> story.say(start(Position.CENTER, StartBasis.AFLOAT)), "has no engine");
  }

  @Test
  void aHoseUnderPressureNeverStandsOnAStoppedWaterLift() {
    Story story = new Story(Hulls.smallDiesel()).wet();
    refused(() -> story.set("feed", FittingState.HOSE), "open bucket or tank");
    story.set("feed", FittingState.BUCKET);
    story.say(start(null, StartBasis.FED));
    story.set("feed", FittingState.HOSE);
    refused(() -> story.say(new Fact.EngineStopped(null)), "Water off first");
    story.set("feed", FittingState.NONE);
    story.say(new Fact.EngineStopped(null));
  }

  @Test
  void aTwoPortJetGetsItsWaterAfterTheStart() {
    Story story = new Story(Hulls.jet(false)).wet();
    refused(() -> story.say(start(null, StartBasis.FED)), "Nothing feeds");
    story.set("engine-port", FittingState.OUT);
    story.say(start(null, StartBasis.FED));
    assertThat(story.state().running()).isNotEmpty();
  }

  @Test
  void anAirCooledEngineNeedsNoWater() {
    Story story = new Story(Hulls.airCooled());
    story.say(start(null, StartBasis.FED));
    story.say(new Fact.EngineStopped(null));
    story.set("exhaust-cover", FittingState.ON);
    refused(() -> story.say(start(null, StartBasis.FED)), "exhaust cover is ON");
  }

  @Test
  void noStrainerIsOpenedAfloatWithItsSeacockOpen() {
    Story story = afloat(Hulls.twinDiesel(), FittingState.OPEN);
    refused(() -> story.set("port-strainer-lid", FittingState.OFF), "seacock is shut first");
    story.set("port-seacock", FittingState.SHUT);
    story.set("port-strainer-lid", FittingState.OFF);
  }

  @Test
  void aLaunchNeedsEverySeacockSeenShutThatDay() {
    Story story = new Story(Hulls.saildrive());
    Fact launch = new Fact.BerthMoved(UUID.randomUUID(), "W1", true);
    refused(() -> story.say(launch), "seacock not checked today");
    story.set("seacock", FittingState.SHUT);
    story.set("heads-seacock", FittingState.SHUT);
    story.set("heads-outlet-seacock", FittingState.SHUT);
    story.say(launch);
  }

  @Test
  void aSeacockOpenedAfloatMakesWhatWasProvenWet() {
    Story story = new Story(Hulls.smallDiesel()).wet();
    story.open(Procedure.WINTERIZE).walk();
    assertThat(story.protection()).isEqualTo(Protection.PROVEN);
    story.set("seacock", FittingState.SHUT);
    for (String cover : List.of("exhaust-cover", "vent-mesh")) {
      story.set(cover, FittingState.OFF);
    }
    story.say(new Fact.BerthMoved(UUID.randomUUID(), "W1", true));
    assertThat(story.protection()).isEqualTo(Protection.PROVEN);
    story.set("seacock", FittingState.OPEN);
    assertThat(story.protection()).isEqualTo(Protection.WET);
  }

  @Test
  void weakCoolantHoldsTheBoat() {
    Story story = new Story(Hulls.saildrive()).wet();
    story.say(new Fact.CoolantRead("coolant", Story.COOLANT_GLASS, -18));
    assertThat(story.state().circuit("coolant").protection()).isEqualTo(Protection.HELD);
    assertThat(Decision.of(story.state()).orElseThrow().words().toString())
        .contains("strengthen it");
    story.say(new Fact.CoolantRead("coolant", Story.COOLANT_GLASS, -37));
    assertThat(story.state().circuit("coolant").protection()).isEqualTo(Protection.PROVEN);
    refused(
        () -> story.say(new Fact.CoolantRead("coolant", Story.GLASS, -37)),
        "EG freeze point scale");
  }

  @Test
  void whatIsFoundAboardAndNotDescribedMakesTheBoatUnknown() {
    Story story = new Story(Hulls.sterndrive(null)).wet();
    story.say(new Fact.AccessorySeen(elsko.core.boat.description.Accessory.GENERATOR, true));
    assertThat(story.protection()).isEqualTo(Protection.UNKNOWN);
    assertThat(Decision.of(story.state()).orElseThrow().kind())
        .isEqualTo(Decision.Kind.FOUND_ABOARD);
    story.say(new Fact.AccessorySeen(elsko.core.boat.description.Accessory.GENERATOR, false));
    assertThat(story.protection()).isEqualTo(Protection.WET);
  }

  @Test
  void anOutboardStandsDryOnlyUpright() {
    Story story = new Story(Hulls.outboard().with(Hulls.answers())).wet();
    story.open(Procedure.WINTERIZE).walk();
    assertThat(story.protection()).isEqualTo(Protection.DRY_BUILT);
    story.set("drive", FittingState.UP);
    assertThat(story.protection()).isEqualTo(Protection.DRAINED);
  }
}
