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

  /**
   * What a count that is not right comes to, in words; null where it is right or nobody counted.
   */
  public @Nullable String wrongCount() {
    if (counted == null || counted == expected) {
      return null;
    }
    return counted > expected
        ? "%d counted, %d expected: is a drain still open that is recorded IN?"
            .formatted(counted, expected)
        : "%d counted, %d expected: which one is missing?".formatted(counted, expected);
  }

  /** The bag holds fewer or more than it should, or a plug is known to be missing. */
  public boolean isShort() {
    return !missing.isEmpty() || counted != null && counted != expected;
  }
}
