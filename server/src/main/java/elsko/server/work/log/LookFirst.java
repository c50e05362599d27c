package elsko.server.work.log;

import elsko.core.ledger.BoatState;
import java.util.List;

/** What frost may have broken in a boat by now, so that its next card begins with looking. */
public interface LookFirst {
  /** Keys of the circuits to look at first. */
  List<String> of(BoatState state);
}
