package elsko.core.ledger;

import elsko.core.Refused;
import java.util.List;
import java.util.UUID;

/** What may be corrected, and by what. */
public final class CorrectionRules {
  private CorrectionRules() {}

  /**
   * The entry a correction replaces.
   *
   * @param log the boat's log, as it was kept
   */
  public static Entry replaced(List<Entry> log, UUID corrects, Fact by) {
    Entry wrong =
        log.stream()
            .filter(entry -> entry.id().equals(corrects))
            .findFirst()
            .orElseThrow(
                () -> Refused.value("corrects", "This boat's log has no such entry to correct."));
    if (log.stream().anyMatch(entry -> corrects.equals(entry.corrects()))) {
      throw Refused.state("corrects", "That entry was corrected already. Correct the newer one.");
    }
    if (wrong.fact() instanceof Fact.CardOpened) {
      throw Refused.value("corrects", "A card that was opened is closed, not taken back.");
    }
    boolean takenBack = by instanceof Fact.Withdrawn;
    if (!takenBack && by.getClass() != wrong.fact().getClass()) {
      throw Refused.value("kind", "A correction is of the same kind as what it replaces.");
    }
    return wrong;
  }
}
