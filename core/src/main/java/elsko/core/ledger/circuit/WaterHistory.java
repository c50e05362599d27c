package elsko.core.ledger.circuit;

import elsko.core.ledger.fact.FrostFinding;
import java.time.Instant;
import java.util.List;
import java.util.Map;

/**
 * How long what is in a circuit has stood there, and when water stood in it before. What frost did
 * to it rests on that.
 *
 * @param since by segment key, when what is in it came in; nothing for what was in it when the boat
 *     came
 * @param openedAt when it was opened after its last fill; null when it was not
 * @param spells of water that have ended, since somebody last looked for what frost did; oldest
 *     first
 * @param found when somebody last looked; null when nobody has
 */
public record WaterHistory(
    Map<String, Instant> since, Instant openedAt, List<Spell> spells, FrostFinding found) {
  /**
   * Water stood in a segment.
   *
   * @param from null when it was in it when the boat came
   */
  public record Spell(String segment, Instant from, Instant to) {}
}
