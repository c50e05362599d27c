package elsko.server.work.told;

import elsko.core.ledger.CardProgress;
import elsko.server.fleet.Fleet;
import elsko.server.work.log.Folded;
import elsko.server.work.view.BoatView;
import elsko.server.work.view.CardView;
import elsko.server.work.view.CardsShown;
import elsko.server.work.view.TimersShown;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Puts together what an answer tells of a boat that was just written. */
@Component
public class Telling {
  private final Stamps stamps;
  private final CardsShown cards;
  private final Fleet fleet;
  private final TimersShown timers;

  Telling(Stamps stamps, CardsShown cards, Fleet fleet, TimersShown timers) {
    this.stamps = stamps;
    this.cards = cards;
    this.fleet = fleet;
    this.timers = timers;
  }

  /** What stands now, as far as the screen does not show it already. */
  public After after(Folded folded, After.Showing showing) {
    Stamps.Told<BoatView> boat = stamps.since(showing.boat(), BoatView.of(folded));
    CardView card = card(folded, showing.card());
    return new After(
        folded.log().size(),
        fleet.line(folded.row().id()),
        new After.BoatTold(boat.stamp(), boat.whole(), boat.changes()),
        card == null ? null : told(card, showing.cardStamp()),
        timers.of(folded, card));
  }

  private @Nullable CardView card(Folded folded, @Nullable UUID card) {
    CardProgress progress = card == null ? null : folded.state().card(card);
    return progress == null ? null : cards.of(folded, progress);
  }

  private After.CardTold told(CardView card, @Nullable String stamp) {
    Stamps.Told<CardView> told = stamps.since(stamp, card);
    return new After.CardTold(told.stamp(), told.whole(), told.changes());
  }
}
