package elsko.server.work.fold;

import elsko.core.Text;
import elsko.core.fluid.verdict.Need;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.circuit.ProofRules;
import elsko.core.ledger.circuit.Protection;
import elsko.core.ledger.decision.Decision;
import elsko.server.fleet.Fleet;
import elsko.server.work.log.Folded;
import elsko.server.work.log.Log;
import elsko.server.work.log.Projection;
import elsko.server.yard.Yards;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Judges every boat's log anew when a version with newer rules is first started on it. Notes whose
 * protection that or another frost standard changed, and why, until somebody has seen it.
 */
@Service
public class JudgingAnew {
  /** So many logs are read at once. */
  private static final int AT_ONCE = 50;

  private final Log log;
  private final Projection projection;
  private final Fleet fleet;
  private final Yards yards;
  private final JudgedAnewRepository rows;

  JudgingAnew(Log log, Projection projection, Fleet fleet, Yards yards, JudgedAnewRepository rows) {
    this.log = log;
    this.projection = projection;
    this.fleet = fleet;
    this.yards = yards;
    this.rows = rows;
  }

  /** Once for each edition of the rules, before anybody is answered. */
  @Transactional
  public void atStart() {
    if (!yards.isJudgedByNewerRules()) {
      return;
    }
    List<UUID> all = fleet.ids();
    for (int from = 0; from < all.size(); from += AT_ONCE) {
      judge(all.subList(from, Math.min(all.size(), from + AT_ONCE)));
      fleet.letGo();
    }
  }

  private void judge(List<UUID> boats) {
    for (Folded folded : log.folded(boats)) {
      UUID boat = folded.row().id();
      note(folded);
      if (!fleet.isAsProjected(boat, folded.state())) {
        projection.project(boat);
      }
    }
  }

  /**
   * Notes a boat whose protection is another than lists show of it; one noted before and not seen
   * yet is held against what it was then.
   */
  @Transactional
  void note(Folded folded) {
    UUID boat = folded.row().id();
    Protection shown = fleet.protection(boat);
    BoatState state = folded.state();
    if (shown == null || shown == state.protection()) {
      return;
    }
    JudgedAnewRow before = rows.findById(boat).orElse(null);
    Protection was = before == null ? shown : before.was();
    if (was != state.protection()) {
      rows.save(new JudgedAnewRow(boat, was, state.protection(), why(state)));
    } else if (before != null) {
      rows.delete(before);
    }
  }

  private static Text why(BoatState state) {
    return Decision.of(state)
        .map(Decision::words)
        .orElse(Text.of("Everything it needs is measured."));
  }

  /** The boats that another frost standard would judge otherwise, by name. Keeps nothing. */
  public List<JudgedAnew> whatIf(Need need) {
    ProofRules now = yards.proofRules();
    ProofRules then = new ProofRules(need, now.countersignSince(), now.asOf(), now.zone());
    List<UUID> all = fleet.ids();
    List<JudgedAnew> found = new ArrayList<>();
    for (int from = 0; from < all.size(); from += AT_ONCE) {
      List<UUID> some = all.subList(from, Math.min(all.size(), from + AT_ONCE));
      Map<UUID, Protection> as = new HashMap<>();
      log.standing(some).forEach(one -> as.put(one.row().id(), one.state().protection()));
      for (Folded folded : log.folded(some, then)) {
        BoatState state = folded.state();
        Protection was = as.get(folded.row().id());
        if (was != null && was != state.protection()) {
          found.add(
              new JudgedAnew(
                  folded.row().id(), folded.boat().name(), was, state.protection(), why(state)));
        }
      }
    }
    found.sort(Comparator.comparing(JudgedAnew::name));
    return found;
  }

  /**
   * The boats that newer rules or another standard judge otherwise, by name; none when somebody has
   * seen it.
   */
  @Transactional(readOnly = true)
  public List<JudgedAnew> all() {
    return rows.findAll().stream()
        .map(
            row ->
                new JudgedAnew(
                    row.boatId(),
                    fleet.boat(row.boatId()).boat().name(),
                    row.was(),
                    row.became(),
                    row.why()))
        .sorted(Comparator.comparing(JudgedAnew::name))
        .toList();
  }

  /** Somebody has seen it. */
  @Transactional
  public void seen() {
    rows.deleteAll();
  }

  /** One boat that is judged otherwise. */
  public record JudgedAnew(UUID boat, String name, Protection was, Protection became, Text why) {}
}
