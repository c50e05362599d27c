package elsko.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.Refused;
import elsko.core.Story;
import elsko.core.boat.Boat;
import elsko.core.boat.description.Cooling;
import elsko.core.boat.description.Layout;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.Fitting;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.LowPoint;
import elsko.core.boat.path.Position;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Seen;
import elsko.core.ledger.fact.StartBasis;
import elsko.core.trial.AnyBoat;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.ShrinkingMode;

/** Whatever people enter, in whatever order, the interlocks hold; checked here a second way. */
class InterlockProperties {
  @Property(tries = 1500, shrinking = ShrinkingMode.OFF)
  void noOrderOfAllowedEntriesEndsInAForbiddenStartFillOrLaunch(@ForAll long seed) {
    Random random = new Random(seed);
    Story story = new Story(AnyBoat.of(seed)).wet();
    // A bare hull with nothing aboard has nothing to start, fill or leave open.
    Assume.that(!story.boat.circuits().isEmpty());
    for (int i = 0; i < 120; i++) {
      BoatState before = story.state();
      Fact fact = fact(random, story);
      try {
        story.say(fact);
      } catch (Refused refused) {
        assertThat(refused.reason().toString()).isNotBlank();
        continue;
      }
      if (fact instanceof Fact.EngineStarted started) {
        namedStart(before, started);
      } else if (fact instanceof Fact.FluidUsed used) {
        noDrainOut(before, before.boat().circuit(used.circuit()), used.pourPoint() != null);
      } else if (fact instanceof Fact.BerthMoved moved && moved.afloat() && !before.afloat()) {
        nothingLetsTheSeaIn(before);
      }
      bagHoldsWhatIsOut(story.state());
    }
  }

  private static Fact fact(Random random, Story story) {
    Boat boat = story.boat;
    Fitting fitting = any(random, boat.fittings());
    Circuit circuit = any(random, boat.circuits());
    List<Circuit> engines = boat.engineCircuits();
    Position engine = engines.isEmpty() ? null : any(random, engines).engine();
    return switch (random.nextInt(12)) {
      case 0, 1 -> new Fact.EngineStarted(engine, any(random, List.of(StartBasis.values())), 2);
      case 2 -> new Fact.EngineStopped(engine);
      case 3 -> {
        String hose =
            circuit.pourPoints().isEmpty() || random.nextBoolean()
                ? null
                : any(random, circuit.pourPoints()).hose();
        yield new Fact.FluidUsed(circuit.key(), Story.LOT, 3, hose);
      }
      case 4 -> new Fact.BerthMoved(UUID.randomUUID(), "somewhere", random.nextBoolean());
      case 5 -> {
        List<LowPoint> points = circuit.lowPoints();
        yield points.isEmpty()
            ? new Fact.BagCounted(1)
            : new Fact.LowPointSeen(any(random, points).key(), Seen.RAN_CLEAR);
      }
      case 6, 7, 8 -> {
        // Back to how it should be, so that starts and launches come into reach.
        List<FittingStanding> loose = story.state().looseEnds();
        yield loose.isEmpty() ? new Fact.BagCounted(0) : back(any(random, loose).fitting());
      }
      default ->
          new Fact.FittingSet(fitting.key(), any(random, fitting.kind().states()), false, "");
    };
  }

  private static Fact back(Fitting fitting) {
    return new Fact.FittingSet(fitting.key(), fitting.kind().inCommission(), false, "");
  }

  /** One of the reasons for which a start is allowed holds, and nothing stands in its way. */
  private static void namedStart(BoatState before, Fact.EngineStarted started) {
    Boat boat = before.boat();
    Circuit circuit = boat.engineCircuit(started.engine());
    never(before, circuit, FittingKind.DRIVE, FittingState.UP);
    never(before, circuit, FittingKind.EXHAUST_COVER, FittingState.ON);
    never(before, circuit, FittingKind.IMPELLER, FittingState.REMOVED);
    never(before, circuit, FittingKind.BELT, FittingState.REMOVED);
    boat.fittingsOf(FittingKind.KEY)
        .forEach(key -> assertThat(before.is(key, FittingState.ON_SEACOCK)).isFalse());
    if (boat.engine(circuit).cooling() == Cooling.AIR) {
      return;
    }
    boolean open =
        boat.fittingsOf(circuit, FittingKind.SEACOCK).stream()
            .allMatch(f -> before.is(f, FittingState.OPEN));
    boolean shut =
        boat.fittingsOf(circuit, FittingKind.SEACOCK).stream()
            .allMatch(f -> before.is(f, FittingState.SHUT));
    boolean sealed =
        boat.fittingsOf(circuit, FittingKind.STRAINER_LID).stream()
                .allMatch(f -> before.is(f, FittingState.SEALED))
            && boat.fittingsOf(circuit, FittingKind.STRAINER_SEAL).stream()
                .allMatch(f -> before.is(f, FittingState.SEATED));
    boolean fed =
        boat.fittingsOf(circuit, FittingKind.FEED).stream()
            .anyMatch(f -> !before.is(f, FittingState.NONE));
    boolean jet = boat.description().layout() == Layout.JET;
    boolean named =
        switch (started.basis()) {
          case AFLOAT -> before.afloat() && open && sealed;
          case FED -> fed || jet;
          case PRIMED -> shut && sealed;
          case CRANK_SHUT -> shut;
          case KICK -> circuit.drains().stream().allMatch(d -> before.fitting(d).state().isOut());
        };
    assertThat(named).as(started.basis() + " " + circuit.name()).isTrue();
    if (started.basis() != StartBasis.KICK && started.basis() != StartBasis.CRANK_SHUT) {
      noDrainOut(before, circuit, false);
    }
  }

  private static void never(BoatState before, Circuit circuit, FittingKind kind, FittingState bad) {
    before
        .boat()
        .fittingsOf(circuit, kind)
        .forEach(f -> assertThat(before.is(f, bad)).as(f.name()).isFalse());
  }

  private static void noDrainOut(BoatState before, Circuit circuit, boolean poured) {
    if (!(poured && circuit.centralDrain())) {
      circuit.drains().forEach(d -> assertThat(before.fitting(d).state().isOut()).isFalse());
    }
  }

  private static void nothingLetsTheSeaIn(BoatState before) {
    for (Fitting fitting : before.boat().fittings()) {
      FittingState state = before.fitting(fitting.key()).state();
      switch (fitting.kind()) {
        case HULL_PLUG, DRAIN_PLUG, PETCOCK, THREADED_SENSOR, FLUSH_CAP ->
            assertThat(state).isEqualTo(FittingState.IN);
        case HOSE_END -> assertThat(state).isEqualTo(FittingState.CLAMPED);
        case STRAINER_LID -> assertThat(state).isEqualTo(FittingState.SEALED);
        case EXHAUST_COVER -> assertThat(state).isEqualTo(FittingState.OFF);
        case SEACOCK -> assertThat(state).isEqualTo(FittingState.SHUT);
        default -> {}
      }
    }
  }

  private static void bagHoldsWhatIsOut(BoatState state) {
    long bagged =
        state.fittings().values().stream()
            .filter(f -> f.state() == FittingState.OUT_BAGGED)
            .count();
    assertThat(state.bag().expected()).isEqualTo((int) bagged);
  }

  private static <T> T any(Random random, List<T> all) {
    return all.get(random.nextInt(all.size()));
  }
}
