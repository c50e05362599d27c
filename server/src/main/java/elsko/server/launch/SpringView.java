package elsko.server.launch;

import elsko.core.ledger.circuit.Protection;
import elsko.core.ledger.decision.SpringTold;
import java.time.Instant;
import java.util.List;
import java.util.UUID;

/**
 * How often what autumn claimed was right, in this yard.
 *
 * @param held called safe, nothing broken; {@code missed} called safe and broken; {@code warned}
 *     not called safe and broken; {@code lucky} not called safe and nothing broken
 * @param surprises every circuit that was not called safe and found whole; those called safe and
 *     found broken first, then the newest
 */
record SpringView(int held, int missed, int warned, int lucky, List<Told> surprises) {

  /** One circuit in one spring. */
  record Told(
      UUID boat,
      String boatName,
      String circuit,
      Protection claimed,
      String found,
      SpringTold.Outcome outcome,
      Instant at) {}
}
