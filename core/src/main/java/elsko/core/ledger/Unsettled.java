package elsko.core.ledger;

/**
 * A segment of a filled circuit that nothing vouches for.
 *
 * @param segment its key
 * @param why nothing does, in words
 * @param settles the cheapest thing that would settle it, in words
 */
public record Unsettled(String segment, String why, String settles) {
  /** Both as sentences. */
  public String words() {
    return "%s %s.".formatted(why, settles);
  }
}
