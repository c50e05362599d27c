package elsko.server.launch;

import elsko.core.ledger.BoatState;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.fact.Procedure;
import elsko.core.plan.visits.LiftDays;
import elsko.core.procedure.MayLaunch;
import elsko.server.fleet.Fleet;
import elsko.server.launch.LaunchView.LaunchLine;
import elsko.server.plan.Promises;
import elsko.server.plan.Walks;
import elsko.server.plan.crew.Crew;
import elsko.server.work.fold.FoldCache;
import elsko.server.work.fold.FoldCaches;
import elsko.server.work.log.Folded;
import elsko.server.work.log.Log;
import elsko.server.work.view.RedTagView;
import elsko.server.yard.Yards;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Says of each boat whether it may go into the water, and when the lift takes it. */
@Service
public class Launches {
  private final Fleet fleet;
  private final Yards yards;
  private final Walks walks;
  private final Promises promises;
  private final Crew crew;
  private final Log log;
  private final Clock clock;
  private final FoldCache<Standing> standings;

  Launches(
      Fleet fleet,
      Yards yards,
      Walks walks,
      Promises promises,
      Crew crew,
      Log log,
      FoldCaches caches,
      Clock clock) {
    this.fleet = fleet;
    this.yards = yards;
    this.walks = walks;
    this.promises = promises;
    this.crew = crew;
    this.log = log;
    this.clock = clock;
    this.standings = caches.of(Standing::of);
  }

  /** A boat as it stands; its state only where it lies ashore. */
  private record Standing(UUID boat, String name, double hullLengthM, @Nullable BoatState ashore) {
    static Standing of(Folded folded) {
      return new Standing(
          folded.row().id(),
          folded.boat().name(),
          folded.boat().description().hullLengthM(),
          folded.state().afloat() ? null : folded.state());
    }
  }

  /** The boats ashore that were promised to be afloat, or whose commissioning has begun. */
  public LaunchView all() {
    Map<UUID, LocalDate> promised = promises.launchDates();
    Map<UUID, LaunchLine> lines = new HashMap<>();
    List<LiftDays.Waiting> waiting = new ArrayList<>();
    for (Standing standing : standings.of(fleet.ids())) {
      if (waits(standing, promised)) {
        LaunchLine line = line(standing, standing.ashore(), promised.get(standing.boat()));
        lines.put(line.boat(), line);
        waiting.add(
            new LiftDays.Waiting(line.boat(), line.name(), line.promisedOn(), line.ready()));
      }
    }
    LocalDate today = walks.today();
    int lifts = Math.max(1, crew.liftSlots());
    return new LaunchView(
        today,
        lifts,
        LiftDays.of(waiting, today, lifts).stream()
            .map(slot -> lines.get(slot.boat()).in(slot))
            .toList());
  }

  /** One boat, wherever it lies. */
  LaunchLine one(UUID boat) {
    for (LaunchLine line : all().boats()) {
      if (line.boat().equals(boat)) {
        return line;
      }
    }
    Folded folded = log.folded(boat);
    return line(Standing.of(folded), folded.state(), promises.launchDates().get(boat));
  }

  private static boolean waits(Standing standing, Map<UUID, LocalDate> promised) {
    return standing.ashore() != null
        && (promised.containsKey(standing.boat())
            || standing.ashore().openCard(Procedure.COMMISSION) != null);
  }

  private LaunchLine line(Standing standing, BoatState state, @Nullable LocalDate promised) {
    MayLaunch may =
        state.afloat()
            ? new MayLaunch(List.of())
            : MayLaunch.of(state, yards.practices(), yards.rules().zone(), clock.instant());
    CardProgress card = state.openCard(Procedure.COMMISSION);
    return new LaunchLine(
        standing.boat(),
        standing.name(),
        standing.hullLengthM(),
        state.berthName(),
        state.afloat(),
        promised,
        may.yes() && !state.afloat(),
        may.readyForTheLift() && !state.afloat(),
        may.inTheWay(),
        RedTagView.of(state),
        null,
        0,
        0,
        card == null ? null : card.card());
  }
}
