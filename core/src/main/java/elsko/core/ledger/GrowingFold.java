package elsko.core.ledger;

import elsko.core.boat.Boat;
import elsko.core.ledger.circuit.ProofRules;
import elsko.core.ledger.fact.Corrections;
import elsko.core.ledger.fact.Entry;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The fold of a log that goes on as entries come in, so that one more costs what one entry costs
 * and not what the log does. Not for several threads at once.
 */
public final class GrowingFold {
  private final Ledger all;

  /** Without what may end a claim and make none; null while there is nothing of that kind. */
  private final @Nullable Ledger sure;

  private BoatState state;

  private GrowingFold(Ledger all, @Nullable Ledger sure) {
    this.all = all;
    this.sure = sure;
    this.state = standing();
  }

  /**
   * Of a whole log, corrected or not.
   *
   * @param log in the order it was kept
   */
  public static GrowingFold of(Boat boat, ProofRules rules, List<Entry> log) {
    List<Entry> standing = Corrections.applied(log);
    Ledger all = new Ledger(boat, rules);
    standing.forEach(all::add);
    if (!all.anyInDoubt()) {
      return new GrowingFold(all, null);
    }
    Ledger sure = new Ledger(boat, rules);
    standing.stream().filter(Entry::mayClaim).forEach(sure::add);
    return new GrowingFold(all, sure);
  }

  /**
   * One more, which happened after all others and neither corrects one nor came in late: those
   * change what came before them, and the log is folded again.
   */
  public void add(Entry entry) {
    all.add(entry);
    if (sure != null) {
      sure.add(entry);
    }
    state = standing();
  }

  /** The state after all of them. */
  public BoatState state() {
    return state;
  }

  /** What is in doubt is believed only where it makes the boat look worse. */
  private BoatState standing() {
    return sure == null ? all.state() : Cautious.of(all.state(), sure.state());
  }
}
