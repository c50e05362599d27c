package elsko.server.work;

import elsko.core.procedure.CardWriter;
import elsko.core.procedure.request.CardRequest;
import elsko.server.fleet.Fleet;
import elsko.server.work.fold.FoldCache;
import elsko.server.work.fold.FoldCaches;
import elsko.server.work.log.Folded;
import elsko.server.work.view.TimerView;
import elsko.server.yard.Yards;
import java.util.Comparator;
import java.util.List;
import org.springframework.stereotype.Service;

/** The clocks that run on the cards of all boats. */
@Service
class Timers {
  private final Fleet fleet;
  private final FoldCache<List<TimerView>> byBoat;

  Timers(Fleet fleet, FoldCaches caches, Yards yards) {
    this.fleet = fleet;
    this.byBoat = caches.of(folded -> running(folded, yards));
  }

  /** Whatever comes first, first. */
  List<TimerView> all() {
    return byBoat.of(fleet.ids()).stream()
        .flatMap(List::stream)
        .sorted(Comparator.comparing(TimerView::dueAt))
        .toList();
  }

  private static List<TimerView> running(Folded folded, Yards yards) {
    return folded.state().cards().stream()
        .filter(card -> !card.isClosed())
        .flatMap(
            card ->
                TimerView.of(
                    folded,
                    CardWriter.write(new CardRequest(folded.state(), card, yards.practices())),
                    card)
                    .stream())
        .toList();
  }
}
