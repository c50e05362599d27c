package elsko.core.trueboat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import elsko.core.Hulls;
import elsko.core.boat.Boat;
import elsko.core.boat.description.DrainArrangement;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.LowPoint;
import elsko.core.boat.path.PocketKind;
import elsko.core.boat.path.PourPoint;
import elsko.core.frost.Pocket;
import java.util.List;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;

class TrueBoatTest {
  private static final double PRODUCT = 0.38;
  private final Boat boat = Boat.of(Hulls.sterndrive(DrainArrangement.FOUR_DRAINS));
  private final Circuit engine = boat.circuit("engine");

  private static List<String> broken(TrueBoat truth) {
    return truth.breaksAt(-20).stream().map(TrueBoat.Broken::segment).toList();
  }

  @Test
  void fullOfWaterEverySegmentBreaks() {
    assertThat(broken(new TrueBoat(boat, 1))).hasSameSizeAs(engine.segments());
    assertThat(new TrueBoat(boat, 1).breaksAt(-1)).hasSameSizeAs(engine.segments());
    assertThat(new TrueBoat(boat, 1).breaksAt(0)).isEmpty();
  }

  @Test
  void whatRunsOutAtEveryLowPointIsSafeUnlessAHoleIsBlocked() {
    int blocked = 0;
    for (long seed = 0; seed < 200; seed++) {
      TrueBoat truth = new TrueBoat(boat, seed);
      for (LowPoint point : engine.lowPoints()) {
        Saw saw = truth.open(point.key());
        boolean empty = broken(truth).stream().noneMatch(point.empties()::contains);
        assertThat(empty).as(seed + " " + point.key()).isEqualTo(saw == Saw.RAN);
        blocked += saw == Saw.RAN ? 0 : 1;
      }
    }
    assertThat(blocked).isBetween(100, 250);
  }

  @Test
  void aRodFreesSiltAndDoesNotGetThroughScale() {
    int freed = 0;
    int stayed = 0;
    for (long seed = 0; seed < 300; seed++) {
      TrueBoat truth = new TrueBoat(boat, seed);
      truth.open("recirculation");
      if (truth.open("block-port") == Saw.NOTHING_CAME) {
        boolean ran = truth.rod("block-port") == Saw.RAN;
        freed += ran ? 1 : 0;
        stayed += ran ? 0 : 1;
        assertThat(broken(truth).contains("block-port")).isEqualTo(!ran);
        assertThat(truth.rodAndAirPass("block-port")).isEqualTo(ran);
      }
    }
    assertThat(freed).isGreaterThan(stayed);
    assertThat(stayed).isPositive();
  }

  @Test
  void glycolAndWaterAreConserved() {
    TrueBoat truth = new TrueBoat(boat, 7);
    for (PourPoint point : engine.pourPoints()) {
      truth.open("recirculation");
      double[] before = truth.holds("engine");
      double over = truth.pour("engine", point.hose(), 3, PRODUCT);
      double[] after = truth.holds("engine");
      assertThat(after[0] - before[0]).isCloseTo(3 - over, within(1e-9));
      assertThat(after[1] - before[1]).isCloseTo(PRODUCT * (3 - over), within(1e-9));
    }
  }

  @Test
  void drawnThroughAWarmDrainedEngineItIsSafeAndThroughAColdOneItIsNot() {
    long clear = seedWithClearDrains();
    TrueBoat warm = new TrueBoat(boat, clear);
    warm.runOnWater("engine", 10);
    assertThat(warm.gaugeHolds("engine")).isTrue();
    drained(warm);
    warm.draw("engine", 45, PRODUCT);
    TrueBoat cold = new TrueBoat(boat, clear);
    drained(cold);
    cold.draw("engine", 11, PRODUCT);
    assertThat(broken(warm)).isEmpty();
    cold.runOnWater("engine", 1);
    assertThat(cold.gaugeHolds("engine")).isFalse();
    cold.draw("engine", 45, PRODUCT);
    assertThat(broken(cold)).contains("block-port", "block-starboard");
  }

  @Test
  void aThermostatShutsAgainAfterAWhile() {
    TrueBoat truth = new TrueBoat(boat, seedWithClearDrains());
    truth.runOnWater("engine", 10);
    truth.pass(8);
    assertThat(truth.gaugeHolds("engine")).isTrue();
    truth.pass(60);
    assertThat(truth.gaugeHolds("engine")).isFalse();
  }

  @Test
  void whatIsFilledAboveAnOpenDrainRunsOutOfIt() {
    TrueBoat truth = new TrueBoat(boat, seedWithClearDrains());
    truth.open("block-port");
    truth.pour("engine", "recirculation-hose", 10, PRODUCT);
    assertThat(truth.sample("block-starboard")).isNotNull();
    double open = truth.holds("engine")[1];
    truth.set("block-port-drain", FittingState.IN);
    truth.open("recirculation");
    truth.pour("engine", "recirculation-hose", 10, PRODUCT);
    assertThat(truth.holds("engine")[1]).isGreaterThan(open);
  }

  private void drained(TrueBoat truth) {
    for (LowPoint point : engine.lowPoints()) {
      assertThat(truth.open(point.key())).isEqualTo(Saw.RAN);
    }
    engine.drains().forEach(drain -> truth.set(drain, FittingState.IN));
    engine.hoses().forEach(hose -> truth.set(hose, FittingState.CLAMPED));
  }

  private long seedWithClearDrains() {
    return LongStream.range(0, 500)
        .filter(
            seed -> {
              TrueBoat truth = new TrueBoat(boat, seed);
              truth.runOnWater("engine", 10);
              boolean opens = truth.gaugeHolds("engine");
              return opens
                  && engine.lowPoints().stream()
                      .allMatch(point -> truth.open(point.key()) == Saw.RAN);
            })
        .findFirst()
        .orElseThrow();
  }

  /** Closed form: so long to the freeze point, and on to the ice that breaks it. */
  private static double hoursToIce(double tau, double fromC, double airC, double ice) {
    return tau * Math.log((fromC - airC) / -airC) + ice * tau * Pocket.LATENT_K / -airC;
  }

  @Test
  void waterFreezesAsSoonAsItsSizeLetsIt() {
    double tau = PocketKind.BLOCK.tauHours();
    for (long seed = 0; seed < 40; seed++) {
      InTheCold cold = new TrueBoat(boat, seed).leftInTheCold(4);
      int brokeAfter = 0;
      for (int hour = 1; brokeAfter == 0; hour++) {
        boolean broke = cold.hour(-6).contains(new InTheCold.Cracked("engine", "block-port"));
        brokeAfter = broke ? hour : 0;
      }
      assertThat((double) brokeAfter)
          .isBetween(
              Math.floor(hoursToIce(0.8 * tau, 4, -6, 0.12)),
              Math.ceil(hoursToIce(1.2 * tau, 4, -6, 0.35)));
    }
  }

  @Test
  void whatIsStrongEnoughDoesNotBreakAndWhatIsEmptyNeither() {
    TrueBoat truth = new TrueBoat(boat, 3);
    truth.runOnWater("engine", 20);
    truth.draw("engine", 200, PRODUCT);
    InTheCold cold = truth.leftInTheCold(4);
    for (int hour = 0; hour < 24 * 20; hour++) {
      assertThat(cold.hour(-18)).noneMatch(cracked -> truth.breaksAt(-18).isEmpty());
    }
  }
}
