package elsko.server.work.view;

import elsko.core.ledger.CardProgress;
import elsko.core.procedure.CardWriter;
import elsko.core.procedure.card.Card;
import elsko.core.procedure.request.CardRequest;
import elsko.server.work.log.Folded;
import elsko.server.yard.Yards;
import java.time.Clock;
import org.springframework.stereotype.Component;

/** Cards as they are carried out now. */
@Component
public class CardsShown {
  private final Yards yards;
  private final Clock clock;

  CardsShown(Yards yards, Clock clock) {
    this.yards = yards;
    this.clock = clock;
  }

  public CardView of(Folded folded, CardProgress progress) {
    Card card =
        CardWriter.write(
            new CardRequest(folded.state(), progress, yards.practices(), clock.instant()));
    return CardView.of(folded, card, progress, yards.rules(), clock.instant());
  }
}
