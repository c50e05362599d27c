package elsko.core.procedure;

import elsko.core.ledger.Method;
import java.util.List;

/** A procedure written for one boat, its steps in an order that respects their reasons. */
public record Card(Method method, String reason, List<Step> steps) {
  public Step step(String key) {
    return steps.stream().filter(step -> step.key().equals(key)).findFirst().orElse(null);
  }
}
