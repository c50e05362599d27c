package elsko.server.due;

import elsko.core.boat.Boat;
import elsko.core.boat.path.Position;
import elsko.core.due.DueItem;
import elsko.core.due.DueList;
import elsko.core.ledger.engine.Due;
import elsko.core.ledger.engine.ServiceRecords;
import elsko.core.limits.Interval;
import elsko.core.trend.EngineTrends;
import elsko.core.trend.Trends;
import elsko.server.due.EngineTrendView.NarrowingView;
import elsko.server.fleet.Fleet;
import elsko.server.work.fold.FoldCache;
import elsko.server.work.fold.FoldCaches;
import elsko.server.work.log.Folded;
import elsko.server.work.log.Log;
import elsko.server.yard.Yards;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import org.springframework.stereotype.Service;

/** Counts for every boat what falls due. */
@Service
public class Dues {
  private final Fleet fleet;
  private final Yards yards;
  private final Log log;
  private final Clock clock;
  private final FoldCache<Recorded> recorded;

  Dues(Fleet fleet, Yards yards, Log log, FoldCaches caches, Clock clock) {
    this.fleet = fleet;
    this.yards = yards;
    this.log = log;
    this.clock = clock;
    this.recorded = caches.of(Recorded::of);
  }

  /** What does not change while nobody writes in a boat's log. */
  private record Recorded(
      UUID id, Boat boat, String berthName, ServiceRecords services, List<EngineTrends> trends) {
    static Recorded of(Folded folded) {
      String berth = folded.state().berthName();
      return new Recorded(
          folded.row().id(),
          folded.boat(),
          berth == null ? "" : berth,
          folded.state().services(),
          Trends.of(folded.boat(), folded.log()));
    }
  }

  /** What is due now or falls due before the next lay-up, of every boat that has such a thing. */
  public List<DueOfBoat> all() {
    return recorded.of(fleet.ids()).stream()
        .map(one -> of(one, DueItem::isDueBeforeNextLayUp, List.of()))
        .filter(due -> !due.lines().isEmpty() || !due.narrowing().isEmpty())
        .sorted(Comparator.comparing(DueOfBoat::name))
        .toList();
  }

  /** All of one boat. */
  public DueOfBoat of(UUID boat) {
    Recorded one = Recorded.of(log.folded(boat));
    return of(one, item -> true, done(one));
  }

  List<EngineTrendView> trends(UUID boat) {
    return Recorded.of(log.folded(boat)).trends().stream().map(EngineTrendView::of).toList();
  }

  private static List<DoneLine> done(Recorded one) {
    List<DoneLine> done = new ArrayList<>();
    List<Position> engines = new ArrayList<>();
    one.boat().engineCircuits().forEach(circuit -> engines.add(circuit.engine()));
    engines.add(null);
    for (Position engine : engines) {
      for (Interval interval : Interval.values()) {
        one.services()
            .done()
            .getOrDefault(new Due(engine, interval), List.of())
            .forEach(record -> done.add(DoneLine.of(engine, interval, record)));
      }
    }
    done.sort(Comparator.comparing(DoneLine::at).reversed());
    return done;
  }

  private DueOfBoat of(Recorded one, Predicate<DueItem> shown, List<DoneLine> done) {
    return new DueOfBoat(
        one.id(),
        one.boat().name(),
        one.berthName(),
        one.boat().engineCircuits().size() > 1,
        DueList.of(one.boat(), one.services(), othersWay(), clock.instant()).stream()
            .filter(shown)
            .map(DueLine::of)
            .toList(),
        done,
        one.trends().stream()
            .flatMap(trends -> trends.narrowing().stream())
            .map(NarrowingView::of)
            .toList());
  }

  private Set<Interval> othersWay() {
    return yards.practices().othersWay();
  }
}
