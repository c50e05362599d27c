package elsko.core.procedure.request;

import elsko.core.boat.path.Position;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import elsko.core.limits.Condition;
import java.util.Comparator;
import org.jspecify.annotations.Nullable;

/** What was found on a card so far, where later steps depend on it. */
public record FoundOnCard(OnCircuit on) {
  /** Key of what was found last of a condition of this engine; null where nobody looked. */
  @Nullable String of(Condition condition) {
    return on.request().progress().steps().values().stream()
        .flatMap(step -> step.entries().stream())
        .filter(entry -> isOf(entry, condition))
        .max(Comparator.comparing(Entry::deviceTime))
        .map(entry -> entry.fact().as(Fact.ConditionSeen.class).finding())
        .orElse(null);
  }

  public boolean is(Condition condition, String finding) {
    return finding.equals(of(condition));
  }

  /** Whether it was looked at, and something else was found. */
  public boolean isOther(Condition condition, String finding) {
    String found = of(condition);
    return found != null && !found.equals(finding);
  }

  private boolean isOf(Entry entry, Condition condition) {
    Fact.ConditionSeen seen = entry.fact().as(Fact.ConditionSeen.class);
    if (seen == null || !seen.condition().equals(condition.key())) {
      return false;
    }
    Position engine = on.boat().engineMeant(seen.engine());
    return engine == null || engine == on.engine();
  }
}
