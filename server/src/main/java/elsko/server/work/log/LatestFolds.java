package elsko.server.work.log;

import elsko.core.ledger.GrowingFold;
import elsko.core.ledger.circuit.ProofRules;
import elsko.server.fleet.BoatRow;
import elsko.server.fleet.Fleet;
import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;

/**
 * The boats that were written last, as they stood then: whoever works something out for them need
 * not read and fold their logs again. Each is held against what the database says of it, so that
 * none is older than that.
 */
@Component
final class LatestFolds {
  private static final int MOST = 100;

  private final Fleet fleet;
  private final Map<UUID, Written> latest =
      new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<UUID, Written> eldest) {
          return size() > MOST;
        }
      };

  LatestFolds(Fleet fleet) {
    this.fleet = fleet;
  }

  /**
   * A boat as somebody has just written it, by these rules.
   *
   * @param fold goes on from there; belongs to whoever {@linkplain #take took} it
   */
  record Written(Folded folded, ProofRules rules, GrowingFold fold) {
    private boolean isBy(ProofRules now) {
      return rules.need().equals(now.need())
          && Objects.equals(rules.countersignSince(), now.countersignSince())
          && rules.zone().equals(now.zone())
          && day(rules).equals(day(now));
    }

    private static LocalDate day(ProofRules rules) {
      return LocalDate.ofInstant(rules.asOf(), rules.zone());
    }
  }

  @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT)
  void keep(Written written) {
    UUID boat = written.folded().row().id();
    synchronized (latest) {
      Written before = latest.get(boat);
      if (before == null || before.folded().log().size() <= written.folded().log().size()) {
        latest.put(boat, written);
      }
    }
  }

  /**
   * Takes a boat out as it was written last, to go on from it; null where it is not known, or the
   * database knows better. What comes of it is kept when it is committed; else it is gone.
   *
   * @param row held by the one who writes
   */
  @Nullable Written take(BoatRow row, ProofRules now) {
    Written known;
    synchronized (latest) {
      known = latest.remove(row.id());
    }
    if (known == null || !known.isBy(now)) {
      return null;
    }
    Fleet.Length length = fleet.lengths(List.of(row.id())).get(row.id());
    return known.folded().stands(length) ? known : null;
  }

  /** Those of some boats that still stand as they were written. */
  Map<UUID, Folded> of(Collection<UUID> boats, ProofRules now) {
    Map<UUID, Folded> found = new HashMap<>();
    for (UUID boat : boats) {
      Written one = written(boat);
      if (one != null && one.isBy(now)) {
        found.put(boat, one.folded());
      }
    }
    if (!found.isEmpty()) {
      Map<UUID, Fleet.Length> lengths = fleet.lengths(found.keySet());
      found.entrySet().removeIf(one -> !one.getValue().stands(lengths.get(one.getKey())));
    }
    return found;
  }

  private @Nullable Written written(UUID boat) {
    synchronized (latest) {
      return latest.get(boat);
    }
  }
}
