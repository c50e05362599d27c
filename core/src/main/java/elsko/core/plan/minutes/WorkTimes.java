package elsko.core.plan.minutes;

import elsko.core.boat.Boat;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.Method;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.CardProgress.Standing;
import elsko.core.ledger.CardProgress.StepProgress;
import elsko.core.ledger.fact.Procedure;
import elsko.core.plan.visits.LayUp;
import elsko.core.procedure.CardWriter;
import elsko.core.procedure.card.Card;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.request.CardRequest;
import elsko.core.procedure.request.Choices;
import elsko.core.procedure.request.Practices;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What the cards of a boat say of how long work took: from one step to the next, by the same
 * person. A boat that was left open teaches nothing for that time, nor does a soak, nor what was
 * entered all at once afterwards.
 */
public final class WorkTimes {
  /** Nobody is at one step longer than that: they were elsewhere. Estimate. */
  private static final Duration LONGEST = Duration.ofMinutes(100);

  /** Of a task so much must have been seen. */
  private static final double MOST_OF_IT = 0.8;

  /** Quicker than that it was not done but only entered. */
  private static final double NOT_REALLY = 0.25;

  private WorkTimes() {}

  /** Of every winterizing card, each task that was done in sight. */
  public static List<WorkTime> of(BoatState state, Practices practices) {
    List<WorkTime> found = new ArrayList<>();
    for (CardProgress progress : state.cards()) {
      if (progress.procedure() == Procedure.WINTERIZE) {
        ofCard(state, progress, practices, found);
      }
    }
    return found;
  }

  /** The kind of a task on a boat, by the methods chosen on a card. */
  public static WorkKind kind(Boat boat, String task, Map<String, String> choices) {
    boolean twin = boat.description().engines().size() > 1;
    return new WorkKind(task, method(boat, choices), boat.description().layout(), twin);
  }

  /** The same by what the yard does as usual. */
  public static WorkKind kind(Boat boat, String task, Practices practices) {
    return kind(boat, task, Choices.usual(boat, Procedure.WINTERIZE, practices));
  }

  private static @Nullable Method method(Boat boat, Map<String, String> choices) {
    for (Circuit circuit : boat.engineCircuits()) {
      String chosen = choices.get(circuit.key());
      for (Method method : Method.values()) {
        if (method.name().equals(chosen)) {
          return method;
        }
      }
    }
    return null;
  }

  private static final class Seen {
    private double took;
    private int inSight;
    private int expected;
    private @Nullable String person;
    private boolean byOne = true;
  }

  private static void ofCard(
      BoatState state, CardProgress progress, Practices practices, List<WorkTime> found) {
    Map<String, StepProgress> settled = new HashMap<>();
    progress
        .steps()
        .forEach(
            (key, step) -> {
              if (step.standing() == Standing.DONE && step.at() != null) {
                settled.put(key, step);
              }
            });
    if (settled.isEmpty()) {
      return;
    }
    Card card = CardWriter.write(new CardRequest(state, progress, practices));
    List<Step> done =
        card.steps().stream()
            .filter(step -> settled.containsKey(step.key()))
            .sorted(Comparator.comparing((Step step) -> settled.get(step.key()).at()))
            .toList();
    Map<String, Seen> byTask = new LinkedHashMap<>();
    Instant before = progress.openedAt();
    String by = progress.openedBy();
    boolean soaked = false;
    for (Step step : done) {
      StepProgress now = settled.get(step.key());
      Seen seen = byTask.computeIfAbsent(LayUp.taskOf(state.boat(), card, step), key -> new Seen());
      seen.expected += step.minutes();
      seen.byOne &= seen.person == null || seen.person.equals(now.by());
      seen.person = now.by();
      Duration gap = before == null ? LONGEST : Duration.between(before, now.at());
      if (!soaked && now.by().equals(by) && gap.compareTo(LONGEST) < 0) {
        seen.took += gap.toSeconds() / 60.0;
        seen.inSight += step.minutes();
      }
      before = now.at();
      by = now.by();
      soaked = step.soak() != null;
    }
    byTask.forEach(
        (task, seen) -> {
          boolean most = seen.inSight >= MOST_OF_IT * seen.expected && seen.inSight > 0;
          if (most && seen.byOne && seen.took >= NOT_REALLY * seen.inSight) {
            found.add(
                new WorkTime(
                    kind(state.boat(), task, progress.choices()),
                    seen.person,
                    seen.inSight,
                    seen.took));
          }
        });
  }
}
