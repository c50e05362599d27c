package elsko.core.procedure.card;

import elsko.core.ledger.fact.Fact;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * What an entry has to say to answer an ask: its kind, and what some of its fields hold. It is
 * data, so that a device without signal compares as core does and needs no rule of its own.
 *
 * @param matches all of them have to hold
 */
public record Answer<F extends Fact>(Class<F> kind, List<Match<F>> matches) {
  /**
   * @param among what the field may hold; null is one of them where it may be left out
   * @param orMore whether a higher number than the one in {@code among} will do too
   */
  public record Match<F extends Fact>(Field<F> field, List<Object> among, boolean orMore) {
    private boolean holds(F fact) {
      Object value = field.of().apply(fact);
      return orMore
          ? ((Number) value).doubleValue() >= ((Number) among.get(0)).doubleValue()
          : among.contains(value);
    }
  }

  /** Any entry of a kind. */
  static <F extends Fact> Answer<F> any(Class<F> kind) {
    return new Answer<>(kind, List.of());
  }

  /** One with this in the field; null where it has to be left out. */
  static <F extends Fact> Answer<F> with(Field<F> field, Object value) {
    return any(field.kind()).and(field, Arrays.asList(value));
  }

  Answer<F> and(Field<F> field, List<?> among) {
    return and(new Match<>(field, new ArrayList<>(among), false));
  }

  Answer<F> atLeast(Field<F> field, int fewest) {
    return and(new Match<>(field, List.of(fewest), true));
  }

  private Answer<F> and(Match<F> match) {
    List<Match<F>> all = new ArrayList<>(matches);
    all.add(match);
    return new Answer<>(kind, List.copyOf(all));
  }

  /** Whether an entry says it. */
  public boolean isGivenBy(Fact fact) {
    F said = fact.as(kind);
    return said != null && matches.stream().allMatch(match -> match.holds(said));
  }
}
