package elsko.core.ledger;

import elsko.core.boat.path.FittingState;
import elsko.core.ledger.fact.Entry;
import java.time.Instant;
import java.util.Collection;
import java.util.List;

/** Follows through the log what was counted in the bag of plugs. */
final class BagFold {
  private Integer counted;
  private String countedBy;
  private Instant countedAt;

  void counted(int count, Entry entry) {
    counted = count;
    countedBy = entry.person();
    countedAt = entry.deviceTime();
  }

  /** A count speaks of the bag as it was; after a plug has moved it has to be counted again. */
  void moved() {
    counted = null;
    countedBy = null;
    countedAt = null;
  }

  BagState state(Collection<FittingStanding> fittings) {
    List<FittingStanding> plugs =
        fittings.stream().filter(f -> f.fitting().kind().isBagged()).toList();
    return new BagState(
        (int) plugs.stream().filter(f -> f.state() == FittingState.OUT_BAGGED).count(),
        plugs.stream()
            .filter(f -> f.state() == FittingState.OUT_MISSING)
            .map(f -> f.fitting().name())
            .toList(),
        counted,
        countedBy,
        countedAt);
  }
}
