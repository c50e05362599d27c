package elsko.server.work;

import elsko.server.fleet.Fleet;
import elsko.server.work.fold.FoldCache;
import elsko.server.work.fold.FoldCaches;
import elsko.server.work.view.TimerView;
import elsko.server.work.view.TimersShown;
import java.util.Comparator;
import java.util.List;
import org.springframework.stereotype.Service;

/** The clocks that run on the cards of all boats. */
@Service
class Timers {
  private final Fleet fleet;
  private final FoldCache<List<TimerView>> byBoat;

  Timers(Fleet fleet, FoldCaches caches, TimersShown shown) {
    this.fleet = fleet;
    this.byBoat = caches.of(shown::of);
  }

  /** Whatever comes first, first. */
  List<TimerView> all() {
    return byBoat.of(fleet.ids()).stream()
        .flatMap(List::stream)
        .sorted(Comparator.comparing(TimerView::dueAt))
        .toList();
  }
}
