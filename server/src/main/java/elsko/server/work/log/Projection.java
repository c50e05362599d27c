package elsko.server.work.log;

import elsko.core.boat.Boat;
import elsko.core.boat.description.BoatDescription;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.Ledger;
import elsko.core.ledger.circuit.ProofRules;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import elsko.server.fleet.BoatRow;
import elsko.server.fleet.Fleet;
import elsko.server.live.Changed;
import elsko.server.yard.Berths.Place;
import elsko.server.yard.Yards;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What lists show of a boat, kept beside its log and worked out from it. */
@Service
public class Projection {
  private final KeptEntries entries;
  private final Fleet fleet;
  private final Yards yards;
  private final Log log;
  private final ApplicationEventPublisher events;
  private final Clock clock;

  Projection(
      KeptEntries entries,
      Fleet fleet,
      Yards yards,
      Log log,
      ApplicationEventPublisher events,
      Clock clock) {
    this.entries = entries;
    this.fleet = fleet;
    this.yards = yards;
    this.log = log;
    this.events = events;
    this.clock = clock;
  }

  /**
   * Begins the log of a boat that was only just taken in, with where it lies. That is no launch: it
   * lies there already.
   *
   * @param place null while it has no berth
   */
  @Transactional
  public void takeIn(UUID boatId, BoatDescription description, Place place, String person) {
    List<Entry> begun = new ArrayList<>();
    Instant now = clock.instant().truncatedTo(ChronoUnit.MICROS);
    if (place != null) {
      Fact lies = new Fact.BerthMoved(place.id(), place.name(), place.afloat());
      Entry entry = new Entry(UUID.randomUUID(), person, now, now, null, null, null, lies);
      entries.save(boatId, entry);
      begun.add(entry);
    }
    BoatState state = Ledger.fold(Boat.of(description), yards.proofRules(), begun);
    fleet.projectNew(boatId, state, begun.size(), begun.isEmpty() ? null : now);
  }

  /** Takes in a boat that somebody described: whole, or not at all. */
  @Transactional
  public Folded describeNew(BoatDescription description) {
    UUID id = fleet.add(description).id();
    project(id);
    return log.folded(id);
  }

  /** Describes many boats again, as they were checked already, and folds their logs again. */
  @Transactional
  public void redescribe(Map<UUID, BoatDescription> checked) {
    fleet.change(checked);
    Map<UUID, List<Entry>> logs = entries.of(checked.keySet());
    ProofRules rules = yards.proofRules();
    Map<UUID, Fleet.Fold> folds = new HashMap<>();
    checked.forEach(
        (id, description) -> {
          List<Entry> kept = logs.getOrDefault(id, List.of());
          BoatState state = Ledger.fold(Boat.of(description), rules, kept);
          folds.put(id, new Fleet.Fold(state, kept.size(), last(kept)));
        });
    fleet.project(folds);
  }

  /** Folds a boat again and keeps what lists need of it. */
  @Transactional
  public void project(UUID boatId) {
    BoatRow row = fleet.lock(boatId);
    List<Entry> kept = entries.of(boatId);
    BoatState state = Ledger.fold(row.boat(), yards.proofRules(), kept);
    fleet.project(boatId, state, kept.size(), last(kept));
  }

  /** Of some boats those that stand otherwise now than lists have them. */
  @Transactional(readOnly = true)
  public List<UUID> standOtherwise(Collection<UUID> boats) {
    return log.folded(boats).stream()
        .filter(one -> !fleet.isAsProjected(one.row().id(), one.state()))
        .map(one -> one.row().id())
        .toList();
  }

  /** Works out again what lists show of a boat, and tells those who look at it. */
  @Transactional
  public void reassess(UUID boat) {
    project(boat);
    events.publishEvent(Changed.boat(boat));
  }

  private static @Nullable Instant last(List<Entry> kept) {
    return kept.isEmpty() ? null : kept.get(kept.size() - 1).serverTime();
  }
}
