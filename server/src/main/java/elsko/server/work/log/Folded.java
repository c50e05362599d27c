package elsko.server.work.log;

import elsko.core.boat.Boat;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.fact.Entry;
import elsko.server.fleet.BoatRow;
import elsko.server.fleet.Fleet;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A boat, its log and what follows from it. */
public record Folded(BoatRow row, Boat boat, List<Entry> log, BoatState state) {
  /**
   * Whether the boat still stands as here: nothing was entered since, nor was it described anew.
   */
  boolean stands(Fleet.@Nullable Length now) {
    return now != null && now.entries() == log.size() && now.version() == row.version();
  }
}
