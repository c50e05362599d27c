package elsko.core.ledger.rules;

import elsko.core.Refused;
import elsko.core.boat.Boat;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.Ledger;
import elsko.core.ledger.circuit.ProofRules;
import elsko.core.ledger.fact.Corrections;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import java.time.Instant;
import java.util.List;
import java.util.UUID;

/**
 * The one gate every correction passes. It is judged as what it says would have been, at the time
 * of what it replaces; and it sets nothing afloat that could not be launched now.
 */
public final class CorrectionRules {
  private CorrectionRules() {}

  /**
   * The entry a correction replaces, after all rules that its kind passes.
   *
   * @param log the boat's log, as it was kept
   * @param person who corrects
   */
  public static Entry check(
      Boat boat,
      ProofRules proof,
      YardRules rules,
      List<Entry> log,
      UUID corrects,
      String person,
      Fact by) {
    Entry wrong = replaced(log, corrects, by);
    if (wrong.fact().is(Fact.Countersigned.class) && !wrong.person().equals(person)) {
      throw Refused.state("corrects", "Nobody corrects another's signature.");
    }
    if (!by.is(Fact.Withdrawn.class)) {
      Interlocks.check(before(boat, proof, log, wrong), person, by, rules, wrong.happened());
    }
    return wrong;
  }

  /** The boat as it stood when an entry was made, by what stands of the log now. */
  private static BoatState before(Boat boat, ProofRules proof, List<Entry> log, Entry entry) {
    Ledger ledger = new Ledger(boat, proof);
    for (Entry standing : Corrections.applied(log)) {
      if (standing.id().equals(entry.id())) {
        break;
      }
      ledger.add(standing);
    }
    return ledger.state();
  }

  /**
   * Refuses a correction through which a boat floats that may not be launched as it stands.
   *
   * @param before the boat as it stands, {@code after} as it would with the correction
   */
  public static void checkAfloat(
      BoatState before, BoatState after, String person, YardRules rules, Instant at) {
    if (after.afloat() && !before.afloat()) {
      Fact launched = new Fact.BerthMoved(after.berth(), after.berthName(), true);
      Interlocks.check(before, person, launched, rules, at);
    }
  }

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
    if (wrong.fact().is(Fact.CardOpened.class)) {
      throw Refused.value("corrects", "A card that was opened is closed, not taken back.");
    }
    boolean takenBack = by.is(Fact.Withdrawn.class);
    if (!takenBack && by.getClass() != wrong.fact().getClass()) {
      throw Refused.value("kind", "A correction is of the same kind as what it replaces.");
    }
    return wrong;
  }
}
