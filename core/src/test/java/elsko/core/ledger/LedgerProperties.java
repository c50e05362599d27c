package elsko.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.Refused;
import elsko.core.Story;
import elsko.core.boat.description.DrainArrangement;
import elsko.core.boat.path.Fitting;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.LowPoint;
import elsko.core.boat.path.Method;
import elsko.core.ledger.circuit.CircuitState;
import elsko.core.ledger.circuit.ProofRules;
import elsko.core.ledger.circuit.Protection;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.Seen;
import elsko.core.ledger.fact.StartBasis;
import java.util.List;
import java.util.Map;
import java.util.Random;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

class LedgerProperties {
  @Provide
  Arbitrary<DrainArrangement> v8() {
    return Arbitraries.of(
        DrainArrangement.FOUR_DRAINS,
        DrainArrangement.FOUR_DRAINS_ONE_SENSOR,
        DrainArrangement.ONE_CENTRAL_DRAIN);
  }

  @Provide
  Arbitrary<Method> v8Methods() {
    return Arbitraries.of(Method.values());
  }

  /** A log of random facts, each kept only when the interlocks let it through. */
  private static Story random(long seed, DrainArrangement drains, int tries) {
    Story story = new Story(drains);
    goesOn(story, new Random(seed), tries);
    return story;
  }

  private static void goesOn(Story story, Random random, int tries) {
    for (int i = 0; i < tries; i++) {
      try {
        story.say(fact(random, story));
      } catch (Refused refused) {
        assertThat(refused.reason().toString()).isNotBlank();
        assertThat(refused.field()).isNotBlank();
      }
    }
  }

  private static Fact fact(Random random, Story story) {
    List<Fitting> fittings = story.boat.fittings();
    List<LowPoint> points = story.boat.circuits().get(0).lowPoints();
    Fitting fitting = fittings.get(random.nextInt(fittings.size()));
    List<FittingState> states = fitting.kind().states();
    LowPoint point = points.get(random.nextInt(points.size()));
    double reading = -20 * random.nextDouble();
    return switch (random.nextInt(9)) {
      case 0 -> new Fact.CircuitSeen("engine", random.nextInt(4) == 0);
      case 1 ->
          new Fact.LowPointSeen(point.key(), Seen.values()[random.nextInt(Seen.values().length)]);
      case 2 -> new Fact.EngineStarted(null, StartBasis.values()[random.nextInt(3)], 2);
      case 3 -> new Fact.EngineStopped(null);
      case 4 ->
          new Fact.FluidUsed(
              "engine",
              Story.LOT,
              1 + random.nextInt(9),
              random.nextBoolean() ? "recirculation-hose" : null);
      case 5 -> new Fact.JugRead(Story.LOT, Story.GLASS, Story.JUG);
      case 6 -> new Fact.SampleRead(point.key(), Story.LOT, Story.GLASS, reading, 15);
      default ->
          new Fact.FittingSet(
              fitting.key(), states.get(random.nextInt(states.size())), random.nextInt(9) == 0, "");
    };
  }

  @Property(tries = 150)
  void theBagHoldsExactlyTheBaggedPlugs(@ForAll long seed, @ForAll("v8") DrainArrangement drains) {
    BoatState state = random(seed, drains, 80).state();
    long bagged =
        state.fittings().values().stream()
            .filter(f -> f.state() == FittingState.OUT_BAGGED)
            .count();
    assertThat(state.bag().expected()).isEqualTo((int) bagged);
  }

  @Property(tries = 150)
  void nothingIsProvenWithoutAGoodSampleAtEveryRequiredPointThatHoldsFluid(
      @ForAll long seed, @ForAll("v8") DrainArrangement drains) {
    CircuitState circuit = random(seed, drains, 120).state().circuit("engine");
    if (circuit.protection() == Protection.PROVEN) {
      assertThat(circuit.points())
          .filteredOn(p -> p.point().required())
          .allMatch(
              p ->
                  p.verdict() != null && p.verdict().outcome().proves()
                      || circuit.contents().get(p.point().segment()) == CircuitState.Content.EMPTY);
    }
    if (circuit.contents().containsValue(CircuitState.Content.WATER)) {
      assertThat(circuit.protection())
          .isIn(Protection.UNKNOWN, Protection.WET, Protection.IN_SERVICE);
    }
  }

  @Property(tries = 100)
  void aWithdrawnEntryLeavesTheStateAsIfItHadNeverBeen(@ForAll long seed) {
    Story story = random(seed, DrainArrangement.FOUR_DRAINS, 60);
    if (story.log.isEmpty()) {
      return;
    }
    int victim = new Random(seed).nextInt(story.log.size());
    List<Entry> without = new java.util.ArrayList<>(story.log);
    without.remove(victim);
    story.correct(story.log.get(victim), new Fact.Withdrawn("never happened"));
    assertThat(Ledger.fold(story.boat, story.need, story.log))
        .isEqualTo(Ledger.fold(story.boat, story.need, without));
  }

  @Property(tries = 100)
  void aFoldThatGrowsComesToWhatTheWholeLogDoes(@ForAll long seed, @ForAll boolean corrected) {
    Story story = random(seed, DrainArrangement.FOUR_DRAINS, 40);
    Random random = new Random(seed);
    if (corrected && !story.log.isEmpty()) {
      Entry wrong = story.log.get(random.nextInt(story.log.size()));
      story.correct(wrong, new Fact.Withdrawn("never happened"));
    }
    ProofRules rules = ProofRules.of(story.need);
    int grown = story.log.size();
    GrowingFold fold = GrowingFold.of(story.boat, rules, List.copyOf(story.log));
    goesOn(story, random, 30);
    for (Entry entry : story.log.subList(grown, story.log.size())) {
      fold.add(entry);
      grown++;
      assertThat(fold.state())
          .isEqualTo(Ledger.fold(story.boat, rules, story.log.subList(0, grown)));
    }
  }

  @Property(tries = 60)
  void foldingTwiceGivesTheSame(@ForAll long seed) {
    Story story = random(seed, DrainArrangement.ONE_CENTRAL_DRAIN, 80);
    assertThat(story.state()).isEqualTo(story.state());
  }

  @Property(tries = 40)
  void anyCardWalkedAsUsualEndsSafe(
      @ForAll("v8") DrainArrangement drains,
      @ForAll("v8Methods") Method method,
      @ForAll boolean oneShort) {
    Story story = Story.winterizing(drains, method);
    if (oneShort && method != Method.DRY) {
      story.walkTo("prove", Map.of("block-starboard", Story.SHORT));
    }
    story.walkTo("close", Map.of());
    assertThat(story.protection())
        .isEqualTo(method == Method.DRY ? Protection.DRAINED : Protection.PROVEN);
    assertThat(story.progress().isClosed()).isTrue();
    assertThat(story.state().running()).isEmpty();
    assertThat(story.state().bag().isShort()).isFalse();
  }
}
