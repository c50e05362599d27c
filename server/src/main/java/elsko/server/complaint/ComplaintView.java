package elsko.server.complaint;

import elsko.core.Text;
import elsko.core.Words;
import elsko.core.boat.Boat;
import elsko.core.boat.path.Position;
import elsko.core.complaint.BeforeAndAfter;
import elsko.core.complaint.Cause;
import elsko.core.complaint.ComplaintPlan;
import elsko.core.complaint.Suspicion;
import elsko.core.complaint.Work;
import elsko.core.guide.Complaint;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.ComplaintStanding;
import elsko.core.ledger.engine.Due;
import elsko.core.ledger.fact.Procedure;
import elsko.core.procedure.request.Choices;
import elsko.core.procedure.request.Practices;
import elsko.core.trend.TrendPoint;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What an owner complained of, and what is done about it.
 *
 * @param engine whose; null for the boat
 * @param settledAt when somebody said it is done; null while it stands
 * @param causes in the order they are looked at
 * @param oneThing whether one of them lies behind it; else all are looked at
 * @param minutesToFind how long looking takes until it is found, on average
 * @param waiting what going on as it is risks, in the units of repair cost: an engine is 25
 * @param curve where its gauge held before and after
 */
record ComplaintView(
    UUID id,
    @Nullable Position engine,
    Complaint complaint,
    String words,
    String by,
    Instant at,
    @Nullable Instant settledAt,
    List<CauseView> causes,
    boolean oneThing,
    double minutesToFind,
    int minutesForAll,
    double waiting,
    CurveView curve) {

  /**
   * What may lie behind it.
   *
   * @param percent how likely, of all that are listed
   * @param because what speaks for or against it on this boat; empty where nothing does
   * @param guide key of a guide that looks at it, or null
   * @param waiting what it costs if it is that and the boat goes on, in units of repair cost
   */
  record CauseView(
      String key,
      String words,
      int percent,
      int minutes,
      String how,
      Text because,
      @Nullable String guide,
      WorkView work,
      double waiting,
      String risk) {
    static CauseView of(BoatState state, @Nullable Position engine, Suspicion one) {
      Cause cause = one.cause();
      return new CauseView(
          cause.key(),
          cause.words(),
          (int) Math.round(100 * one.share()),
          cause.minutes(),
          cause.how(),
          one.because(),
          cause.guide(),
          WorkView.of(state, engine, cause.work()),
          cause.waiting(),
          cause.risk());
    }
  }

  /**
   * What is done about it: a card, something that falls due, or work that is added.
   *
   * @param item key of an interval, or null
   * @param perEngine the item is wanted for an engine; else for the boat
   * @param choices what can be chosen when the card is opened; empty where there is no card
   * @param wanted it is on the boat's work already
   */
  record WorkView(
      @Nullable Procedure card,
      @Nullable String item,
      boolean perEngine,
      String what,
      String words,
      List<Choices.Choice> choices,
      boolean wanted) {
    static WorkView of(BoatState state, @Nullable Position engine, Work work) {
      return new WorkView(
          work.card(),
          work.item() == null ? null : work.item().key(),
          work.item() != null && work.item().isPerEngine(),
          work.what(),
          work.words(),
          work.card() == null ? List.of() : Choices.of(state.boat(), work.card(), Practices.USUAL),
          isWanted(state, engine, work));
    }

    private static boolean isWanted(BoatState state, @Nullable Position engine, Work work) {
      if (work.card() != null) {
        return state.openCard(work.card()) != null;
      }
      if (work.item() != null) {
        Position whose = work.item().isPerEngine() ? engine : null;
        return state.services().planned().containsKey(new Due(whose, work.item()));
      }
      return state.work().stream().anyMatch(open -> open.what().equals(work.what()));
    }
  }

  /**
   * Where its gauge held.
   *
   * @param words the difference, in a sentence
   */
  record CurveView(List<TrendPoint> before, List<TrendPoint> after, Text words) {
    static CurveView of(BoatState state, ComplaintStanding complaint, List<TrendPoint> plateaus) {
      BeforeAndAfter both = BeforeAndAfter.of(state, complaint, plateaus);
      return new CurveView(both.before(), both.after(), both.words());
    }
  }

  static ComplaintView of(BoatState state, ComplaintPlan plan, List<TrendPoint> plateaus) {
    ComplaintStanding standing = plan.complaint();
    return new ComplaintView(
        standing.id(),
        standing.engine(),
        standing.complaint(),
        words(state.boat(), standing),
        standing.by(),
        standing.at(),
        standing.settledAt(),
        plan.causes().stream().map(one -> CauseView.of(state, standing.engine(), one)).toList(),
        standing.complaint().isOneThing(),
        plan.minutesToFind(),
        plan.minutesForAll(),
        plan.waiting(),
        CurveView.of(state, standing, plateaus));
  }

  private static String words(Boat boat, ComplaintStanding standing) {
    boolean named = standing.engine() != null && boat.engineCircuits().size() > 1;
    return Words.sentence(
        named
            ? standing.engine().words() + " " + standing.complaint().words()
            : standing.complaint().words());
  }
}
