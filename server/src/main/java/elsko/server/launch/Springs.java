package elsko.server.launch;

import elsko.core.ledger.decision.SpringTold;
import elsko.core.ledger.decision.SpringTold.Outcome;
import elsko.server.fleet.Fleet;
import elsko.server.work.fold.FoldCache;
import elsko.server.work.fold.FoldCaches;
import elsko.server.yard.Yards;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Holds what commissionings found against what had been claimed, over all boats. */
@Service
public class Springs {
  private static final int MOST_SURPRISES = 200;

  private final Fleet fleet;
  private final FoldCache<OfBoat> told;

  Springs(Fleet fleet, Yards yards, FoldCaches caches) {
    this.fleet = fleet;
    this.told =
        caches.of(
            folded ->
                new OfBoat(
                    folded.row().id(),
                    folded.boat().name(),
                    SpringTold.of(folded.boat(), yards.proofRules(), folded.log())));
  }

  private record OfBoat(UUID boat, String name, List<SpringTold> told) {}

  /** All springs of all boats. */
  SpringView all() {
    Map<Outcome, Integer> counts = new EnumMap<>(Outcome.class);
    List<SpringView.Told> surprises = new ArrayList<>();
    for (OfBoat boat : told.of(fleet.ids())) {
      for (SpringTold one : boat.told()) {
        counts.merge(one.outcome(), 1, Integer::sum);
        if (one.outcome() != Outcome.HELD) {
          surprises.add(
              new SpringView.Told(
                  boat.boat(),
                  boat.name(),
                  one.name(),
                  one.claimed(),
                  one.found().words(),
                  one.outcome(),
                  one.at()));
        }
      }
    }
    surprises.sort(
        Comparator.comparing((SpringView.Told one) -> one.outcome() != Outcome.MISSED)
            .thenComparing(SpringView.Told::at, Comparator.reverseOrder()));
    return new SpringView(
        counts.getOrDefault(Outcome.HELD, 0),
        counts.getOrDefault(Outcome.MISSED, 0),
        counts.getOrDefault(Outcome.WARNED, 0),
        counts.getOrDefault(Outcome.LUCKY, 0),
        surprises.stream().limit(MOST_SURPRISES).toList());
  }
}
