package elsko.server.work.log;

import elsko.core.boat.Boat;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.fact.Entry;
import elsko.server.fleet.BoatRow;
import java.util.List;

/** A boat, its log and what follows from it. */
public record Folded(BoatRow row, Boat boat, List<Entry> log, BoatState state) {}
