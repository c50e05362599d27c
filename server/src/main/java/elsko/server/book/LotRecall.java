package elsko.server.book;

import elsko.core.ledger.circuit.Protection;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Where a lot went.
 *
 * @param liters of it that went into boats
 */
record LotRecall(String lot, double liters, List<RecalledBoat> boats) {

  /** A boat something of the lot went into. */
  record RecalledBoat(
      UUID boat, String name, @Nullable String berthName, List<RecalledCircuit> circuits) {}

  /**
   * A circuit of it.
   *
   * @param liters that went in, all times together
   * @param stillIn whether some of it is in there now
   * @param protection how the circuit stands now; null when the boat no longer has it
   */
  record RecalledCircuit(
      String circuit,
      String name,
      double liters,
      String lastBy,
      Instant lastAt,
      boolean stillIn,
      @Nullable Protection protection) {}
}
