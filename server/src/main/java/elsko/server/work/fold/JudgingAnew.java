package elsko.server.work.fold;

import elsko.core.Text;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.circuit.Protection;
import elsko.core.ledger.decision.Decision;
import elsko.server.fleet.Fleet;
import elsko.server.work.log.Folded;
import elsko.server.work.log.Log;
import elsko.server.work.log.Projection;
import elsko.server.yard.Yards;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Judges every boat's log anew when a version with newer rules is first started on it, and notes
 * whose protection that changed, and why, until somebody has seen it.
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
      BoatState state = folded.state();
      Protection was = fleet.protection(boat);
      if (was != null && was != state.protection()) {
        Text why =
            Decision.of(state)
                .map(Decision::words)
                .orElse(Text.of("Everything it needs is measured."));
        rows.save(new JudgedAnewRow(boat, was, state.protection(), why));
      }
      if (!fleet.isAsProjected(boat, state)) {
        projection.project(boat);
      }
    }
  }

  /** The boats that newer rules judge otherwise, by name; none when somebody has seen it. */
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

  /** One boat that newer rules judge otherwise. */
  public record JudgedAnew(UUID boat, String name, Protection was, Protection became, Text why) {}
}
