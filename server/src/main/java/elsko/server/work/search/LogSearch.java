package elsko.server.work.search;

import elsko.core.Refused;
import elsko.core.boat.Boat;
import elsko.core.ledger.fact.Fact;
import elsko.server.fleet.BoatRow;
import elsko.server.fleet.Fleet;
import elsko.server.work.log.EntryKind;
import elsko.server.work.log.EntryRow;
import elsko.server.work.log.FactJson;
import jakarta.persistence.EntityManager;
import jakarta.persistence.TypedQuery;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Searches the log of the whole yard, newest first. */
@Component
public class LogSearch {
  private static final int MOST = 200;
  private static final UUID LEAST_ID = new UUID(0, 0);
  private static final Comparator<EntryRow> NEWEST_FIRST =
      Comparator.comparing(EntryRow::serverTime).thenComparing(EntryRow::seq).reversed();

  private final EntityManager entityManager;
  private final Fleet fleet;
  private final LogView log;
  private final FactJson json;

  LogSearch(EntityManager entityManager, Fleet fleet, LogView log, FactJson json) {
    this.entityManager = entityManager;
    this.fleet = fleet;
    this.log = log;
    this.json = json;
  }

  /**
   * What is looked for; null where anything will do.
   *
   * @param lots any of them
   * @param circuit its key
   * @param from when it was kept, {@code to} before when
   * @param corrections only entries that correct another
   * @param before only those kept before the one at this place in the log
   */
  public record Wanted(
      @Nullable UUID boat,
      @Nullable String person,
      @Nullable Instant from,
      @Nullable Instant to,
      @Nullable BookKind kind,
      @Nullable List<String> lots,
      @Nullable String circuit,
      boolean corrections,
      @Nullable Long before) {}

  /** Some lines, and whether older ones follow. */
  public record FoundPage(List<BookLine> lines, boolean more) {}

  /** Antifreeze of a lot that went into a circuit. */
  public record Poured(UUID boat, String circuit, double liters, String person, Instant at) {}

  /** A page of what is found. */
  @Transactional(readOnly = true)
  public FoundPage page(Wanted wanted, int limit) {
    int size = Math.max(1, Math.min(limit, MOST));
    List<EntryRow> rows =
        leads(wanted).stream()
            .flatMap(lead -> query(wanted, lead).setMaxResults(size + 1).getResultStream())
            .sorted(NEWEST_FIRST)
            .limit(size + 1L)
            .toList();
    boolean more = rows.size() > size;
    List<EntryRow> shown = more ? rows.subList(0, size) : rows;
    return new FoundPage(log.lines(shown, boatsOf(shown)), more);
  }

  /** Who lifted a red tag or took a boat as it is, before a moment; newest first. */
  @Transactional(readOnly = true)
  public List<BookLine> risksTaken(Instant before, int most) {
    List<EntryRow> rows =
        entityManager
            .createQuery(
                "select e from EntryRow e where e.kind in (:kinds) and e.serverTime < :before"
                    + " order by e.seq desc",
                EntryRow.class)
            .setParameter("kinds", List.of(EntryKind.TAG_LIFTED, EntryKind.ACCEPTED))
            .setParameter("before", before)
            .setMaxResults(most)
            .getResultList();
    return log.lines(rows, boatsOf(rows));
  }

  private Map<UUID, Boat> boatsOf(List<EntryRow> rows) {
    Map<UUID, Boat> boats = new HashMap<>();
    Set<UUID> ids = rows.stream().map(EntryRow::boatId).collect(Collectors.toSet());
    for (BoatRow boat : fleet.boats(ids)) {
      boats.put(boat.id(), boat.boat());
    }
    return boats;
  }

  /** Every time something of a lot went in, without what was taken back; oldest first. */
  @Transactional(readOnly = true)
  public List<Poured> poured(String lot) {
    return poured(lot, Instant.EPOCH);
  }

  /** The same of what was kept since a moment. */
  @Transactional(readOnly = true)
  public List<Poured> poured(String lot, Instant since) {
    List<EntryRow> rows =
        entityManager
            .createQuery(
                "select e from EntryRow e where e.lot = :lot and e.kind = :kind"
                    + " and e.serverTime > :since order by e.seq",
                EntryRow.class)
            .setParameter("lot", lot)
            .setParameter("since", since)
            .setParameter("kind", EntryKind.FLUID_USED)
            .getResultList();
    Set<UUID> replaced = log.replaced(rows);
    Map<UUID, Instant> firstSaid = log.firstSaid(rows);
    return rows.stream()
        .filter(row -> !replaced.contains(row.id()))
        .map(
            row -> {
              Fact.FluidUsed used = (Fact.FluidUsed) json.read(row).fact();
              Instant at = firstSaid.getOrDefault(row.id(), row.deviceTime());
              return new Poured(row.boatId(), used.circuit(), used.liters(), row.person(), at);
            })
        .toList();
  }

  /** A part that was used up by a service. */
  public record Serviced(String item, Instant at) {}

  /** Every service kept since a moment, without what was taken back. */
  @Transactional(readOnly = true)
  public List<Serviced> serviced(Instant since) {
    List<EntryRow> rows =
        entityManager
            .createQuery(
                "select e from EntryRow e where e.kind = :kind and e.serverTime > :since"
                    + " order by e.seq",
                EntryRow.class)
            .setParameter("kind", EntryKind.SERVICE_DONE)
            .setParameter("since", since)
            .getResultList();
    Set<UUID> replaced = log.replaced(rows);
    Map<UUID, Instant> firstSaid = log.firstSaid(rows);
    return rows.stream()
        .filter(row -> !replaced.contains(row.id()))
        .map(
            row ->
                new Serviced(
                    ((Fact.ServiceDone) json.read(row).fact()).item(),
                    firstSaid.getOrDefault(row.id(), row.deviceTime())))
        .toList();
  }

  /** The lot something was last filled from; null when nothing ever was. */
  @Transactional(readOnly = true)
  public @Nullable String lastLot() {
    return entityManager
        .createQuery(
            "select e.lot from EntryRow e where e.kind = :kind order by e.serverTime desc, e.seq desc",
            String.class)
        .setParameter("kind", EntryKind.FLUID_USED)
        .setMaxResults(1)
        .getResultList()
        .stream()
        .findFirst()
        .orElse(null);
  }

  /**
   * What an index leads with: naming it first in the order lets the database walk that index from
   * its newest end instead of sorting all there ever was.
   *
   * @param attribute null where the order in time alone leads
   */
  private record Lead(@Nullable String attribute, @Nullable Object value) {
    String condition() {
      return "e." + attribute + " = :lead";
    }

    String order() {
      return attribute == null ? "" : "e." + attribute + " desc, ";
    }
  }

  /** The narrowest thing that is asked for; each of several values is looked up by itself. */
  private static List<Lead> leads(Wanted wanted) {
    if (wanted.boat() != null) {
      return List.of(new Lead("boatId", wanted.boat()));
    }
    if (wanted.lots() != null) {
      return wanted.lots().stream().map(lot -> new Lead("lot", lot)).toList();
    }
    if (wanted.circuit() != null) {
      return List.of(new Lead("circuit", wanted.circuit()));
    }
    if (wanted.kind() != null) {
      return wanted.kind().kinds().stream().map(kind -> new Lead("kind", kind)).toList();
    }
    return wanted.person() == null
        ? List.of(new Lead(null, null))
        : List.of(new Lead("person", wanted.person()));
  }

  private TypedQuery<EntryRow> query(Wanted wanted, Lead lead) {
    List<String> where = new ArrayList<>();
    Map<String, Object> values = new HashMap<>();
    if (lead.attribute() != null) {
      with(where, values, lead.condition(), "lead", lead.value());
    }
    with(where, values, "e.person = :person", "person", wanted.person());
    with(where, values, "e.serverTime >= :from", "from", wanted.from());
    with(where, values, "e.serverTime < :to", "to", wanted.to());
    if (!"lot".equals(lead.attribute())) {
      with(where, values, "e.lot in :lots", "lots", wanted.lots());
    }
    with(where, values, "e.circuit = :circuit", "circuit", wanted.circuit());
    if (wanted.before() != null) {
      EntryRow last = entityManager.find(EntryRow.class, wanted.before());
      if (last == null) {
        throw Refused.value("before", "The log has no such place.");
      }
      where.add("(e.serverTime < :at or e.serverTime = :at and e.seq < :before)");
      values.put("at", last.serverTime());
      values.put("before", last.seq());
    }
    if (wanted.kind() != null && !"kind".equals(lead.attribute())) {
      with(where, values, "e.kind in :kinds", "kinds", wanted.kind().kinds());
    }
    if (wanted.corrections()) {
      // Corrections are few: said as a range, the index of what they correct finds them.
      with(where, values, "e.correctsId >= :least", "least", LEAST_ID);
    }
    String all = where.isEmpty() ? "" : " where " + String.join(" and ", where);
    TypedQuery<EntryRow> query =
        entityManager.createQuery(
            "select e from EntryRow e"
                + all
                + " order by "
                + lead.order()
                + "e.serverTime desc, e.seq desc",
            EntryRow.class);
    values.forEach(query::setParameter);
    return query;
  }

  private static void with(
      List<String> where,
      Map<String, Object> values,
      String condition,
      String name,
      @Nullable Object value) {
    if (value != null) {
      where.add(condition);
      values.put(name, value);
    }
  }
}
