package elsko.server.castoff;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.boat.Boat;
import elsko.core.boat.path.FittingState;
import elsko.core.castoff.Answers;
import elsko.core.castoff.GoNoGo;
import elsko.core.castoff.Round;
import elsko.core.fluid.verdict.Need;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.Ledger;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.RoundKind;
import elsko.core.limits.Call;
import elsko.core.limits.Condition;
import elsko.core.limits.Conditions;
import elsko.core.limits.Limit;
import elsko.core.limits.Limits;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.request.Practices;
import elsko.core.trial.AnyBoat;
import elsko.core.trip.TripFuel;
import elsko.server.SharedVectors;
import java.io.IOException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** Go or no-go without signal, held against what core says of the same answers. */
class RoundVectorsTest {
  private static final Instant NOW = Instant.parse("2031-06-01T08:00:00Z");
  private static final TripFuel ENOUGH = new TripFuel(true, List.of());
  private static final int ROUNDS = 6;

  /** What was found at one check, as a device keeps it. */
  private record Found(
      @Nullable FittingState state,
      @Nullable String finding,
      @Nullable Double value,
      @Nullable Double against) {}

  private record Vector(
      RoundView round,
      List<@Nullable Found> found,
      boolean fuel,
      boolean go,
      List<GoNoGo.Reason> reasons,
      int open) {}

  @Test
  void deviceComesToTheSame() throws IOException {
    List<Vector> vectors = new ArrayList<>();
    for (int seed = 0; seed < ROUNDS; seed++) {
      vectors.add(vector(seed));
    }
    assertThat(vectors).anyMatch(Vector::go).anyMatch(one -> !one.go());
    SharedVectors.areKept("rounds", vectors);
  }

  private static Vector vector(int seed) {
    Random random = new Random(seed);
    Boat boat = Boat.of(AnyBoat.of(seed));
    BoatState state = Ledger.fold(boat, Need.DEFAULT, List.of(afloat()));
    Round round = Round.of(state, Practices.USUAL, RoundKind.SHORT);
    boolean allGood = seed % 3 == 0;
    List<Found> found = new ArrayList<>();
    List<Fact.FittingSet> set = new ArrayList<>();
    List<Fact.ConditionSeen> seen = new ArrayList<>();
    List<Fact.ReadingTaken> read = new ArrayList<>();
    for (Ask.OnRound ask : round.asks()) {
      boolean good = allGood || random.nextInt(6) > 0;
      if (!allGood && random.nextInt(8) == 0) {
        found.add(null);
        continue;
      }
      switch (ask) {
        case Ask.Set one -> {
          FittingState to = good ? one.to() : otherwise(boat, one);
          found.add(new Found(to, null, null, null));
          set.add(new Fact.FittingSet(one.fitting(), to, false, ""));
        }
        case Ask.See one -> {
          List<Condition.Finding> all = Conditions.of(one.condition()).findings();
          String finding = (good ? good(all) : all.get(random.nextInt(all.size()))).key();
          found.add(new Found(null, finding, null, null));
          seen.add(new Fact.ConditionSeen(one.engine(), one.condition(), finding));
        }
        case Ask.Read one -> {
          Limit limit = Limits.of(one.limit());
          Double against = limit.against() == null ? null : limit.against().possible().low();
          Limit.Range fine = limit.good(against);
          double value = good ? fine.high() : Math.min(fine.high() + 1, limit.possible().high());
          found.add(new Found(null, null, value, against));
          read.add(new Fact.ReadingTaken(one.engine(), one.limit(), value, against));
        }
      }
    }
    boolean fuel = allGood || random.nextBoolean();
    GoNoGo result = GoNoGo.of(state, round, new Answers(set, seen, read), fuel ? ENOUGH : null);
    return new Vector(
        RoundView.of(new UUID(0, seed), state, round, null, 0, NOW),
        found,
        fuel,
        result.go(),
        result.reasons(),
        result.open().size());
  }

  private static Entry afloat() {
    UUID id = new UUID(0, 1);
    Fact lies = new Fact.BerthMoved(id, "Quay", true);
    return new Entry(id, "Orrin", NOW, NOW, null, null, null, lies);
  }

  private static Condition.Finding good(List<Condition.Finding> all) {
    return all.stream().filter(one -> one.call() == Call.GOOD).findFirst().orElseThrow();
  }

  private static FittingState otherwise(Boat boat, Ask.Set ask) {
    return boat.fitting(ask.fitting()).kind().states().stream()
        .filter(state -> state != ask.to())
        .findFirst()
        .orElseThrow();
  }
}
