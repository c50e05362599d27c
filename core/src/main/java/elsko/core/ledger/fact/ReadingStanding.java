package elsko.core.ledger.fact;

import elsko.core.Text;
import elsko.core.boat.path.Position;
import elsko.core.limits.Condition;
import elsko.core.limits.Conditions;
import elsko.core.limits.Judgement;
import elsko.core.limits.Limit;
import elsko.core.limits.Limits;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A reading as it was taken last.
 *
 * @param engine whose; null for the boat as a whole
 * @param key of its limit or condition
 * @param found the value with its unit, or what was found
 * @param value as it was read; null where something was looked at
 */
public record ReadingStanding(
    Position engine,
    String key,
    String name,
    Text found,
    @Nullable Double value,
    Judgement judgement,
    String by,
    Instant at) {

  public static ReadingStanding of(
      Position engine, Fact.ReadingTaken read, Judgement judgement, Entry entry) {
    Limit limit = Limits.of(read.limit());
    return new ReadingStanding(
        engine,
        limit.key(),
        limit.name(),
        foundWords(limit, read),
        read.value(),
        judgement,
        entry.person(),
        entry.deviceTime());
  }

  /** "18 mm, free span 300 mm". */
  public static Text foundWords(Limit limit, Fact.ReadingTaken read) {
    Text value = Text.exactly(read.value(), limit.unit());
    return read.against() == null
        ? value
        : Text.of(
            "%s, %s %s",
            value, limit.against().name(), Text.exactly(read.against(), limit.against().unit()));
  }

  public static ReadingStanding of(Position engine, Fact.ConditionSeen seen, Entry entry) {
    Condition condition = Conditions.of(seen.condition());
    Judgement judgement = seen.found().judgement();
    return new ReadingStanding(
        engine,
        condition.key(),
        condition.name(),
        Text.of(seen.found().words()),
        null,
        judgement,
        entry.person(),
        entry.deviceTime());
  }

  /** Whether something follows from it that nobody has put right yet. */
  public boolean isOpen() {
    return !judgement.isGood();
  }
}
