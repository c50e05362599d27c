package elsko.core.due;

import elsko.core.boat.Boat;
import elsko.core.boat.description.WaterUsedIn;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.Segment;
import elsko.core.boat.path.SegmentKind;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.engine.Due;
import elsko.core.ledger.engine.ServiceRecord;
import elsko.core.ledger.engine.ServiceRecords;
import elsko.core.ledger.fact.FallsDue;
import elsko.core.limits.Every;
import elsko.core.limits.Interval;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Counts every interval of a boat, for each engine from its own record. */
public final class DueList {
  /** Descaled or not, scale does not hold on in these. */
  private static final Set<SegmentKind> SCALES =
      EnumSet.of(
          SegmentKind.COOLER,
          SegmentKind.EXCHANGER,
          SegmentKind.BLOCK,
          SegmentKind.MANIFOLD,
          SegmentKind.RISER,
          SegmentKind.ELBOW,
          SegmentKind.MUFFLER);

  private final Boat boat;
  private final ServiceRecords records;
  private final Set<Interval> othersWay;
  private final Instant now;

  private DueList(Boat boat, ServiceRecords records, Set<Interval> othersWay, Instant now) {
    this.boat = boat;
    this.records = records;
    this.othersWay = othersWay;
    this.now = now;
  }

  /**
   * Everything that falls due on a boat, most pressing first.
   *
   * @param othersWay the intervals this yard counts the other school's way
   */
  public static List<DueItem> of(BoatState state, Set<Interval> othersWay, Instant now) {
    return of(state.boat(), state.services(), othersWay, now);
  }

  /** The same from the records alone, as they stood at some time. */
  public static List<DueItem> of(
      Boat boat, ServiceRecords records, Set<Interval> othersWay, Instant now) {
    return new DueList(boat, records, othersWay, now).all();
  }

  private List<DueItem> all() {
    List<DueItem> found = new ArrayList<>();
    for (Circuit circuit : boat.engineCircuits()) {
      for (Interval interval : Interval.values()) {
        if (FallsDue.on(boat, circuit, interval)) {
          found.add(item(circuit, interval));
        }
      }
    }
    // Whatever is replaced is looked at on the way.
    Set<Due> replaced = new HashSet<>();
    for (DueItem item : found) {
      if (item.interval() == Interval.IMPELLER && item.isDue() || looksAnyway(item)) {
        replaced.add(new Due(item.engine(), Interval.IMPELLER_LOOK));
      }
    }
    found.removeIf(item -> replaced.contains(new Due(item.engine(), item.interval())));
    found.add(item(null, Interval.HOSES));
    found.sort(
        Comparator.comparing(DueItem::standing)
            .thenComparing(DueItem::on, Comparator.nullsLast(Comparator.naturalOrder()))
            .thenComparing(DueItem::interval));
    return found;
  }

  /** Replaced as often as it would be looked at, it needs no look of its own. */
  private static boolean looksAnyway(DueItem item) {
    return item.interval() == Interval.IMPELLER
        && item.every().months() <= Interval.IMPELLER_LOOK.usual().months();
  }

  private DueItem item(@Nullable Circuit circuit, Interval interval) {
    WaterUsedIn water = boat.description().waterUsedIn();
    Every every =
        interval.in(
            water == WaterUsedIn.SALT, water == WaterUsedIn.BRACKISH, othersWay.contains(interval));
    return new Counted(records, circuit, interval, every, last(circuit, interval), now)
        .item(circuit != null && interval == Interval.DESCALE ? neverReached(circuit) : "");
  }

  private @Nullable ServiceRecord last(@Nullable Circuit circuit, Interval interval) {
    if (circuit == null) {
      return records.last(new Due(null, interval));
    }
    if (interval == Interval.DESCALE) {
      return lastDescale(circuit);
    }
    ServiceRecord own = records.last(new Due(circuit.engine(), interval));
    if (interval == Interval.IMPELLER_LOOK) {
      ServiceRecord replaced = records.last(new Due(circuit.engine(), Interval.IMPELLER));
      return own == null || replaced != null && replaced.at().isAfter(own.at()) ? replaced : own;
    }
    return own;
  }

  /** Counted from the segment that was reached longest ago; null while one never was. */
  private @Nullable ServiceRecord lastDescale(Circuit circuit) {
    Map<String, Instant> reached = records.descaled().getOrDefault(circuit.key(), Map.of());
    Instant longestAgo = null;
    for (Segment segment : circuit.segments()) {
      if (SCALES.contains(segment.kind())) {
        Instant at = reached.get(segment.key());
        if (at == null) {
          return null;
        }
        longestAgo = longestAgo == null || at.isBefore(longestAgo) ? at : longestAgo;
      }
    }
    return longestAgo == null ? null : new ServiceRecord(longestAgo, null, 0, "", "");
  }

  /** Names what no descale has reached, where some did: "never reached: muffler". */
  private String neverReached(Circuit circuit) {
    Map<String, Instant> reached = records.descaled().getOrDefault(circuit.key(), Map.of());
    if (reached.isEmpty()) {
      return "";
    }
    List<String> missing =
        circuit.segments().stream()
            .filter(segment -> SCALES.contains(segment.kind()))
            .filter(segment -> !reached.containsKey(segment.key()))
            .map(Segment::name)
            .toList();
    return missing.isEmpty() ? "" : "Never reached: " + String.join(", ", missing) + ".";
  }
}
