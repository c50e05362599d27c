package elsko.core.ledger;

import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The bag of plugs on the wheel.
 *
 * @param expected plugs that are OUT_BAGGED
 * @param missing names of plugs known to be missing
 * @param counted the last count; null while nobody counted
 */
public record BagState(
    int expected,
    List<String> missing,
    @Nullable Integer counted,
    @Nullable String countedBy,
    @Nullable Instant countedAt) {

  /** The bag holds fewer or more than it should, or a plug is known to be missing. */
  public boolean isShort() {
    return !missing.isEmpty() || counted != null && counted != expected;
  }
}
