package elsko.server.complaint;

import elsko.core.complaint.ComplaintPlan;
import elsko.core.due.DueItem;
import elsko.core.due.DueList;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.ComplaintStanding;
import elsko.core.trend.EngineTrends;
import elsko.core.trend.TrendKind;
import elsko.core.trend.TrendPoint;
import elsko.core.trend.Trends;
import elsko.server.work.log.Folded;
import elsko.server.work.log.Log;
import elsko.server.yard.Yards;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** From what an owner complains of to what is done about it. */
@RestController
class ComplaintController {
  private final Log log;
  private final Yards yards;
  private final Clock clock;

  ComplaintController(Log log, Yards yards, Clock clock) {
    this.log = log;
    this.yards = yards;
    this.clock = clock;
  }

  /** Every complaint of a boat, those that stand first, the newest of each first. */
  @GetMapping("/api/boats/{id}/complaints")
  List<ComplaintView> of(@PathVariable UUID id) {
    Folded folded = log.folded(id);
    BoatState state = folded.state();
    List<ComplaintStanding> complaints = state.complaints();
    if (complaints.isEmpty()) {
      return List.of();
    }
    List<DueItem> due = DueList.of(state, yards.practices().othersWay(), clock.instant());
    List<EngineTrends> trends = Trends.of(folded.boat(), folded.log());
    List<ComplaintView> standing = new ArrayList<>();
    List<ComplaintView> settled = new ArrayList<>();
    for (ComplaintStanding one : complaints) {
      ComplaintView view =
          ComplaintView.of(state, ComplaintPlan.of(state, one, due, trends), plateaus(trends, one));
      (one.isOpen() ? standing : settled).add(0, view);
    }
    standing.addAll(settled);
    return standing;
  }

  private static List<TrendPoint> plateaus(List<EngineTrends> trends, ComplaintStanding of) {
    return trends.stream()
        .filter(trend -> of.engine() != null && trend.engine() == of.engine())
        .flatMap(trend -> trend.of(TrendKind.PLATEAU).stream())
        .filter(point -> point.value() != null)
        .toList();
  }
}
