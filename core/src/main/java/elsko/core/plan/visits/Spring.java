package elsko.core.plan.visits;

import elsko.core.ledger.BoatState;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.fact.Procedure;
import elsko.core.plan.model.Asks;
import elsko.core.plan.model.Equipment;
import elsko.core.plan.model.Opening;
import elsko.core.plan.model.Skill;
import elsko.core.plan.model.VisitTask;
import elsko.core.procedure.CardWriter;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.commission.SpringWork;
import elsko.core.procedure.request.CardRequest;
import elsko.core.procedure.request.Choices;
import elsko.core.procedure.request.Practices;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What is left to do on a boat until it is handed over in spring: the open steps of its
 * commissioning card, or of the one that would be written for it, put together into tasks. What
 * comes before the launch is done ashore; a promise is about the launch.
 */
public final class Spring {
  private Spring() {}

  /**
   * What is left on a boat.
   *
   * @param at now: what is due is due then
   */
  public static WorkLeft of(BoatState state, Practices practices, Instant at) {
    CardProgress open = state.openCard(Procedure.COMMISSION);
    CardProgress progress = open == null ? wouldBe(state, practices, at) : open;
    Map<SpringWork, List<Step>> byWork = new LinkedHashMap<>();
    for (SpringWork work : SpringWork.values()) {
      byWork.put(work, new ArrayList<>());
    }
    List<Step> steps = CardWriter.write(new CardRequest(state, progress, practices)).steps();
    for (Step step : WorkLeft.open(progress, steps)) {
      byWork.get(SpringWork.of(step)).add(step);
    }
    WorkLeft.Gathered gathered = new WorkLeft.Gathered();
    int promisedFor = -1;
    for (Map.Entry<SpringWork, List<Step>> work : byWork.entrySet()) {
      if (!work.getValue().isEmpty()) {
        gathered.add(task(work.getKey(), work.getValue(), state), work.getValue());
        if (work.getKey() == SpringWork.LAUNCH) {
          promisedFor = gathered.tasks.size() - 1;
        }
      }
    }
    return gathered.of(
        Procedure.COMMISSION, -1, promisedFor < 0 ? gathered.tasks.size() - 1 : promisedFor);
  }

  private static CardProgress wouldBe(BoatState state, Practices practices, Instant at) {
    return CardProgress.openedNow(
        state,
        Procedure.COMMISSION,
        Choices.usual(state.boat(), Procedure.COMMISSION, practices),
        at);
  }

  private static VisitTask task(SpringWork work, List<Step> open, BoatState state) {
    boolean launch = work == SpringWork.LAUNCH;
    VisitTask task =
        new VisitTask(
            work.key(),
            work.words(),
            WorkLeft.minutes(open),
            WorkLeft.people(open),
            switch (work) {
              case LAUNCH -> Set.of(Skill.LIFT);
              case SERVICE, ANTIFREEZE, RUN -> Skill.ofEngines(state.boat());
              default -> Set.of(Skill.SYSTEMS);
            },
            launch ? Equipment.LIFT : null,
            soak(open));
    return task.asking(
        launch ? Asks.of(Opening.LIFT_HOURS, Opening.DAYLIGHT) : WorkLeft.asks(open));
  }

  /** On the same day: minutes never reach over a night. */
  private static VisitTask.Soak soak(List<Step> open) {
    Step last = open.get(open.size() - 1);
    return last.soak() == null
        ? null
        : new VisitTask.Soak(
            last.soak().fromMinutes(), Math.min(last.soak().toMinutes(), VisitTask.Soak.LONGEST));
  }
}
