package elsko.server.work.view;

import elsko.core.ledger.BoatState;
import elsko.core.ledger.CardProgress;
import elsko.core.procedure.VisitPart;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.request.Practices;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A part of a lay-up's one visit: what of one card is done together.
 *
 * @param phase when in the visit, and {@code words} how that is called
 * @param cardWords what that card is for
 */
public record VisitPartView(
    VisitPart.Phase phase, String words, UUID card, String cardWords, List<VisitStepView> steps) {
  /**
   * One step of it.
   *
   * @param by who did or skipped it; null while it is open
   * @param elsewhere what another card has to do with it; null when nothing, or it is settled
   */
  record VisitStepView(
      String key,
      String title,
      CardProgress.Standing standing,
      @Nullable String by,
      @Nullable Instant at,
      CardView.@Nullable ElsewhereView elsewhere) {
    public static VisitStepView of(CardProgress card, Step step) {
      CardProgress.StepProgress so = card.step(step.key());
      return new VisitStepView(
          step.key(),
          step.title(),
          so.standing(),
          so.by(),
          so.at(),
          so.standing() == CardProgress.Standing.OPEN ? CardView.ElsewhereView.of(step) : null);
    }
  }

  public static List<VisitPartView> of(BoatState state, Practices practices, Instant now) {
    return VisitPart.of(state, practices, now).stream().map(VisitPartView::of).toList();
  }

  private static VisitPartView of(VisitPart part) {
    return new VisitPartView(
        part.phase(),
        part.phase().words(),
        part.card().card(),
        part.card().procedure().words(),
        part.steps().stream().map(step -> VisitStepView.of(part.card(), step)).toList());
  }
}
