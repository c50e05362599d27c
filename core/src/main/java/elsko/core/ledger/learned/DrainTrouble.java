package elsko.core.ledger.learned;

import elsko.core.ledger.fact.Seen;
import org.jspecify.annotations.Nullable;

/**
 * What a low point gave trouble with in an earlier lay-up.
 *
 * @param lowPoint key
 * @param year in which that lay-up began
 * @param seen what came of opening it; null where its sample was short
 */
public record DrainTrouble(String lowPoint, int year, @Nullable Seen seen) {
  /** In a few words, like "2030: ran after rodding". */
  public String words() {
    return year + ": " + (seen == null ? "its sample was short" : seen.words());
  }
}
