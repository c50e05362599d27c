package elsko.core.procedure;

import elsko.core.ledger.CardProgress;
import elsko.core.ledger.fact.Procedure;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Card;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.card.StepOrder;
import elsko.core.procedure.commission.CommissionCard;
import elsko.core.procedure.descale.DescaleCard;
import elsko.core.procedure.layup.LayUpServiceCard;
import elsko.core.procedure.layup.OilAgain;
import elsko.core.procedure.pump.PumpCard;
import elsko.core.procedure.pump.WaterOutCard;
import elsko.core.procedure.request.CardPlan;
import elsko.core.procedure.request.CardRequest;
import elsko.core.procedure.winterize.WinterizeCard;
import java.util.ArrayList;
import java.util.List;

/** Collects what a procedure's plan writes and puts it in an order that respects the reasons. */
public final class CardWriter {
  private CardWriter() {}

  /** Writes the card as it stands now. */
  public static Card write(CardRequest request) {
    CardPlan plan = plan(request);
    List<Step> written = new ArrayList<>(plan.steps(request));
    Step last = written.remove(written.size() - 1);
    if (isBeforeTheWinter(request.progress().procedure())) {
      written.addAll(OilAgain.steps(request));
    }
    List<Step> steps = new ArrayList<>(StepOrder.of(written));
    steps.add(last.waitingFor(steps.stream().map(Step::key).toList()));
    return new Card(
        request.progress().procedure(),
        plan.chosen(request),
        plan.notCovered(request),
        reachable(steps).stream().map(step -> asItIs(step, request.progress())).toList());
  }

  /** What a step has brought about is not let go of at that step afterwards. */
  private static Step asItIs(Step step, CardProgress progress) {
    boolean settled = progress.isSettled(step.key());
    boolean asked = settled && step.asks().stream().anyMatch(Ask.GiveUp.class::isInstance);
    return asked ? step.withoutGivingUp() : step;
  }

  private static boolean isBeforeTheWinter(Procedure procedure) {
    return switch (procedure) {
      case FLUSH, DESCALE, PUMP, LAY_UP_SERVICE, WINTERIZE -> true;
      case INTAKE, WATER_OUT, COMMISSION -> false;
    };
  }

  /** A time limit that the card's own steps do not fit into is not asked for. */
  private static List<Step> reachable(List<Step> steps) {
    List<Step> all = new ArrayList<>();
    for (int at = 0; at < steps.size(); at++) {
      Step step = steps.get(at);
      all.add(
          step.within() == null
                  || minutesSince(step.within().step(), steps.subList(0, at))
                      <= step.within().minutes()
              ? step
              : step.withoutLimit());
    }
    return List.copyOf(all);
  }

  /** How long the steps take that come after one. */
  static int minutesSince(String key, List<Step> before) {
    int minutes = 0;
    for (int at = before.size() - 1; at >= 0 && !before.get(at).key().equals(key); at--) {
      minutes += before.get(at).minutes();
    }
    return minutes;
  }

  private static CardPlan plan(CardRequest request) {
    return switch (request.progress().procedure()) {
      case INTAKE -> new IntakeCard();
      case FLUSH -> new FlushCard();
      case DESCALE -> new DescaleCard();
      case PUMP -> new PumpCard();
      case WATER_OUT -> new WaterOutCard();
      case LAY_UP_SERVICE -> new LayUpServiceCard();
      case WINTERIZE -> new WinterizeCard();
      case COMMISSION -> new CommissionCard();
    };
  }
}
