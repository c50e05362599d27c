package elsko.server.plan;

import elsko.core.ledger.fact.Procedure;
import elsko.core.procedure.Packing;
import elsko.core.procedure.request.CardRequest;
import elsko.server.plan.WalksView.Standing;
import elsko.server.plan.WalksView.StopView;
import elsko.server.work.log.Folded;
import elsko.server.work.log.Log;
import elsko.server.yard.Yards;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** What one person carries in the morning: for every open step of the cards of their stops. */
@Component
class PackingList {
  private final Log log;
  private final Yards yards;
  private final Clock clock;

  PackingList(Log log, Yards yards, Clock clock) {
    this.log = log;
    this.yards = yards;
    this.clock = clock;
  }

  private record CardOfDay(UUID boat, Procedure procedure) {}

  List<Packing.ToCarry> of(List<StopView> stops) {
    return Packing.of(
        stops.stream()
            .filter(stop -> stop.standing() != Standing.DONE)
            .map(stop -> new CardOfDay(stop.boat(), stop.procedure()))
            .distinct()
            .map(this::card)
            .toList());
  }

  private CardRequest card(CardOfDay of) {
    Folded folded = log.laidOut(of.boat(), of.procedure());
    return new CardRequest(
        folded.state(),
        folded.state().openCard(of.procedure()),
        yards.practices(),
        clock.instant());
  }
}
