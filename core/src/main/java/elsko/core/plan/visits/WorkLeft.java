package elsko.core.plan.visits;

import elsko.core.ledger.CardProgress;
import elsko.core.ledger.fact.Procedure;
import elsko.core.plan.model.Asks;
import elsko.core.plan.model.Opening;
import elsko.core.plan.model.VisitTask;
import elsko.core.procedure.card.Step;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What is left to do on a boat, as the tasks of one visit.
 *
 * @param procedure whose card most of it is on
 * @param tasks in the order they are done; empty when nothing is left
 * @param safeAfter index of the task that ends its danger from frost; −1 when none does
 * @param promisedFor index of the task its promise is about; −1 when nothing is left
 * @param steps keys of the card's steps, by task
 */
public record WorkLeft(
    Procedure procedure,
    List<VisitTask> tasks,
    int safeAfter,
    int promisedFor,
    Map<String, List<String>> steps) {

  public WorkLeft {
    tasks = List.copyOf(tasks);
    steps = Map.copyOf(steps);
  }

  static WorkLeft nothing(Procedure procedure) {
    return new WorkLeft(procedure, List.of(), -1, -1, Map.of());
  }

  /** Those of a card's steps that nobody has done or skipped. */
  static List<Step> open(CardProgress progress, List<Step> steps) {
    return steps.stream().filter(step -> !progress.isSettled(step.key())).toList();
  }

  static int minutes(List<Step> steps) {
    return Math.min(600, Math.max(1, steps.stream().mapToInt(Step::minutes).sum()));
  }

  static int people(List<Step> steps) {
    return Math.min(2, steps.stream().mapToInt(Step::people).max().orElse(1));
  }

  /** In a shed an engine runs only while its doors stand open. */
  static Asks asks(List<Step> steps) {
    return steps.stream().anyMatch(step -> step.run() != null)
        ? Asks.of(Opening.DOORS)
        : Asks.NOTHING;
  }

  /**
   * The tasks where the boat stands: doors matter in a shed, and what is done in the open is done
   * by daylight.
   *
   * @param inTheOpen without a roof
   */
  public static List<VisitTask> standing(List<VisitTask> tasks, boolean inShed, boolean inTheOpen) {
    return tasks.stream()
        .map(
            task -> {
              Asks asks = inShed ? task.asks() : task.asks().without(Opening.DOORS);
              return task.asking(inTheOpen ? asks.and(Opening.DAYLIGHT) : asks);
            })
        .toList();
  }

  /** Tasks while they are put together. */
  static final class Gathered {
    final List<VisitTask> tasks = new ArrayList<>();
    private final Map<String, List<String>> steps = new LinkedHashMap<>();

    void add(VisitTask task, List<Step> open) {
      addKeys(task, open.stream().map(Step::key).toList());
    }

    void addKeys(VisitTask task, List<String> keys) {
      tasks.add(task);
      steps.put(task.key(), keys);
    }

    WorkLeft of(Procedure procedure, int safeAfter, int promisedFor) {
      return tasks.isEmpty()
          ? nothing(procedure)
          : new WorkLeft(procedure, tasks, safeAfter, promisedFor, steps);
    }
  }
}
