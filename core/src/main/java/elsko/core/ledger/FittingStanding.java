package elsko.core.ledger;

import elsko.core.boat.path.Fitting;
import elsko.core.boat.path.FittingState;
import java.time.Instant;

/**
 * How a fitting stands and who left it so.
 *
 * @param by null while nobody has set it
 * @param at null while nobody has set it
 * @param forSample out only until the bottle is full
 * @param reason may be empty
 */
public record FittingStanding(
    Fitting fitting, FittingState state, String by, Instant at, boolean forSample, String reason) {

  /** As nobody has set it: only to ask what would follow. */
  public static FittingStanding asked(Fitting fitting, FittingState state) {
    return new FittingStanding(fitting, state, null, null, false, "");
  }

  /** Not in its in-commission state. */
  public boolean isLooseEnd() {
    return state != fitting.kind().inCommission();
  }

  /** A drain whose hole is open for good, not just to fill a bottle. */
  public boolean isDrainOut() {
    return fitting.kind().isDrain() && state.isOut() && !forSample;
  }
}
