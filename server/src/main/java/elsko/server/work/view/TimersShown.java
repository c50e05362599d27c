package elsko.server.work.view;

import elsko.core.ledger.CardProgress;
import elsko.core.procedure.CardWriter;
import elsko.core.procedure.request.CardRequest;
import elsko.server.work.log.Folded;
import elsko.server.yard.Yards;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The clocks that run on a boat's open cards. */
@Component
public class TimersShown {
  private final Yards yards;

  TimersShown(Yards yards) {
    this.yards = yards;
  }

  public List<TimerView> of(Folded folded) {
    return of(folded, null);
  }

  /**
   * @param shown a card that is written already; null where none is
   */
  public List<TimerView> of(Folded folded, @Nullable CardView shown) {
    return folded.state().cards().stream()
        .filter(card -> !card.isClosed())
        .flatMap(
            card ->
                shown != null && shown.id().equals(card.card())
                    ? shown.timers().stream()
                    : running(folded, card).stream())
        .toList();
  }

  private List<TimerView> running(Folded folded, CardProgress card) {
    return TimerView.of(
        folded, CardWriter.write(new CardRequest(folded.state(), card, yards.practices())), card);
  }
}
