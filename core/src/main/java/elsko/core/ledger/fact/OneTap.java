package elsko.core.ledger.fact;

import elsko.core.Text;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * The one tap that wrote several entries of a step, each of which stands for itself.
 *
 * @param id the same in all of them
 * @param afterSeconds the work of the step can have taken so long; null where the tap was not the
 *     last of its step: with the start of an engine it says what was made ready for it
 * @param tooSoon that is shorter than it can be done in: it was asked, and written all the same.
 *     What it says may end a claim, never make one
 */
public record OneTap(UUID id, @Nullable Integer afterSeconds, boolean tooSoon) {
  private static final int MINUTE_S = 60;

  /** How an entry is marked in the log; null when it was entered by itself. */
  public static @Nullable Text mark(@Nullable OneTap tap) {
    if (tap == null) {
      return null;
    }
    return tap.tooSoon
        ? Text.of("In one tap after %s, sooner than it can be done: proves nothing.", tap.after())
        : Text.of("In one tap.");
  }

  private String after() {
    int seconds = afterSeconds == null ? 0 : Math.max(0, afterSeconds);
    return seconds < 2 * MINUTE_S ? seconds + " s" : seconds / MINUTE_S + " min";
  }
}
