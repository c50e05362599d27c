package elsko.server.fleet;

import static java.util.Locale.ROOT;

import elsko.core.Refused;
import elsko.core.boat.Boat;
import elsko.core.boat.description.BoatDescription;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.circuit.Protection;
import elsko.server.live.Changed;
import elsko.server.problems.NotFound;
import elsko.server.problems.StaleEdit;
import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The boats, their descriptions and projections. */
@Service
public class Fleet {
  private final BoatRepository boats;
  private final BoatProjectionRepository projections;
  private final LooseEndRepository looseEnds;
  private final BerthTakenRepository berths;
  private final EntityManager entities;
  private final ApplicationEventPublisher events;

  Fleet(
      BoatRepository boats,
      BoatProjectionRepository projections,
      LooseEndRepository looseEnds,
      BerthTakenRepository berths,
      EntityManager entities,
      ApplicationEventPublisher events) {
    this.boats = boats;
    this.projections = projections;
    this.looseEnds = looseEnds;
    this.berths = berths;
    this.entities = entities;
    this.events = events;
  }

  @Transactional(readOnly = true)
  public List<BoatLine> lines() {
    return projections.lines();
  }

  /** One boat as the list of all shows it. */
  @Transactional(readOnly = true)
  public BoatLine line(UUID id) {
    return projections.line(id).orElseThrow(Fleet::noSuchBoat);
  }

  /** How long the logs of some boats are, and in which version each is described. */
  @Transactional(readOnly = true)
  public Map<UUID, Length> lengths(Collection<UUID> ids) {
    Map<UUID, Length> found = new HashMap<>();
    projections.lengths(ids).forEach(one -> found.put(one.boat(), one));
    return found;
  }

  /** How long a boat's log is, and in which version it is described. */
  public record Length(UUID boat, int entries, long version) {}

  /** Every boat, by name: the order a plan sees them in is the same wherever it is made. */
  @Transactional(readOnly = true)
  public List<UUID> ids() {
    return boats.ids();
  }

  @Transactional(readOnly = true)
  public BoatRow boat(UUID id) {
    return boats.findById(id).orElseThrow(Fleet::noSuchBoat);
  }

  @Transactional(readOnly = true)
  public List<BoatRow> boats(Collection<UUID> ids) {
    return boats.findAllById(ids);
  }

  /** The boat, with its log to oneself until the transaction ends. */
  @Transactional
  public BoatRow lock(UUID id) {
    return boats.lock(id).orElseThrow(Fleet::noSuchBoat);
  }

  @Transactional(readOnly = true)
  public BoatProjection projection(UUID id) {
    return projections.findById(id).orElseThrow(Fleet::noSuchBoat);
  }

  /** Keeps a boat; its projection follows with its first fold. */
  @Transactional
  public BoatRow add(BoatDescription description) {
    Boat.of(description);
    refuseTaken(description, null);
    BoatRow row = boats.saveAndFlush(new BoatRow(UUID.randomUUID(), description));
    events.publishEvent(Changed.boat(row.id()));
    return row;
  }

  /** Describes a boat anew. Refuses a stale edit. */
  @Transactional
  public BoatRow describe(UUID id, BoatDescription description, String ifMatch) {
    BoatRow row = lock(id);
    StaleEdit.refuseUnless(row.version(), ifMatch);
    Boat.of(description);
    refuseTaken(description, row.description());
    row.describe(description);
    boats.saveAndFlush(row);
    events.publishEvent(Changed.boat(id));
    return row;
  }

  private void refuseTaken(BoatDescription now, BoatDescription before) {
    boolean renamed = before == null || !now.name().equalsIgnoreCase(before.name());
    if (renamed && boats.existsByNameIgnoreCase(now.name())) {
      throw Refused.state("name", "There is a boat called \"%s\" already.".formatted(now.name()));
    }
    boolean renumbered = before == null || !now.hullId().equalsIgnoreCase(before.hullId());
    if (renumbered && !now.hullId().isEmpty() && boats.existsByHullIdIgnoreCase(now.hullId())) {
      throw Refused.state(
          "hullId", "There is a boat with hull id \"%s\" already.".formatted(now.hullId()));
    }
  }

  /** The boats that have a hull id, by it in lower case. */
  @Transactional(readOnly = true)
  public Map<String, BoatRow> byHullId() {
    Map<String, BoatRow> found = new HashMap<>();
    boats.withHullId().forEach(row -> found.put(row.description().hullId().toLowerCase(ROOT), row));
    return found;
  }

  /** Names that are taken, in lower case. */
  @Transactional(readOnly = true)
  public Set<String> takenNames() {
    return new HashSet<>(boats.lowerNames());
  }

  /** Keeps new boats that were checked already; their ids in the same order. */
  @Transactional
  public List<UUID> takeIn(List<BoatDescription> checked) {
    List<BoatRow> rows =
        checked.stream().map(made -> new BoatRow(UUID.randomUUID(), made)).toList();
    rows.forEach(entities::persist);
    return rows.stream().map(BoatRow::id).toList();
  }

  /** Describes boats anew as they were checked already, their logs to oneself. */
  @Transactional
  public void change(Map<UUID, BoatDescription> checked) {
    boats.lockAll(checked.keySet()).forEach(row -> row.describe(checked.get(row.id())));
  }

  /** Keeps what lists need of many folds at once. */
  @Transactional
  public void project(Map<UUID, Fold> folds) {
    looseEnds.forget(folds.keySet());
    for (BoatProjection projection : projections.findAllById(folds.keySet())) {
      Fold fold = folds.get(projection.boatId());
      lies(projection, fold.state());
      projection.follow(fold.state(), fold.entries(), fold.lastChange());
      fold.state()
          .looseEnds()
          .forEach(end -> entities.persist(new LooseEndRow(projection.boatId(), end)));
    }
  }

  /** What a log folds to, how long it is and when it was last added to. */
  public record Fold(BoatState state, int entries, @Nullable Instant lastChange) {}

  /** Keeps what lists need of a boat that was only just taken in. */
  @Transactional
  public void projectNew(UUID id, BoatState state, int entries, Instant lastChange) {
    BoatProjection projection = new BoatProjection(id);
    if (state.berth() != null) {
      entities.persist(new BerthTaken(state.berth(), id));
    }
    projection.follow(state, entries, lastChange);
    entities.persist(projection);
  }

  /** Writes down what is pending and lets go of it, so that thousands of boats stay quick. */
  @Transactional
  public void letGo() {
    entities.flush();
    entities.clear();
  }

  /** Berths that have a boat. */
  @Transactional(readOnly = true)
  public Set<UUID> takenBerths() {
    return new HashSet<>(projections.takenBerths());
  }

  /** Every description with the berth the boat lies at. */
  @Transactional(readOnly = true)
  public List<Berthed> berthed() {
    Map<UUID, UUID> berths = new HashMap<>();
    projections.findAll().forEach(p -> berths.put(p.boatId(), p.berthId()));
    return boats.findAll(Sort.by("name")).stream()
        .map(row -> new Berthed(row.description(), berths.get(row.id())))
        .toList();
  }

  /** A description, and where the boat lies; null while it has no berth. */
  public record Berthed(BoatDescription description, @Nullable UUID berth) {}

  /** Every loose end in the yard. */
  @Transactional(readOnly = true)
  public List<LooseEndLine> looseEnds() {
    return looseEnds.lines();
  }

  /** Keeps what lists need of a fold. */
  @Transactional
  public void project(UUID id, BoatState state, int entries, Instant lastChange) {
    follow(id, state, entries, lastChange);
    leave(id, state);
  }

  /**
   * The same, of a boat whose lists are known to show what it was before.
   *
   * @param before what it folded to then
   */
  @Transactional
  public void project(UUID id, BoatState before, BoatState state, int entries, Instant lastChange) {
    follow(id, state, entries, lastChange);
    if (!before.looseEnds().equals(state.looseEnds())) {
      leave(id, state);
    }
  }

  private void follow(UUID id, BoatState state, int entries, Instant lastChange) {
    BoatProjection projection = projections.findById(id).orElseGet(() -> new BoatProjection(id));
    lies(projection, state);
    projection.follow(state, entries, lastChange);
    projections.save(projection);
  }

  private void leave(UUID id, BoatState state) {
    looseEnds.forget(List.of(id));
    state.looseEnds().forEach(end -> entities.persist(new LooseEndRow(id, end)));
  }

  /** Where a boat lies it takes the berth; where it lay another may. */
  private void lies(BoatProjection before, BoatState now) {
    if (!Objects.equals(before.berthId(), now.berth())) {
      berths.leave(before.boatId());
      if (now.berth() != null) {
        entities.persist(new BerthTaken(now.berth(), before.boatId()));
        entities.flush();
      }
    }
  }

  /** What lists show of a boat's protection; null while they show nothing. */
  @Transactional(readOnly = true)
  public @Nullable Protection protection(UUID id) {
    return projections.findById(id).map(BoatProjection::protection).orElse(null);
  }

  /** Whether lists show of a boat what its state says. */
  @Transactional(readOnly = true)
  public boolean isAsProjected(UUID id, BoatState state) {
    return projections.findById(id).map(known -> known.says(state)).orElse(false);
  }

  /**
   * Whether another boat lies at a berth. Until the transaction ends nobody else puts one there.
   */
  @Transactional
  public boolean isTaken(UUID berth, UUID byOtherThan) {
    berths.lock(berth);
    return projections.isTakenByAnother(berth, byOtherThan);
  }

  private static NotFound noSuchBoat() {
    return new NotFound("boat", "There is no such boat.");
  }
}
