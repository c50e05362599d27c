package elsko.core.plan.visits;

import elsko.core.ledger.BoatState;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.fact.Procedure;
import elsko.core.plan.model.Skill;
import elsko.core.plan.model.VisitTask;
import elsko.core.procedure.CardWriter;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.request.CardRequest;
import elsko.core.procedure.request.Practices;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Work that does not wait for its turn: water in the cylinders of an engine. Whatever else is left
 * on the boat comes after it.
 */
public final class SameDay {
  public static final String WATER_OUT = "water-out";

  /** An engine in the units of repair cost; as the frost clock has it. */
  private static final double ENGINE = 25;

  /** Salt water inside ends an engine within about so many days. Estimate. */
  private static final double DAYS = 3;

  private SameDay() {}

  /**
   * What is left with the urgent task before all else; null where nothing is so urgent.
   *
   * @param after what is left on the boat beside it
   */
  public static @Nullable WorkLeft of(BoatState state, Practices practices, WorkLeft after) {
    CardProgress card = state.openCard(Procedure.WATER_OUT);
    if (card == null) {
      return null;
    }
    List<Step> open =
        WorkLeft.open(card, CardWriter.write(new CardRequest(state, card, practices)).steps());
    WorkLeft.Gathered gathered = new WorkLeft.Gathered();
    gathered.add(
        new VisitTask(
            WATER_OUT,
            "Water out of the cylinders, today",
            WorkLeft.minutes(open),
            WorkLeft.people(open),
            Skill.ofEngines(state.boat()),
            null,
            null),
        open);
    for (VisitTask task : after.tasks()) {
      gathered.addKeys(task, after.steps().getOrDefault(task.key(), List.of()));
    }
    return gathered.of(Procedure.WATER_OUT, 0, after.promisedFor() + 1);
  }

  /** Whether it begins with work that does not wait. */
  public static boolean isIn(WorkLeft left) {
    return left.procedure() == Procedure.WATER_OUT;
  }

  /** What is lost of the engine when the water is let out so many days from now. */
  public static double lossAfter(int days) {
    return ENGINE * Math.min(1, days / DAYS);
  }
}
