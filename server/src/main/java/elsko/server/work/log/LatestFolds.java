package elsko.server.work.log;

import elsko.core.ledger.circuit.ProofRules;
import elsko.server.fleet.Fleet;
import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
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

  /** A boat as somebody has just written it, by these rules. */
  record Written(Folded folded, ProofRules rules) {
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
      found
          .entrySet()
          .removeIf(
              one -> {
                Fleet.Length length = lengths.get(one.getKey());
                return length == null
                    || length.entries() != one.getValue().log().size()
                    || length.version() != one.getValue().row().version();
              });
    }
    return found;
  }

  private @Nullable Written written(UUID boat) {
    synchronized (latest) {
      return latest.get(boat);
    }
  }
}
