package elsko.core.ledger.rules;

import elsko.core.Refused;
import elsko.core.Text;
import elsko.core.boat.path.Fitting;
import elsko.core.boat.path.FittingState;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.FittingStanding;
import elsko.core.ledger.fact.Fact;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * A state of a fitting that stands against an entry. Worked out by asking the interlocks, one
 * fitting after another: a device without signal can then refuse as they would, with no rule of its
 * own.
 *
 * @param fitting its key
 * @param field the entry is refused for, and {@code reason} in the words of the interlock
 */
public record StandsAgainst(String fitting, FittingState state, String field, Text reason) {
  /**
   * What would stand against an entry, each by itself.
   *
   * @param state the boat as it is expected to stand by then
   * @param at when it would happen
   */
  public static List<StandsAgainst> it(BoatState state, Fact fact, YardRules rules, Instant at) {
    return new Asking(state, fact, rules, at).all();
  }

  /** The boat with its fittings set otherwise, only for asking. */
  private static final class Asking {
    private final Map<String, FittingStanding> fittings;
    private final BoatState tried;
    private final Fact fact;
    private final YardRules rules;
    private final Instant at;

    Asking(BoatState state, Fact fact, YardRules rules, Instant at) {
      this.fittings = new HashMap<>(state.fittings());
      this.tried = state.with(state.circuits(), fittings);
      this.fact = fact;
      this.rules = rules;
      this.at = at;
    }

    /** What refuses already is not for a fitting to put right. */
    List<StandsAgainst> all() {
      Refused already = refused();
      List<StandsAgainst> found = new ArrayList<>();
      for (Fitting fitting : tried.boat().fittings()) {
        FittingState right = fittings.get(fitting.key()).state();
        for (FittingState other : fitting.kind().states()) {
          Refused refused = other == right ? null : refusedWith(fitting, other);
          if (refused != null && (already == null || !refused.reason().equals(already.reason()))) {
            found.add(new StandsAgainst(fitting.key(), other, refused.field(), refused.reason()));
          }
        }
      }
      return found;
    }

    private Refused refusedWith(Fitting fitting, FittingState other) {
      FittingStanding before = fittings.put(fitting.key(), FittingStanding.asked(fitting, other));
      try {
        return refused();
      } finally {
        fittings.put(fitting.key(), before);
      }
    }

    private Refused refused() {
      try {
        Interlocks.check(tried, "", fact, rules, at);
        return null;
      } catch (Refused refused) {
        return refused;
      }
    }
  }
}
