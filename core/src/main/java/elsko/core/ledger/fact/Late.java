package elsko.core.ledger.fact;

import elsko.core.Text;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What is known of an entry that came in after others had said what happened later.
 *
 * @param afterwards it is said to have happened before its device last saw the boat, or so long ago
 *     that nobody can tell: it may end a claim, never make one
 * @param broke the rule it broke when it happened, in words; null when none. It makes no claim
 *     either
 * @param upsets ids of later entries that could not have been made had it been known
 */
public record Late(boolean afterwards, @Nullable Text broke, List<UUID> upsets) {
  public Late {
    upsets = upsets == null ? List.of() : List.copyOf(upsets);
  }

  /** Whether what it says may prove something. */
  boolean mayClaim() {
    return !afterwards && broke == null;
  }

  /** Whether somebody has to say how it really was. */
  public boolean asks() {
    return broke != null || !upsets.isEmpty();
  }
}
