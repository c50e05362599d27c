package elsko.core.procedure;

import elsko.core.Words;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** Collects what a procedure's plan writes and puts it in an order that respects the reasons. */
public final class CardWriter {
  private CardWriter() {}

  /** Writes the card as it stands now. */
  public static Card write(CardRequest request) {
    CardPlan plan = plan(request);
    List<Step> written = new ArrayList<>(plan.steps(request));
    Step last = written.remove(written.size() - 1);
    List<Step> steps = new ArrayList<>(ordered(written));
    steps.add(last.waitingFor(steps.stream().map(Step::key).toList()));
    return new Card(
        request.progress().procedure(),
        plan.chosen(request),
        plan.notCovered(request),
        List.copyOf(steps));
  }

  private static CardPlan plan(CardRequest request) {
    return switch (request.progress().procedure()) {
      case INTAKE -> new IntakeCard();
      case FLUSH -> new FlushCard();
      case DESCALE -> new DescaleCard();
      case LAY_UP_SERVICE -> new LayUpServiceCard();
      case WINTERIZE -> new WinterizeCard();
      case COMMISSION -> new CommissionCard();
    };
  }

  /** Stable: a step comes as early as it was written, but never before what it waits for. */
  static List<Step> ordered(List<Step> written) {
    List<Step> left = new ArrayList<>(written);
    List<Step> sorted = new ArrayList<>(written.size());
    Set<String> placed = new LinkedHashSet<>();
    Set<String> all = new LinkedHashSet<>();
    written.forEach(step -> all.add(step.key()));
    while (!left.isEmpty()) {
      Step next = nextOf(left, placed, all);
      left.remove(next);
      sorted.add(next);
      placed.add(next.key());
    }
    return List.copyOf(sorted);
  }

  private static Step nextOf(List<Step> left, Set<String> placed, Set<String> all) {
    for (Step step : left) {
      boolean waits = false;
      for (String before : step.after()) {
        waits |= all.contains(before) && !placed.contains(before);
      }
      if (!waits) {
        return step;
      }
    }
    throw new IllegalStateException(
        "steps wait for each other: " + Words.list(left.stream().map(Step::key).toList()));
  }
}
