package elsko.core.ledger.rules;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import elsko.core.Refused;
import elsko.core.Story;
import elsko.core.boat.description.DrainArrangement;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.Method;
import elsko.core.fluid.Base;
import elsko.core.fluid.Product;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Lot;
import elsko.core.ledger.fact.Procedure;
import elsko.core.ledger.fact.Seen;
import elsko.core.ledger.fact.StartBasis;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Map;
import java.util.UUID;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class InterlocksTest {
  private static final Fact START = new Fact.EngineStarted(null, StartBasis.FED, 0);

  private static void refused(ThrowingCallable what, String words) {
    assertThatThrownBy(what).isInstanceOf(Refused.class).hasMessageContaining(words);
  }

  private static Story fed() {
    return Story.fourDrains().set("feed", FittingState.HOSE);
  }

  private static Fact pour(double liters) {
    return new Fact.FluidUsed("engine", Story.LOT, liters, "recirculation-hose");
  }

  @Test
  void noStartWithoutWater() {
    refused(() -> Story.fourDrains().say(START), "Nothing feeds the raw-water pump");
    assertThatCode(() -> fed().say(START)).doesNotThrowAnyException();
  }

  @ParameterizedTest
  @CsvSource({
    "drive, UP, drive is UP",
    "exhaust-cover, ON, exhaust cover is ON",
    "belt, REMOVED, belt of the raw-water pump",
    "impeller, REMOVED, impeller is REMOVED",
    "spark-plugs, REMOVED, spark plugs are REMOVED",
    "key, ON_SEACOCK, key hangs on the seacock",
    "manifold-port-drain, OUT_BAGGED, Port manifold drain is OUT",
    "cooler-hose, OFF, Cooler hose is OFF"
  })
  void noStartWithThisInTheWay(String fitting, FittingState state, String words) {
    refused(() -> fed().set(fitting, state).say(START), words);
  }

  @Test
  void noStartWithHandsInTheBay() {
    Story story = fed();
    story.say(new Fact.BayEntered());
    refused(() -> story.say(START), "technician is recorded in the bay");
    story.say(new Fact.BayLeft());
    story.say(START);
    refused(() -> story.say(new Fact.BayEntered()), "engine is running");
    refused(() -> story.set("block-port-drain", FittingState.OUT_BAGGED), "Stop it before");
  }

  @Test
  void afloatItMayStartOnTheSea() {
    Story story = Story.fourDrains();
    Fact start = new Fact.EngineStarted(null, StartBasis.AFLOAT, 0);
    refused(() -> story.say(start), "ashore");
    story.say(new Fact.BerthMoved(UUID.randomUUID(), "W1", true));
    assertThatCode(() -> story.say(start)).doesNotThrowAnyException();
  }

  @Test
  void aKickIsShortAndOnceAndWithEveryDrainOut() {
    Story story = Story.fourDrains();
    refused(() -> story.say(new Fact.EngineStarted(null, StartBasis.KICK, 2)), "every drain OUT");
    story.drainAll();
    refused(() -> story.say(new Fact.EngineStarted(null, StartBasis.KICK, 4)), "at most 3 s");
    story.say(new Fact.EngineStarted(null, StartBasis.KICK, 2));
    refused(() -> story.say(new Fact.EngineStarted(null, StartBasis.KICK, 2)), "only once");
    refused(
        () ->
            Interlocks.check(
                story.state(),
                "technician",
                new Fact.EngineStarted(null, StartBasis.KICK, 2),
                new YardRules(false, ZoneOffset.UTC),
                Instant.EPOCH),
        "never runs a pump dry");
  }

  @Test
  void noFillWithADrainOut() {
    Story story = Story.fourDrains();
    story.drainAll();
    story.set("block-port-drain", FittingState.IN);
    story.set("manifold-port-drain", FittingState.IN);
    story.set("manifold-starboard-drain", FittingState.IN);
    refused(
        () -> story.say(pour(5)), "Starboard block drain is OUT. Put it back IN before filling");
    story.set("block-starboard-drain", FittingState.IN);
    assertThatCode(() -> story.say(pour(5))).doesNotThrowAnyException();
  }

  @Test
  void pouringWithOneCentralDrainMayBeginWithItOut() {
    Story story = new Story(DrainArrangement.ONE_CENTRAL_DRAIN);
    story.drainAll();
    assertThatCode(() -> story.say(pour(5))).doesNotThrowAnyException();
  }

  @Test
  void pouringNeedsTheHoseOpenAndDrawingNeedsTheTankAndARunningEngine() {
    Story story = Story.fourDrains();
    refused(() -> story.say(pour(5)), "CLAMPED");
    Fact draw = new Fact.FluidUsed("engine", Story.LOT, 19, null);
    refused(() -> story.say(draw), "needs the tank");
  }

  @Test
  void ethyleneGlycolNeverGoesIntoRawWater() {
    Lot poison = new Lot("E1", "coolant", new Product(Base.EG, 0.5, null, null));
    Story story = Story.fourDrains().set("recirculation-hose", FittingState.OFF);
    refused(
        () -> story.say(new Fact.FluidUsed("engine", poison, 5, "recirculation-hose")),
        "poisonous");
  }

  @ParameterizedTest
  @CsvSource({"0", "-1", "201", "NaN"})
  void litersMustBeAVolume(double liters) {
    Story story = Story.fourDrains().set("recirculation-hose", FittingState.OFF);
    refused(() -> story.say(pour(liters)), "Must be above 0, at most 200 L.");
  }

  @Test
  void nothingIsSampledBeforeItIsFilledAndReadOnlyWithTheDrainIn() {
    Story story = Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.POUR);
    Fact sample = new Fact.SampleRead("block-port", Story.LOT, Story.GLASS, Story.JUG, 15);
    refused(() -> story.say(sample), "nothing to sample");
    story.walkTo("clamp", Map.of());
    refused(() -> story.say(sample), "jug of lot P38-1 was not read");
    story.say(new Fact.JugRead(Story.LOT, Story.GLASS, Story.JUG));
    story.say(new Fact.FittingSet("block-port-drain", FittingState.OUT_BAGGED, true, ""));
    refused(() -> story.say(sample), "still OUT");
    story.say(new Fact.FittingSet("block-port-drain", FittingState.IN, true, ""));
    assertThatCode(() -> story.say(sample)).doesNotThrowAnyException();
  }

  @Test
  void whatRanOutIsSaidOnlyOfAnOpenDrain() {
    refused(
        () -> Story.fourDrains().say(new Fact.LowPointSeen("block-port", Seen.RAN_CLEAR)),
        "open it before");
  }

  @ParameterizedTest
  @CsvSource({
    "hull-plug, OUT_BAGGED",
    "block-port-drain, OUT_MISSING",
    "cooler-hose, OFF",
    "exhaust-cover, ON"
  })
  void noLaunchWithAHoleInTheBoat(String fitting, FittingState state) {
    Story story = Story.fourDrains().set(fitting, state);
    refused(() -> story.say(new Fact.BerthMoved(UUID.randomUUID(), "W1", true)), "Not launched");
  }

  @Test
  void noLaunchWithADeadBilgePump() {
    Story story = Story.fourDrains().set("battery", FittingState.OFF);
    story.set("bilge-pump", FittingState.OFF);
    Fact launch = new Fact.BerthMoved(UUID.randomUUID(), "W1", true);
    refused(() -> story.say(launch), "both OFF");
    story.set("bilge-pump", FittingState.AUTO);
    assertThatCode(() -> story.say(launch)).doesNotThrowAnyException();
  }

  @Test
  void afloatNothingBelowTheWaterlineIsOpened() {
    Story story = Story.fourDrains();
    story.say(new Fact.BerthMoved(UUID.randomUUID(), "W1", true));
    refused(() -> story.set("pump-hose", FittingState.OFF), "below the waterline");
    refused(() -> story.set("hull-plug", FittingState.OUT_BAGGED), "only ashore");
    story.set("bilge-pump", FittingState.OFF);
    refused(() -> story.set("battery", FittingState.OFF), "live feed");
    refused(
        () -> story.say(new Fact.CardOpened(Procedure.WINTERIZE, Map.of("engine", "POUR"))),
        "Lift it first");
  }

  @Test
  void oneWinterizingCardAtATime() {
    Story story = Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.POUR);
    refused(
        () -> story.say(new Fact.CardOpened(Procedure.WINTERIZE, Map.of())), "Go on with that one");
  }

  @Test
  void afterTwoShortFillsTheSamePersonIsRefusedAThird() {
    Story story = Story.winterizing(DrainArrangement.FOUR_DRAINS, Method.POUR);
    story.walkTo("prove", Map.of("block-port", Story.SHORT));
    story.walkTo("prove-2", Map.of("block-port", Story.SHORT));
    story.set("recirculation-hose", FittingState.OFF);
    refused(() -> story.say(pour(4.5)), "someone else");
    story.person = "second technician";
    assertThatCode(() -> story.say(pour(4.5))).doesNotThrowAnyException();
  }

  @Test
  void unknownThingsAreRefusedByName() {
    refused(
        () -> Story.fourDrains().set("anchor", FittingState.IN), "no fitting called \"anchor\"");
    refused(() -> Story.fourDrains().set("drive", FittingState.IN), "Drive can be DOWN and UP");
    refused(
        () -> Story.fourDrains().say(new Fact.LowPointSeen("keel", Seen.DRY)),
        "no low point called");
  }
}
