package elsko.core.castoff;

import elsko.core.boat.Boat;
import elsko.core.boat.path.Position;
import elsko.core.ledger.fact.Fact;
import elsko.core.procedure.card.Ask;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What was found on a round.
 *
 * @param set how fittings stand now, also those left as they should not be
 */
public record Answers(
    List<Fact.FittingSet> set, List<Fact.ConditionSeen> seen, List<Fact.ReadingTaken> read) {
  public static final Answers NONE = new Answers(List.of(), List.of(), List.of());

  public Answers {
    set = set == null ? List.of() : List.copyOf(set);
    seen = seen == null ? List.of() : List.copyOf(seen);
    read = read == null ? List.of() : List.copyOf(read);
  }

  /** How a fitting was found last; null when nobody said. */
  Fact.@Nullable FittingSet of(Ask.Set ask) {
    return set.stream()
        .filter(one -> one.fitting().equals(ask.fitting()))
        .reduce((first, second) -> second)
        .orElse(null);
  }

  Fact.@Nullable ConditionSeen of(Boat boat, Ask.See ask) {
    return seen(boat, ask.engine(), ask.condition());
  }

  /** The number that was read; null when nobody did. */
  Fact.@Nullable ReadingTaken of(Boat boat, Ask.Read ask) {
    return read.stream()
        .filter(one -> one.limit().equals(ask.limit()))
        .filter(one -> same(boat, one.engine(), ask.engine()))
        .reduce((first, second) -> second)
        .orElse(null);
  }

  /** What was looked at instead of reading a number. */
  Fact.@Nullable ConditionSeen instead(Boat boat, Ask.Read ask) {
    return ask.instead() == null ? null : seen(boat, ask.engine(), ask.instead());
  }

  private Fact.@Nullable ConditionSeen seen(
      Boat boat, @Nullable Position engine, String condition) {
    return seen.stream()
        .filter(one -> one.condition().equals(condition))
        .filter(one -> same(boat, one.engine(), engine))
        .reduce((first, second) -> second)
        .orElse(null);
  }

  private static boolean same(Boat boat, @Nullable Position one, @Nullable Position other) {
    return boat.engineMeant(one) == boat.engineMeant(other);
  }
}
