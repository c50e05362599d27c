package elsko.server.work.told;

import elsko.server.fleet.BoatLine;
import elsko.server.work.view.BoatView;
import elsko.server.work.view.CardView;
import elsko.server.work.view.TimerView;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What stands after entries were taken in: nothing of it needs to be asked for again.
 *
 * @param entries how many the boat's log has now
 * @param line the boat in the list of all
 * @param card the card the screen shows; null while it shows none
 * @param timers that run on the boat's cards
 */
public record After(
    int entries, BoatLine line, BoatTold boat, @Nullable CardTold card, List<TimerView> timers) {

  /**
   * What a screen shows while it sends.
   *
   * @param boat the stamp of the boat as it was told last; null where it was told none
   * @param card which card; null where it shows none
   * @param cardStamp the stamp of that card
   */
  public record Showing(@Nullable String boat, @Nullable UUID card, @Nullable String cardStamp) {}

  /** The boat: whole, or what differs from what was told before. */
  public record BoatTold(
      String stamp, @Nullable BoatView whole, @Nullable List<PatchStep> changes) {}

  /** The card: whole, or what differs from what was told before. */
  public record CardTold(
      String stamp, @Nullable CardView whole, @Nullable List<PatchStep> changes) {}
}
