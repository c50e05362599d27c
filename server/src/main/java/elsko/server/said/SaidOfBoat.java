package elsko.server.said;

import elsko.core.boat.description.Accessory;
import elsko.core.boat.path.FittingState;
import elsko.core.ledger.fact.Fact;
import elsko.server.yard.Berths;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What is said of a boat: its fittings, what is aboard, where it lies. */
public sealed interface SaidOfBoat extends Said {
  record LearnedUsed(String key, @Nullable Boolean used) implements SaidOfBoat {
    @Override
    public Fact fact(Around around) {
      return new Fact.LearnedUsed(Said.which("key", key), Said.is(used));
    }
  }

  record AccessorySeen(Accessory accessory, Boolean aboard) implements SaidOfBoat {
    @Override
    public Fact fact(Around around) {
      return new Fact.AccessorySeen(
          Said.need("accessory", accessory, "Say which accessory."),
          Said.need("aboard", aboard, "Say whether it is aboard."));
    }
  }

  record FittingSet(
      String fitting, FittingState state, @Nullable Boolean forSample, @Nullable String reason)
      implements SaidOfBoat {
    @Override
    public Fact fact(Around around) {
      return new Fact.FittingSet(
          Said.which("fitting", fitting),
          Said.need("state", state, "Say which state it is in now."),
          Said.is(forSample),
          Said.remark("reason", reason));
    }
  }

  record BerthMoved(@Nullable UUID berth) implements SaidOfBoat {
    @Override
    public Fact fact(Around around) {
      Berths.Place place = around.berth(berth);
      return new Fact.BerthMoved(place.id(), place.name(), place.afloat());
    }
  }

  /** A correction that takes the entry it names back. */
  record Withdrawn(String reason) implements SaidOfBoat {
    @Override
    public Fact fact(Around around) {
      return new Fact.Withdrawn(reason);
    }
  }
}
