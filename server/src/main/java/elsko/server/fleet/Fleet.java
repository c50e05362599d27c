package elsko.server.fleet;

import elsko.core.Refused;
import elsko.core.boat.BoatDescription;
import elsko.core.boat.DrainArrangement;
import elsko.core.boat.Layout;
import elsko.core.boat.WaterUsedIn;
import elsko.core.ledger.BoatState;
import elsko.server.live.Changed;
import elsko.server.problems.NotFound;
import elsko.server.problems.StaleEdit;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The boats, their descriptions and projections. */
@Service
public class Fleet {
  private final BoatRepository boats;
  private final BoatProjectionRepository projections;
  private final ApplicationEventPublisher events;

  Fleet(
      BoatRepository boats,
      BoatProjectionRepository projections,
      ApplicationEventPublisher events) {
    this.boats = boats;
    this.projections = projections;
    this.events = events;
  }

  @Transactional(readOnly = true)
  public List<BoatLine> lines() {
    return projections.lines();
  }

  @Transactional(readOnly = true)
  public List<UUID> ids() {
    return boats.findAll().stream().map(BoatRow::id).toList();
  }

  @Transactional(readOnly = true)
  public BoatRow boat(UUID id) {
    return boats.findById(id).orElseThrow(Fleet::noSuchBoat);
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
  public BoatRow add(Described described) {
    BoatDescription description = described.description();
    if (boats.existsByNameIgnoreCase(description.name())) {
      throw Refused.state(
          "name", "There is a boat called \"%s\" already.".formatted(description.name()));
    }
    BoatRow row = boats.saveAndFlush(new BoatRow(UUID.randomUUID(), description));
    events.publishEvent(Changed.boat(row.id()));
    return row;
  }

  /** Describes a boat anew. Refuses a stale edit. */
  @Transactional
  public BoatRow describe(UUID id, Described described, String ifMatch) {
    BoatRow row = lock(id);
    StaleEdit.refuseUnless(row.version(), ifMatch);
    BoatDescription description = described.description();
    boolean renamed = !description.name().equalsIgnoreCase(row.description().name());
    if (renamed && boats.existsByNameIgnoreCase(description.name())) {
      throw Refused.state(
          "name", "There is a boat called \"%s\" already.".formatted(description.name()));
    }
    row.describe(description);
    boats.saveAndFlush(row);
    events.publishEvent(Changed.boat(id));
    return row;
  }

  /** Keeps what lists need of a fold. */
  @Transactional
  public void project(UUID id, BoatState state, int entries, Instant lastChange) {
    BoatProjection projection = projections.findById(id).orElseGet(() -> new BoatProjection(id));
    projection.follow(state, entries, lastChange);
    projections.save(projection);
  }

  @Transactional(readOnly = true)
  public boolean isTaken(UUID berth, UUID byOtherThan) {
    return projections.isTakenByAnother(berth, byOtherThan);
  }

  private static NotFound noSuchBoat() {
    return new NotFound("boat", "There is no such boat.");
  }

  /** A boat's description as it comes over the wire. */
  public record Described(
      String name,
      Double hullLengthM,
      Layout layout,
      DrainArrangement drains,
      WaterUsedIn waterUsedIn,
      Double engineHours,
      String owner,
      String notes) {
    public BoatDescription description() {
      return new BoatDescription(
          name,
          hullLengthM == null ? Double.NaN : hullLengthM,
          layout,
          drains,
          waterUsedIn,
          engineHours,
          owner,
          notes);
    }

    public static Described of(BoatDescription d) {
      return new Described(
          d.name(),
          d.hullLengthM(),
          d.layout(),
          d.drains(),
          d.waterUsedIn(),
          d.engineHours(),
          d.owner(),
          d.notes());
    }
  }
}
