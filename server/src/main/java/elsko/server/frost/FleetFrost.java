package elsko.server.frost;

import elsko.core.boat.FittingKind;
import elsko.core.boat.FittingState;
import elsko.core.boat.WaterUsedIn;
import elsko.core.frost.CircuitWater;
import elsko.core.frost.Enclosure;
import elsko.core.frost.Enclosure.Kind;
import elsko.core.frost.Ensemble;
import elsko.core.frost.FrostClock;
import elsko.core.frost.Outlook;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.FittingStanding;
import elsko.core.ledger.Protection;
import elsko.server.fleet.Fleet;
import elsko.server.live.Changed;
import elsko.server.work.FoldCache;
import elsko.server.work.Log;
import elsko.server.yard.AreaKind;
import elsko.server.yard.Shelter;
import elsko.server.yard.Yards;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Service;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;

/**
 * Runs the frost clock over the whole fleet. What stands in each boat is kept until that boat
 * changes; after a change of weather only the clock runs again.
 */
@Service
public class FleetFrost {
  private final Weather weather;
  private final Fleet fleet;
  private final FoldCache<Standing> standings;
  private volatile @Nullable Run run;

  FleetFrost(Weather weather, Fleet fleet, Log log, Yards yards) {
    this.weather = weather;
    this.fleet = fleet;
    this.standings = new FoldCache<>(log, folded -> standing(folded, yards.shelters()));
  }

  /** A boat as the frost finds it. */
  public record Standing(
      UUID boat,
      String name,
      @Nullable UUID berth,
      Protection protection,
      Enclosure enclosure,
      List<CircuitWater> waters) {}

  /** A boat and by when it must be dealt with. */
  public record Dated(Standing standing, Outlook outlook) {}

  /** One weather, one hour: its clock and what it said of each boat. */
  private record Run(
      LocalDate today, int hour, @Nullable FrostClock clock, Map<Standing, Outlook> outlooks) {}

  /** Before screens are told, so that they see what is new. */
  @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT)
  @Order(Ordered.HIGHEST_PRECEDENCE)
  void forget(Changed changed) {
    standings.forget(changed);
    if (changed.what() == Changed.What.WEATHER) {
      run = null;
    }
  }

  /** The clock as it goes now; null while there is too little weather to say anything. */
  public @Nullable FrostClock clock() {
    return current().clock();
  }

  /** Every boat in which something can freeze, with its deadlines; empty without weather. */
  public List<Dated> dated() {
    Run now = current();
    if (now.clock() == null) {
      return List.of();
    }
    List<Dated> dated = new ArrayList<>();
    for (Standing standing : standings.of(fleet.ids())) {
      if (!standing.waters().isEmpty()) {
        dated.add(new Dated(standing, outlook(now, standing)));
      }
    }
    return dated;
  }

  /** One boat; null without weather. */
  public @Nullable Dated dated(UUID boat) {
    Run now = current();
    fleet.boat(boat);
    if (now.clock() == null) {
      return null;
    }
    Standing standing = standings.of(List.of(boat)).get(0);
    return new Dated(standing, outlook(now, standing));
  }

  private static Outlook outlook(Run now, Standing standing) {
    return now.outlooks()
        .computeIfAbsent(standing, s -> now.clock().outlook(s.enclosure(), s.waters()));
  }

  private Run current() {
    LocalDate today = weather.today();
    int hour = weather.hour();
    Run known = run;
    if (known != null && known.today().equals(today) && known.hour() == hour) {
      return known;
    }
    Ensemble expected = weather.expected();
    FrostClock clock = expected == null ? null : new FrostClock(expected, hour);
    Run made = new Run(today, hour, clock, new ConcurrentHashMap<>());
    run = made;
    return made;
  }

  private static Standing standing(Log.Folded folded, Map<UUID, Shelter> shelters) {
    BoatState state = folded.state();
    Shelter shelter = state.berth() == null ? null : shelters.get(state.berth());
    return new Standing(
        folded.row().id(),
        folded.boat().name(),
        state.berth(),
        state.protection(),
        enclosure(state, shelter),
        CircuitWater.of(state));
  }

  /** What is around a boat: the water, a shed, its cover, or nothing. */
  private static Enclosure enclosure(BoatState state, @Nullable Shelter shelter) {
    if (state.afloat()) {
      boolean salt = state.boat().description().waterUsedIn() != WaterUsedIn.FRESH;
      return Enclosure.of(salt ? Kind.AFLOAT_SALT : Kind.AFLOAT_FRESH);
    }
    if (shelter != null && shelter.setPointC() != null) {
      return Enclosure.heatedShed(shelter.setPointC());
    }
    if (shelter != null && shelter.kind() == AreaKind.SHED) {
      return Enclosure.of(Kind.COLD_SHED);
    }
    return Enclosure.of(
        state.boat().fittingsOf(FittingKind.COVER).stream()
            .map(cover -> state.fitting(cover.key()))
            .map(FittingStanding::state)
            .map(FleetFrost::under)
            .findFirst()
            .orElse(Kind.OPEN));
  }

  private static Kind under(FittingState cover) {
    return switch (cover) {
      case TARP -> Kind.TARP;
      case SHRINK_WRAP -> Kind.SHRINK_WRAP;
      default -> Kind.OPEN;
    };
  }
}
