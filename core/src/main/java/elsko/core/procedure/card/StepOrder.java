package elsko.core.procedure.card;

import elsko.core.Words;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Puts steps into an order that respects what each waits for. */
public final class StepOrder {
  private StepOrder() {}

  /** Stable: a step comes as early as it was written, but never before what it waits for. */
  public static List<Step> of(List<Step> written) {
    Set<String> waiting = new HashSet<>();
    written.forEach(step -> waiting.add(step.key()));
    List<Step> sorted = new ArrayList<>(written.size());
    List<Step> left = new ArrayList<>(written);
    while (!left.isEmpty()) {
      List<Step> stillLeft = new ArrayList<>();
      for (Step step : left) {
        // Once one had to stay behind, those after it are looked at again from the front.
        if (stillLeft.isEmpty() && Collections.disjoint(step.after(), waiting)) {
          sorted.add(step);
          waiting.remove(step.key());
        } else {
          stillLeft.add(step);
        }
      }
      if (stillLeft.size() == left.size()) {
        Step next = firstFree(left, waiting);
        sorted.add(next);
        waiting.remove(next.key());
        stillLeft.remove(next);
      }
      left = stillLeft;
    }
    return List.copyOf(sorted);
  }

  private static Step firstFree(List<Step> left, Set<String> waiting) {
    for (Step step : left) {
      if (Collections.disjoint(step.after(), waiting)) {
        return step;
      }
    }
    throw new IllegalStateException(
        "steps wait for each other: " + Words.list(left.stream().map(Step::key).toList()));
  }
}
