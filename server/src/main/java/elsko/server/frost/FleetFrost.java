package elsko.server.frost;

import elsko.core.boat.description.WaterUsedIn;
import elsko.core.boat.path.FittingState;
import elsko.core.frost.CircuitWater;
import elsko.core.frost.Enclosure;
import elsko.core.frost.Enclosure.Kind;
import elsko.core.frost.Ensemble;
import elsko.core.frost.FrostClock;
import elsko.core.frost.FrostMemory;
import elsko.core.frost.FrostPast;
import elsko.core.frost.Outlook;
import elsko.core.frost.Sheltered;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.Stay;
import elsko.server.fleet.Fleet;
import elsko.server.live.Changed;
import elsko.server.work.fold.FoldCache;
import elsko.server.work.fold.FoldCaches;
import elsko.server.work.log.Folded;
import elsko.server.work.log.LookFirst;
import elsko.server.yard.AreaKind;
import elsko.server.yard.Berths;
import elsko.server.yard.Shelter;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicLong;
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
public class FleetFrost implements LookFirst {
  private final Weather weather;
  private final Fleet fleet;
  private final Berths berths;
  private final FoldCache<Standing> standings;
  private volatile @Nullable Run run;

  /** How often the weather has changed: what was worked out from an earlier one is not kept. */
  private final AtomicLong weathers = new AtomicLong();

  FleetFrost(Weather weather, Fleet fleet, FoldCaches caches, Berths berths) {
    this.weather = weather;
    this.fleet = fleet;
    this.berths = berths;
    this.standings = caches.of(folded -> standing(folded, berths.shelters()));
  }

  /**
   * A boat as the frost finds it.
   *
   * @param shelters what was around it, oldest first
   */
  public record Standing(
      BoatState state,
      UUID boat,
      String name,
      Enclosure enclosure,
      List<Sheltered> shelters,
      List<CircuitWater> waters) {
    /** Whether the frost finds the same, whatever else was done on the boat. */
    private boolean isTheSameToFrost(Standing other) {
      return enclosure.equals(other.enclosure)
          && shelters.equals(other.shelters)
          && waters.equals(other.waters);
    }
  }

  /**
   * A boat and by when it must be dealt with.
   *
   * @param waters what stands in it, as the weather on record has left it
   * @param past what that weather may have done to it already
   */
  public record Dated(
      Standing standing, List<CircuitWater> waters, Outlook outlook, FrostPast past) {
    boolean concerns() {
      return !waters.isEmpty() || !past.lookFirst().isEmpty();
    }
  }

  /** One weather, one hour: its clock and what it said of each boat. */
  private record Run(
      long weather,
      LocalDate today,
      int hour,
      @Nullable FrostMemory memory,
      @Nullable FrostClock clock,
      Map<UUID, Dated> dated) {}

  /** Before screens are told, so that they see what is new. */
  @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT)
  @Order(Ordered.HIGHEST_PRECEDENCE)
  void forget(Changed changed) {
    if (changed.what() == Changed.What.WEATHER) {
      weathers.incrementAndGet();
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
      Dated one = dated(now, standing);
      if (one.concerns()) {
        dated.add(one);
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
    return dated(now, standings.of(List.of(boat)).get(0));
  }

  /** What the weather on record may have done to a boat; nothing is feared without a record. */
  @Override
  public List<String> of(BoatState state) {
    FrostMemory memory = current().memory();
    return memory == null
        ? List.of()
        : FrostPast.of(state, shelters(state, berths.shelters()), memory).lookFirst();
  }

  private static Dated dated(Run now, Standing standing) {
    Dated known = now.dated().get(standing.boat());
    if (known != null && known.standing() == standing) {
      return known;
    }
    boolean same = known != null && known.standing().isTheSameToFrost(standing);
    List<CircuitWater> waters =
        same ? known.waters() : now.clock().remembered(standing.shelters(), standing.waters());
    Dated made =
        new Dated(
            standing,
            waters,
            same ? known.outlook() : now.clock().outlook(standing.enclosure(), waters),
            now.memory() == null
                ? FrostPast.NONE
                : FrostPast.of(standing.state(), standing.shelters(), now.memory()));
    now.dated().put(standing.boat(), made);
    return made;
  }

  private Run current() {
    LocalDate today = weather.today();
    int hour = weather.hour();
    long number = weathers.get();
    Run known = run;
    if (known != null
        && known.weather() == number
        && known.today().equals(today)
        && known.hour() == hour) {
      return known;
    }
    Ensemble expected = weather.expected();
    FrostMemory memory = weather.memory();
    FrostClock clock = expected == null ? null : new FrostClock(expected, hour, memory);
    Run made = new Run(number, today, hour, memory, clock, new ConcurrentHashMap<>());
    run = made;
    return made;
  }

  private static Standing standing(Folded folded, Map<UUID, Shelter> shelters) {
    BoatState state = folded.state();
    Stay now =
        state.stays().isEmpty()
            ? new Stay(Instant.EPOCH, state.berth(), state.afloat(), null)
            : state.stays().get(state.stays().size() - 1);
    return new Standing(
        state.withoutCards(),
        folded.row().id(),
        folded.boat().name(),
        enclosure(state, now, shelters),
        shelters(state, shelters),
        CircuitWater.of(state));
  }

  private static List<Sheltered> shelters(BoatState state, Map<UUID, Shelter> shelters) {
    return state.stays().stream()
        .map(stay -> new Sheltered(stay.from(), enclosure(state, stay, shelters)))
        .toList();
  }

  /** What is around a boat: the water, a shed, its cover, or nothing. */
  private static Enclosure enclosure(BoatState state, Stay stay, Map<UUID, Shelter> shelters) {
    if (stay.afloat()) {
      boolean salt = state.boat().description().waterUsedIn() != WaterUsedIn.FRESH;
      return Enclosure.of(salt ? Kind.AFLOAT_SALT : Kind.AFLOAT_FRESH);
    }
    Shelter shelter = stay.berth() == null ? null : shelters.get(stay.berth());
    if (shelter != null && shelter.setPointC() != null) {
      return Enclosure.heatedShed(shelter.setPointC());
    }
    if (shelter != null && shelter.kind() == AreaKind.SHED) {
      return Enclosure.of(Kind.COLD_SHED);
    }
    return Enclosure.of(under(stay.cover()));
  }

  private static Kind under(@Nullable FittingState cover) {
    if (cover == FittingState.TARP) {
      return Kind.TARP;
    }
    return cover == FittingState.SHRINK_WRAP ? Kind.SHRINK_WRAP : Kind.OPEN;
  }
}
